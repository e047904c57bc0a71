<script setup lang="ts">
import { borderLines } from '~~/core/looks/properties/edges'
import type { Border } from '~~/core/looks/properties/edges'
import NumberSetting from '../../../shared/settings/NumberSetting.vue'
import SelectSetting from '../../../shared/settings/SelectSetting.vue'
import { words } from '../words'
import ColourValue from './ColourValue.vue'

/** The border of a side, or of all four. */
defineProps<{ label: string; value: Border }>()
const emit = defineEmits<{ change: [value: Border] }>()
const lines = borderLines.map((value) => ({ value, title: words.choices[value] ?? value }))
</script>

<template>
  <div class="several" role="group" :aria-label="label">
    <NumberSetting
      :label="words.width"
      :value="value.width"
      :least="0"
      :most="40"
      unit="px"
      @change="emit('change', { ...value, width: $event })"
    />
    <SelectSetting
      :label="words.line"
      :value="value.line"
      :choices="lines"
      @change="emit('change', { ...value, line: $event })"
    />
    <ColourValue
      class="whole"
      :label="label"
      :value="value.colour"
      @change="emit('change', { ...value, colour: $event })"
    />
  </div>
</template>
