<script setup lang="ts">
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import ColumnStops from './ColumnStops.vue'
import GroupingSetting from './GroupingSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import type { ChosenShape } from '~~/core/shapes'
import { tabs } from '~~/core/shapes/tabs'
import { words } from './words'

const props = defineProps<{ settings: ChosenShape<'tabs'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'tabs'>, subject: string] }>()

function set(change: Partial<ChosenShape<'tabs'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <GroupingSetting
    :by="settings.by"
    :fallback="tabs.defaults.by"
    :names="words.tabsBys"
    :facet="settings.facet"
    @by="set({ by: $event })"
    @facet="set({ facet: $event })"
  />
  <ChoiceSetting
    :label="words.tabs"
    :value="settings.place"
    :fallback="tabs.defaults.place"
    :choices="choicesOf(words.tabsPlaces)"
    @change="set({ place: $event })"
  />
  <ColumnStops
    v-if="settings.by !== 'entry'"
    :stops="settings.stops"
    :fallback="tabs.defaults.stops"
    @change="(stops, subject) => set({ stops }, subject)"
  />
</template>
