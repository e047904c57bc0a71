<script setup lang="ts">
import type { Shadow } from '~~/core/looks/properties/edges'
import NumberSetting from '../../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../../shared/settings/SwitchSetting.vue'
import { words } from '../words'
import ColourValue from './ColourValue.vue'

/** A shadow: how far it lies off, how soft it is, and of what colour. */
defineProps<{ label: string; value: Shadow }>()
const emit = defineEmits<{ change: [value: Shadow] }>()
const lengths = [
  { name: 'right', least: -100, most: 100 },
  { name: 'down', least: -100, most: 100 },
  { name: 'blur', least: 0, most: 200 },
  { name: 'spread', least: -100, most: 100 },
] as const
</script>

<template>
  <div class="several" role="group" :aria-label="label">
    <NumberSetting
      v-for="one in lengths"
      :key="one.name"
      :label="words.shadow[one.name]"
      :value="value[one.name]"
      :least="one.least"
      :most="one.most"
      unit="px"
      @change="emit('change', { ...value, [one.name]: $event })"
    />
    <ColourValue
      class="whole"
      :label="label"
      :value="value.colour"
      @change="emit('change', { ...value, colour: $event })"
    />
    <SwitchSetting
      class="whole"
      :label="words.shadow.inside"
      :value="value.inside"
      @change="emit('change', { ...value, inside: $event })"
    />
  </div>
</template>
