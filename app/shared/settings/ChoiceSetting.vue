<script setup lang="ts" generic="Value extends string | number">
import { useId } from 'vue'
import { steppedChoice } from './radio-steps'
import SettingRow from './SettingRow.vue'

/** One of a few, all in sight. */
const props = defineProps<{
  label: string
  value: Value
  choices: readonly { readonly value: Value; readonly title: string }[]
  fallback?: Value
  /** The label is only read aloud: what stands around it says it already. */
  bare?: boolean
}>()
const emit = defineEmits<{ change: [value: Value] }>()
const id = useId()

function step(event: KeyboardEvent) {
  const next = steppedChoice(event, props.choices, props.value)
  if (next !== null) emit('change', next)
}
</script>

<template>
  <SettingRow
    :label="label"
    :bare="bare"
    :changed="fallback !== undefined && value !== fallback"
    @reset="fallback !== undefined && emit('change', fallback)"
  >
    <div class="choices" role="radiogroup" :aria-label="label">
      <button
        v-for="choice in choices"
        :id="`${id}-${choice.value}`"
        :key="choice.value"
        type="button"
        role="radio"
        :aria-checked="choice.value === value"
        :tabindex="choice.value === value ? 0 : -1"
        @click="emit('change', choice.value)"
        @keydown="step"
      >
        {{ choice.title }}
      </button>
    </div>
  </SettingRow>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 1px;
  border: 1px solid var(--edge);
  border-radius: 7px;
  overflow: hidden;
  background: var(--line);
}

button {
  flex: 1;
  min-width: max-content;
  min-height: 34px;
  padding: 0 6px;
  background: var(--sheet);
  text-align: center;
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--text);
}

button:hover {
  background: var(--hover);
}

button[aria-checked='true'] {
  background: var(--clause, var(--ink));
  color: var(--sheet);
}

button:focus-visible {
  outline-offset: -3px;
  outline-color: currentColor;
}
</style>
