<script setup lang="ts">
import { noFilter } from '~~/core/looks/properties/picture'
import type { Filter } from '~~/core/looks/properties/picture'
import NumberSetting from '../../../shared/settings/NumberSetting.vue'
import { words } from '../words'

/** How pictures are changed: as they are where nothing is set. */
defineProps<{ label: string; value: Filter }>()
const emit = defineEmits<{ change: [value: Filter] }>()
const parts = [
  { name: 'brightness', least: 0, most: 300, unit: '%' },
  { name: 'contrast', least: 0, most: 300, unit: '%' },
  { name: 'colourful', least: 0, most: 300, unit: '%' },
  { name: 'grey', least: 0, most: 100, unit: '%' },
  { name: 'sepia', least: 0, most: 100, unit: '%' },
  { name: 'turn', least: -180, most: 180, unit: '°' },
  { name: 'blur', least: 0, most: 40, unit: 'px' },
] as const
</script>

<template>
  <div class="several" role="group" :aria-label="label">
    <NumberSetting
      v-for="one in parts"
      :key="one.name"
      :label="words.filter[one.name]"
      :value="value[one.name]"
      :fallback="noFilter[one.name]"
      :least="one.least"
      :most="one.most"
      :unit="one.unit"
      @change="emit('change', { ...value, [one.name]: $event })"
    />
  </div>
</template>
