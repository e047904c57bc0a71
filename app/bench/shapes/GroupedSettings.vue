<script setup lang="ts">
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import ColumnStops from './ColumnStops.vue'
import FacetChoice from './FacetChoice.vue'
import { choicesOf } from '../../shared/settings/choices'
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
  <ChoiceSetting
    :label="words.by"
    :value="settings.by"
    :fallback="grouped.defaults.by"
    :choices="choicesOf(words.groupings)"
    @change="set({ by: $event })"
  />
  <FacetChoice v-if="settings.by === 'term'" :facet="settings.facet" @change="set({ facet: $event })" />
  <ColumnStops
    :stops="settings.stops"
    :fallback="grouped.defaults.stops"
    @change="(stops, subject) => set({ stops }, subject)"
  />
</template>
