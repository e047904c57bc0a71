<script setup lang="ts">
import type { EntryState } from '~~/core/content/entry'
import { words } from './words'

defineProps<{ state: EntryState }>()
</script>

<template>
  <span class="mark" :data-state="state">{{ words.states[state] }}</span>
</template>

<style scoped>
.mark {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-size: var(--size-small);
  font-weight: 600;
  white-space: nowrap;
}

.mark::before {
  content: '';
  width: 9px;
  height: 9px;
  border: 2px solid currentcolor;
  border-radius: 50%;
}

[data-state='published'] {
  color: var(--leaf);
}

[data-state='published']::before {
  background: currentcolor;
}

[data-state='scheduled'] {
  color: rgb(var(--v-theme-order));
}

[data-state='scheduled']::before {
  background: linear-gradient(90deg, currentcolor 50%, transparent 50%);
}

[data-state='expired'] {
  color: rgb(var(--v-theme-amount));
}

[data-state='expired']::before {
  background: linear-gradient(0deg, currentcolor 50%, transparent 50%);
}

[data-state='draft'] {
  color: var(--rust-ink);
}

[data-state='archived'] {
  color: var(--soft);
}

[data-state='archived']::before {
  border-radius: 2px;
}
</style>
