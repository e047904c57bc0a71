<script setup lang="ts">
import ColumnStops from './ColumnStops.vue'
import type { ChosenShape } from '~~/core/shapes'
import { masonry } from '~~/core/shapes/masonry'

const props = defineProps<{ settings: ChosenShape<'masonry'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'masonry'>, subject: string] }>()

function set(change: Partial<ChosenShape<'masonry'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <ColumnStops
    :stops="settings.stops"
    :fallback="masonry.defaults.stops"
    @change="(stops, subject) => set({ stops }, subject)"
  />
</template>
