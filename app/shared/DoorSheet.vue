<script setup lang="ts">
import BenchMark from './BenchMark.vue'

/** The sheet at the door of the bench: what stands there before somebody is in. */
defineProps<{ title: string }>()
</script>

<template>
  <main class="door">
    <div class="sheet">
      <BenchMark />
      <h1>{{ title }}</h1>
      <slot />
    </div>
  </main>
</template>

<style scoped>
.door {
  display: grid;
  place-items: center;
  min-height: 100vh;
  padding: 24px;
  background: var(--kraft);
}

.sheet {
  width: 100%;
  max-width: 400px;
  padding: 30px 32px 28px;
  border: 1px solid var(--line);
  border-top: 4px solid var(--leaf);
  border-radius: 9px;
  background: var(--sheet);
}

h1 {
  margin: 22px 0 16px;
  font-size: var(--size-title);
  line-height: 1.2;
  letter-spacing: -0.015em;
}

.sheet > :slotted(p) {
  margin: 0 0 16px;
}
</style>
