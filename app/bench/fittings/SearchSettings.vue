<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { search } from '~~/core/fittings/search'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'search'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'search'>, subject: string] }>()
</script>

<template>
  <TextSetting
    :label="words.searchHint"
    :value="settings.hint"
    :fallback="search.defaults.hint"
    :most="80"
    @change="emit('change', { ...props.settings, hint: $event }, 'hint')"
  />
  <TextSetting
    :label="words.searchButton"
    :value="settings.button"
    :fallback="search.defaults.button"
    :most="40"
    required
    @change="emit('change', { ...props.settings, button: $event }, 'button')"
  />
</template>
