<script setup lang="ts">
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { words } from './words'

/** What every control has: what it is called, and for whom. */
interface Labelled {
  readonly label: string
  readonly labelHidden: boolean
}
defineProps<{
  control: Labelled
  /** What it is called where nothing is typed. */
  usual: string
  fallback: Labelled
}>()
const emit = defineEmits<{ change: [change: Partial<Labelled>] }>()
</script>

<template>
  <v-text-field
    :label="words.label"
    :hint="words.labelHint(usual)"
    persistent-hint
    maxlength="80"
    :model-value="control.label"
    @update:model-value="emit('change', { label: $event ?? '' })"
  />
  <SwitchSetting
    :label="words.labelHidden"
    :value="control.labelHidden"
    :fallback="fallback.labelHidden"
    @change="emit('change', { labelHidden: $event })"
  />
</template>
