<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import type { Gradient } from '~~/core/looks/properties/colours'
import NumberSetting from '../../../shared/settings/NumberSetting.vue'
import { words } from '../words'
import ColourValue from './ColourValue.vue'

/** Two to six colours, one after the other. */
const props = defineProps<{ label: string; value: Gradient }>()
const emit = defineEmits<{ change: [value: Gradient] }>()
const mostColours = 6

function setColour(at: number, change: Partial<Gradient['colours'][number]>) {
  const colours = props.value.colours.map((one, place) => (place === at ? { ...one, ...change } : one))
  emit('change', { ...props.value, colours })
}

function add() {
  const { colours } = props.value
  const last = colours.at(-1)
  if (last !== undefined) emit('change', { ...props.value, colours: [...colours, { ...last, at: 100 }] })
}

function remove(at: number) {
  emit('change', { ...props.value, colours: props.value.colours.toSpliced(at, 1) })
}
</script>

<template>
  <div class="several" role="group" :aria-label="label">
    <NumberSetting
      class="whole"
      :label="words.angle"
      :value="value.angle"
      :least="0"
      :most="360"
      unit="°"
      @change="emit('change', { ...value, angle: $event })"
    />
    <template v-for="(one, at) in value.colours" :key="at">
      <ColourValue
        class="whole"
        :label="words.colourAt(at + 1)"
        :value="one.colour"
        @change="setColour(at, { colour: $event })"
      />
      <div class="whole place">
        <NumberSetting
          :label="`${words.colourAt(at + 1)}, ${words.at}`"
          :value="one.at"
          :least="0"
          :most="100"
          unit="%"
          @change="setColour(at, { at: $event })"
        />
        <v-btn
          v-if="value.colours.length > 2"
          :icon="mdiClose"
          size="32"
          variant="text"
          :aria-label="words.removeColour(at + 1)"
          @click="remove(at)"
        />
      </div>
    </template>
    <v-btn
      v-if="value.colours.length < mostColours"
      height="32"
      class="whole"
      :prepend-icon="mdiPlus"
      @click="add"
      >{{ words.addColour }}</v-btn
    >
  </div>
</template>

<style scoped>
.place {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  gap: 4px;
}
</style>
