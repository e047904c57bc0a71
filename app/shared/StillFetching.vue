<script setup lang="ts">
import { words } from './words'

/** Stands for a part of the screen that was asked for and is still on its way. */
</script>

<template>
  <Teleport to="body">
    <p class="still-fetching" role="status">{{ words.stillFetching }}</p>
  </Teleport>
</template>

<style scoped>
.still-fetching {
  position: fixed;
  z-index: 2400;
  inset-block-end: 20px;
  inset-inline: 16px;
  width: fit-content;
  margin-inline: auto;
  padding: 12px 16px;
  font-family: var(--sans);
  font-size: var(--size-small);
  color: var(--sheet);
  background: var(--ink);
  border-radius: 6px;
}
</style>
