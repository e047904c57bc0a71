<script setup lang="ts">
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import ColumnStops from './ColumnStops.vue'
import { choicesOf } from '../../shared/settings/choices'
import type { ChosenShape } from '~~/core/shapes'
import { grid } from '~~/core/shapes/grid'
import { words } from './words'

const props = defineProps<{ settings: ChosenShape<'grid'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'grid'>, subject: string] }>()

function set(change: Partial<ChosenShape<'grid'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <SwitchSetting
    :label="words.fitting"
    :value="settings.fit !== null"
    :fallback="false"
    @change="set({ fit: $event ? 220 : null })"
  />
  <NumberSetting
    v-if="settings.fit !== null"
    :label="words.fit"
    :value="settings.fit"
    :least="80"
    :most="1200"
    unit="px"
    @change="set({ fit: $event })"
  />
  <ChoiceSetting
    :label="words.heights"
    :value="settings.heights"
    :fallback="grid.defaults.heights"
    :choices="choicesOf(words.heightChoices)"
    @change="set({ heights: $event })"
  />
  <ColumnStops
    :stops="settings.stops"
    :fallback="grid.defaults.stops"
    :fixed="settings.fit !== null"
    @change="(stops, subject) => set({ stops }, subject)"
  />
</template>
