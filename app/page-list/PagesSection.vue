<script setup lang="ts">
/** A part of the list of pages; the first has no title, being what the screen is about. */
defineProps<{ title?: string; hint?: string }>()
</script>

<template>
  <section :aria-label="title">
    <h2 v-if="title">{{ title }}</h2>
    <p v-if="hint" class="hint">{{ hint }}</p>
    <slot />
  </section>
</template>

<style scoped>
h2 {
  margin-top: 38px;
  font-size: var(--size-head);
}

.hint {
  max-width: 70ch;
  margin-top: 2px;
  color: var(--soft);
}
</style>
