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
  padding: 32px;
  border-radius: 9px;
  background: #fff;
}

h1 {
  margin: 20px 0 12px;
  font-size: 24px;
  letter-spacing: -0.015em;
}

.sheet :slotted(form) {
  display: grid;
  gap: 16px;
}
</style>
