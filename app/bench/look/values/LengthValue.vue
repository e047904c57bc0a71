<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { readLength, steppedLength } from '~~/core/looks/length-input'
import type { StyleProperty } from '~~/core/looks/properties/define'
import { lengthParts } from '~~/core/looks/properties/values'
import type { Length } from '~~/core/looks/properties/values'
import { words } from '../words'

/**
 * A length, typed with its unit or as a small sum, or stepped by the arrow keys, ten at a time with Shift.
 * It holds once it is whole: with Enter, or when the field is left.
 */
const props = defineProps<{
  property: StyleProperty
  label: string
  value: Length | undefined
  usual: string | null
}>()
const emit = defineEmits<{ change: [value: Length | undefined] }>()
const text = ref(props.value ?? '')
const fault = ref<string>()
watch(
  () => props.value,
  (value) => (text.value = value ?? ''),
)

/** From where it is stepped: what is set, or else what the page has. */
const base = computed<Length>(
  () => props.value ?? (props.usual === null ? null : readLength(props.usual)) ?? '0px',
)

function give() {
  if (text.value === (props.value ?? '')) return
  const read = text.value.trim() === '' ? undefined : readLength(text.value, lengthParts(base.value).unit)
  fault.value = read === null ? words.notLength : undefined
  if (read !== null) emit('change', read)
}

function left() {
  give()
  text.value = props.value ?? ''
  fault.value = undefined
}

/** By so many steps from where it is. */
function step(steps: number) {
  emit('change', steppedLength(base.value, steps))
}

defineExpose({ step })
</script>

<template>
  <v-text-field
    :aria-label="label"
    :model-value="text"
    :placeholder="usual ?? words.usual"
    :error-messages="fault"
    persistent-placeholder
    @update:model-value="text = $event ?? ''"
    @keydown.enter="give"
    @keydown.up.prevent="step($event.shiftKey ? 10 : 1)"
    @keydown.down.prevent="step($event.shiftKey ? -10 : -1)"
    @blur="left"
  />
</template>
