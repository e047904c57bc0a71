<script setup lang="ts">
import { useHead } from '#imports'
import ContentFrame from '../../../content/ContentFrame.vue'
import { words } from '../../../content/words'

/** Seen only while the server does not answer: the way here leads on to the first collection. */
useHead({ title: 'Content · Bushel' })
</script>

<template>
  <ContentFrame>
    <p>{{ words.unreachable }}</p>
  </ContentFrame>
</template>
