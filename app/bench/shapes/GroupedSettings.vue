<script setup lang="ts">
import ColumnStops from './ColumnStops.vue'
import GroupingSetting from './GroupingSetting.vue'
import type { ChosenShape } from '~~/core/shapes'
import { grouped } from '~~/core/shapes/grouped'
import { words } from './words'

const props = defineProps<{ settings: ChosenShape<'grouped'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'grouped'>, subject: string] }>()

function set(change: Partial<ChosenShape<'grouped'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <GroupingSetting
    :by="settings.by"
    :fallback="grouped.defaults.by"
    :names="words.groupings"
    :facet="settings.facet"
    @by="set({ by: $event })"
    @facet="set({ facet: $event })"
  />
  <ColumnStops
    :stops="settings.stops"
    :fallback="grouped.defaults.stops"
    @change="(stops, subject) => set({ stops }, subject)"
  />
</template>
