<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { space } from '~~/core/fittings/space'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'space'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'space'>, subject: string] }>()
</script>

<template>
  <NumberSetting
    :label="words.height"
    :value="settings.height"
    :fallback="space.defaults.height"
    :least="8"
    :most="240"
    unit="px"
    @change="emit('change', { ...props.settings, height: $event }, 'height')"
  />
</template>
