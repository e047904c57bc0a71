<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { heading } from '~~/core/fittings/heading'
import { headingLevelChoices, words as bench } from '../words'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'heading'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'heading'>, subject: string] }>()
</script>

<template>
  <TextSetting
    :label="words.text"
    :value="settings.text"
    :most="160"
    required
    @change="emit('change', { ...props.settings, text: $event }, 'text')"
  />
  <SelectSetting
    :label="bench.headingLevel"
    :value="settings.level"
    :fallback="heading.defaults.level"
    :choices="headingLevelChoices"
    @change="emit('change', { ...props.settings, level: $event }, 'level')"
  />
</template>
