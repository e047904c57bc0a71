<script setup lang="ts">
import { NuxtLink } from '#components'
</script>

<template>
  <NuxtLink class="mark" to="/bench" aria-label="Bushel, pages">
    <svg viewBox="0 0 28 24" width="26" height="22" aria-hidden="true">
      <path d="M2 4h24M5.5 4v10a6 6 0 0 0 6 6h5a6 6 0 0 0 6-6V4" />
    </svg>
    <span>Bushel</span>
  </NuxtLink>
</template>

<style scoped>
.mark {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  color: var(--ink);
  font-weight: 700;
  font-size: var(--size-head);
  text-decoration: none;
  letter-spacing: -0.01em;
}

path {
  fill: none;
  stroke: var(--leaf);
  stroke-width: 2.6;
  stroke-linecap: round;
}
</style>
