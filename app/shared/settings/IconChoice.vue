<script setup lang="ts" generic="Value extends string">
import { steppedChoice } from './radio-steps'

/** One of several kinds, each with its sign (an icon, or what the slot draws) and its name. */
const props = defineProps<{
  label: string
  value: Value
  choices: readonly {
    readonly value: Value
    readonly title: string
    readonly about: string
    readonly icon?: string
  }[]
}>()
const emit = defineEmits<{ change: [value: Value] }>()

function step(event: KeyboardEvent) {
  const next = steppedChoice(event, props.choices, props.value)
  if (next !== null) emit('change', next)
}
</script>

<template>
  <div class="kinds" role="radiogroup" :aria-label="label">
    <button
      v-for="choice in choices"
      :key="choice.value"
      type="button"
      role="radio"
      :aria-checked="choice.value === value"
      :tabindex="choice.value === value ? 0 : -1"
      :title="choice.about"
      @click="emit('change', choice.value)"
      @keydown="step"
    >
      <slot :choice="choice"><v-icon :icon="choice.icon" size="22" /></slot><span>{{ choice.title }}</span>
    </button>
  </div>
</template>

<style scoped>
.kinds {
  display: grid;
  grid-template-columns: repeat(var(--columns, 4), minmax(0, 1fr));
  gap: 6px;
}

button {
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 3px;
  min-height: 62px;
  padding: 6px 2px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--text);
  font-size: var(--size-fine);
  font-weight: 600;
  line-height: 1.15;
  text-align: center;
}

button:hover {
  border-color: var(--edge-strong);
}

button[aria-checked='true'] {
  border-color: var(--clause, var(--ink));
  background: color-mix(in srgb, var(--clause, var(--ink)) 10%, var(--sheet));
  color: var(--clause, var(--ink));
  box-shadow: inset 0 0 0 1px var(--clause, var(--ink));
}
</style>
