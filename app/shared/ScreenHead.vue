<script setup lang="ts">
/** The head of a screen: what it is, and what can be done on it. */
defineProps<{ title: string; hint?: string }>()
</script>

<template>
  <header class="screen-head">
    <div class="screen-line">
      <h1>{{ title }}</h1>
      <slot />
    </div>
    <p v-if="hint" class="screen-hint">{{ hint }}</p>
  </header>
</template>

<style scoped>
.screen-head {
  margin-bottom: 14px;
}

.screen-line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

h1 {
  flex: 1 1 auto;
  min-width: 0;
  overflow-wrap: anywhere;
  font-size: var(--size-title);
  line-height: 1.25;
  letter-spacing: -0.015em;
}

.screen-hint {
  margin-top: 4px;
  font-size: var(--size-small);
  color: var(--soft);
}
</style>
