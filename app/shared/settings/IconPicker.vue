<script setup lang="ts">
import { collectionIcons } from '~~/core/content/collection'
import type { CollectionIcon } from '~~/core/content/collection'
import { iconPaths } from '~~/site/icons'
import { steppedChoice } from './radio-steps'

/** One of the icons, all in sight. */
const props = defineProps<{ label: string; value: CollectionIcon }>()
const emit = defineEmits<{ change: [icon: CollectionIcon] }>()
const choices = collectionIcons.map((value) => ({ value }))

function step(event: KeyboardEvent) {
  const next = steppedChoice(event, choices, props.value)
  if (next !== null) emit('change', next)
}
</script>

<template>
  <div class="icons" role="radiogroup" :aria-label="label">
    <button
      v-for="icon in collectionIcons"
      :key="icon"
      type="button"
      role="radio"
      :aria-label="icon"
      :aria-checked="icon === value"
      :tabindex="icon === value ? 0 : -1"
      @click="emit('change', icon)"
      @keydown="step"
    >
      <v-icon :icon="iconPaths[icon]" size="20" />
    </button>
  </div>
</template>

<style scoped>
.icons {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  max-width: 316px;
}

button {
  width: 36px;
  height: 36px;
  border: 1px solid transparent;
  border-radius: 7px;
  text-align: center;
  color: var(--text);
}

button:hover {
  background: var(--hover);
}

button[aria-checked='true'] {
  border-color: var(--clause, var(--leaf));
  background: color-mix(in srgb, var(--clause, var(--leaf)) 12%, var(--sheet));
  color: var(--clause, var(--leaf));
}
</style>
