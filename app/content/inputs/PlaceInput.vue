<script setup lang="ts">
import { computed } from 'vue'
import type { PlaceValue } from '~~/core/content/fields/place'
import { words } from '../words'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
type Typed = Record<keyof PlaceValue, unknown>
const place = computed<Typed>(() => ({
  latitude: null,
  longitude: null,
  address: '',
  ...(props.value as Typed | null | undefined),
}))

function set(change: Partial<Typed>) {
  const next = { ...place.value, ...change }
  emit('change', next.latitude === null && next.longitude === null && next.address === '' ? null : next)
}

/** A number where it is one; otherwise what was typed, which the check then refuses. */
function degrees(text: string | null): unknown {
  const plain = (text ?? '').trim().replace('−', '-')
  if (plain === '') return null
  return Number.isNaN(Number(plain)) ? plain : Number(plain)
}
</script>

<template>
  <div>
    <v-text-field
      :label="labelOf(field)"
      :hint="field.help"
      :persistent-hint="field.help !== ''"
      :model-value="place.address"
      :error-messages="faults"
      autocomplete="off"
      @update:model-value="set({ address: $event ?? '' })"
      @blur="emit('leave')"
    />
    <div class="pair point">
      <v-text-field
        :label="words.latitude(field.name)"
        suffix="°"
        :model-value="place.latitude"
        @update:model-value="set({ latitude: degrees($event) })"
        @blur="emit('leave')"
      />
      <v-text-field
        :label="words.longitude(field.name)"
        suffix="°"
        :model-value="place.longitude"
        @update:model-value="set({ longitude: degrees($event) })"
        @blur="emit('leave')"
      />
    </div>
  </div>
</template>

<style scoped>
.point {
  margin-top: 10px;
}
</style>
