<script setup lang="ts">
import type { Labelled } from '~~/core/visitors/labelled'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { words } from './words'

/** What every control has: what it is called, for whom, and whether it folds. */
/** Nothing for `folds` is that it never does. */
type LabelChange = { readonly [Key in keyof Labelled]?: Labelled[Key] | undefined }

defineProps<{
  control: Labelled
  /** What it is called where nothing is typed. */
  usual: string
  fallback: Labelled
}>()
const emit = defineEmits<{ change: [change: LabelChange] }>()
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
  <ChoiceSetting
    v-if="!control.labelHidden"
    :label="words.folds"
    :value="control.folds ?? 'never'"
    fallback="never"
    :choices="choicesOf(words.foldings)"
    @change="emit('change', { folds: $event === 'never' ? undefined : $event })"
  />
</template>
