<script setup lang="ts">
import { mdiUndoVariant } from '@mdi/js'
import { words } from '../words'

/** The way back to a setting's default. */
defineProps<{
  of: string
  /** The words are only read aloud: there is room for the sign alone. */
  bare?: boolean
}>()
</script>

<template>
  <button
    type="button"
    class="put-back"
    :aria-label="words.putBackOf(of)"
    :title="bare ? words.putBack : undefined"
  >
    <v-icon :icon="mdiUndoVariant" size="14" /><template v-if="!bare">{{ words.putBack }}</template>
  </button>
</template>

<style scoped>
.put-back {
  display: inline-flex;
  align-items: center;
  gap: 3px;
  min-height: 24px;
  padding: 0 4px;
  border-radius: 5px;
  font-size: var(--size-fine);
  font-weight: 600;
  color: var(--soft);
}

.put-back:hover {
  background: var(--hover);
  color: var(--ink);
}
</style>
