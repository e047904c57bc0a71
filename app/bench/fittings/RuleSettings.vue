<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { ruleFitting } from '~~/core/fittings/rule'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'rule'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'rule'>, subject: string] }>()
</script>

<template>
  <ChoiceSetting
    :label="words.line"
    :value="settings.line"
    :fallback="ruleFitting.defaults.line"
    :choices="choicesOf(words.lines)"
    @change="emit('change', { ...props.settings, line: $event }, 'line')"
  />
</template>
