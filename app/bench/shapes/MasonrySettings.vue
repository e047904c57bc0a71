<script setup lang="ts">
import ColumnFields from './ColumnFields.vue'
import StopList from './StopList.vue'
import type { ChosenShape } from '~~/core/shapes'
import { masonry } from '~~/core/shapes/masonry'

const props = defineProps<{ settings: ChosenShape<'masonry'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'masonry'>, subject: string] }>()

function set(change: Partial<ChosenShape<'masonry'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <StopList
    v-slot="{ stop, set: setStop }"
    :stops="settings.stops"
    :fallback="masonry.defaults.stops"
    @change="(stops, subject) => set({ stops }, subject)"
  >
    <ColumnFields :stop="stop" @change="setStop" />
  </StopList>
</template>
