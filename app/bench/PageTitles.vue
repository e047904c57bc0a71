<script setup lang="ts">
import { useDraft } from '../stores/bench/draft'
import { words } from './words'

/** Which page this is. What is set for it stands beside it while nothing is chosen. */
const draft = useDraft()
</script>

<template>
  <section class="titles" :aria-label="words.page">
    <span class="what">{{ draft.sharedArea === null ? draft.path : words.sharedArea }}</span>
    <h1>{{ draft.page.title }}</h1>
  </section>
</template>

<style scoped>
.titles {
  display: grid;
  margin-bottom: 10px;
  padding: 2px 6px 6px;
}

.what {
  font-size: var(--size-fine);
  color: var(--soft);
}

h1 {
  font-size: var(--size-lead);
  font-weight: 700;
}
</style>
