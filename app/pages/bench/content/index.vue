<script setup lang="ts">
import { navigateTo, useHead } from '#imports'
import ContentFrame from '../../../content/ContentFrame.vue'
import type { CollectionRow } from '~~/core/content/answers'
import { words } from '../../../content/words'
import { request } from '../../../shared/http'

useHead({ title: 'Content · Bushel' })

/** There is always something to look at: the first collection. */
void request<readonly CollectionRow[]>('GET', '/api/bench/collections').then(async ([first]) => {
  if (first) await navigateTo(`/bench/content/${first.slug}`, { replace: true })
})
</script>

<template>
  <ContentFrame>
    <p>{{ words.loading }}</p>
  </ContentFrame>
</template>
