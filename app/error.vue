<script setup lang="ts">
import { NuxtLink } from '#components'
import { useHead } from '#imports'
import type { NuxtError } from '#app'
import { computed } from 'vue'
import DoorSheet from './shared/DoorSheet.vue'

/** What stands where nothing of the bench is, or where a screen could not be shown. */
const props = defineProps<{ error: NuxtError }>()
const words = {
  missing: 'There is nothing here',
  missingText: 'Nothing of the bench stands at this address. It may have been moved or deleted.',
  failed: 'This screen could not be shown',
  failedText: 'What you saved is safe. Open it again, or go on elsewhere.',
  pages: 'To the pages',
}
const isMissing = computed(() => props.error.statusCode === 404)
const title = computed(() => (isMissing.value ? words.missing : words.failed))
useHead({ title: () => `${title.value} · Bushel` })
</script>

<template>
  <DoorSheet :title="title">
    <p>{{ isMissing ? words.missingText : words.failedText }}</p>
    <NuxtLink to="/bench">{{ words.pages }}</NuxtLink>
  </DoorSheet>
</template>

<style scoped>
a {
  display: inline-block;
  line-height: 24px;
  font-weight: 600;
  color: var(--leaf);
}
</style>
