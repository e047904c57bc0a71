<script setup lang="ts">
import { computed } from 'vue'
import type { Shadow } from '~~/core/looks/properties/edges'
import NumberSetting from '../../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../../shared/settings/SwitchSetting.vue'
import { words } from '../words'
import ColourValue from './ColourValue.vue'

/** A shadow: how far it lies off, how soft it is, and of what colour. */
const props = defineProps<{ label: string; value: Shadow | undefined }>()
const emit = defineEmits<{ change: [value: Shadow] }>()
const shadow = computed<Shadow>(
  () => props.value ?? { right: 0, down: 6, blur: 20, spread: 0, colour: '#1d2b2433', inside: false },
)
const lengths = [
  { name: 'right', least: -100, most: 100 },
  { name: 'down', least: -100, most: 100 },
  { name: 'blur', least: 0, most: 200 },
  { name: 'spread', least: -100, most: 100 },
] as const
</script>

<template>
  <v-btn
    v-if="value === undefined"
    height="32"
    :aria-label="words.setOf(label)"
    @click="emit('change', shadow)"
    >{{ words.set }}</v-btn
  >
  <div v-else class="several" role="group" :aria-label="label">
    <NumberSetting
      v-for="one in lengths"
      :key="one.name"
      :label="words.shadow[one.name]"
      :value="shadow[one.name]"
      :least="one.least"
      :most="one.most"
      unit="px"
      @change="emit('change', { ...shadow, [one.name]: $event })"
    />
    <ColourValue
      class="whole"
      :label="label"
      :value="shadow.colour"
      @change="emit('change', { ...shadow, colour: $event })"
    />
    <SwitchSetting
      class="whole"
      :label="words.shadow.inside"
      :value="shadow.inside"
      @change="emit('change', { ...shadow, inside: $event })"
    />
  </div>
</template>
