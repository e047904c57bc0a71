<script setup lang="ts">
import { computed } from 'vue'
import { borderLines } from '~~/core/looks/properties/edges'
import type { Border } from '~~/core/looks/properties/edges'
import NumberSetting from '../../../shared/settings/NumberSetting.vue'
import SelectSetting from '../../../shared/settings/SelectSetting.vue'
import { words } from '../words'
import ColourValue from './ColourValue.vue'

/** The border of a side, or of all four. */
const props = defineProps<{ label: string; value: Border | undefined }>()
const emit = defineEmits<{ change: [value: Border] }>()
const border = computed<Border>(() => props.value ?? { width: 1, line: 'solid', colour: 'line' })
const lines = borderLines.map((value) => ({ value, title: words.choices[value] ?? value }))
</script>

<template>
  <v-btn
    v-if="value === undefined"
    height="32"
    :aria-label="words.setOf(label)"
    @click="emit('change', border)"
    >{{ words.set }}</v-btn
  >
  <div v-else class="several" role="group" :aria-label="label">
    <NumberSetting
      :label="words.width"
      :value="border.width"
      :least="0"
      :most="40"
      unit="px"
      @change="emit('change', { ...border, width: $event })"
    />
    <SelectSetting
      :label="words.line"
      :value="border.line"
      :choices="lines"
      @change="emit('change', { ...border, line: $event })"
    />
    <ColourValue
      class="whole"
      :label="label"
      :value="border.colour"
      @change="emit('change', { ...border, colour: $event })"
    />
  </div>
</template>
