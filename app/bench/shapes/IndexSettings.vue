<script setup lang="ts">
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import type { ChosenShape } from '~~/core/shapes'
import { indexPreview } from '~~/core/shapes/index-preview'
import { words } from './words'

const props = defineProps<{ settings: ChosenShape<'index'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'index'>, subject: string] }>()

function set(change: Partial<ChosenShape<'index'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <ChoiceSetting
    :label="words.preview"
    :value="settings.side"
    :fallback="indexPreview.defaults.side"
    :choices="choicesOf(words.sides)"
    @change="set({ side: $event })"
  />
  <NumberSetting
    :label="words.previewShare"
    :value="settings.share"
    :fallback="indexPreview.defaults.share"
    :least="30"
    :most="80"
    :unit="words.perCent"
    @change="set({ share: $event })"
  />
  <NumberSetting
    :label="words.besideFrom"
    :value="settings.beside"
    :fallback="indexPreview.defaults.beside"
    :least="40"
    :most="4000"
    unit="px"
    @change="set({ beside: $event })"
  />
</template>
