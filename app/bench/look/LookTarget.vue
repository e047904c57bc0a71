<script setup lang="ts">
import { words } from './words'
import type { OfferedTarget } from './offered-target'

/** One thing that can be styled. */
defineProps<{ target: OfferedTarget; chosen: string }>()
</script>

<template>
  <button
    type="button"
    role="radio"
    :aria-checked="target.value === chosen"
    :aria-label="target.styled ? `${target.title}, ${words.styled}` : target.title"
    :tabindex="target.value === chosen ? 0 : -1"
  >
    {{ target.title }}<span v-if="target.styled" class="dot" aria-hidden="true" />
  </button>
</template>

<style scoped>
button {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  min-height: 32px;
  padding: 2px 9px;
  border: 1px solid var(--edge);
  border-radius: 7px;
  background: var(--sheet);
  font-size: var(--size-small);
  font-weight: 600;
  line-height: 1.25;
  color: var(--text);
  text-align: start;
}

button:hover {
  background: var(--hover);
}

button[aria-checked='true'] {
  border-color: var(--clause);
  background: var(--clause);
  color: var(--sheet);
}

.dot {
  flex: none;
  width: 7px;
  height: 7px;
  border-radius: 50%;
  background: var(--clause);
}

button[aria-checked='true'] .dot {
  background: var(--sheet);
}
</style>
