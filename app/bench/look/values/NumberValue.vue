<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { StyleProperty, ValueKind } from '~~/core/looks/properties/define'
import { words } from '../words'

/** A number, typed or stepped by the arrow keys, ten steps at a time with Shift; it holds once it is whole. */
const props = defineProps<{
  property: StyleProperty
  label: string
  value: number | undefined
  usual: string | null
}>()
const emit = defineEmits<{ change: [value: number | undefined] }>()
const kind = computed(() => props.property.value as Extract<ValueKind, { kind: 'number' }>)
const text = ref(String(props.value ?? ''))
watch(
  () => props.value,
  (value) => (text.value = String(value ?? '')),
)

function give() {
  const typed = text.value.trim().replace(',', '.')
  if (typed === String(props.value ?? '')) return
  const number = Number(typed)
  if (typed === '') emit('change', undefined)
  else if (Number.isFinite(number)) emit('change', number)
}

function left() {
  give()
  text.value = String(props.value ?? '')
}

/** By so many steps from where it is, as far as it goes. */
function step(steps: number) {
  const { least, most, step: one } = kind.value
  const usual = Number.parseFloat(props.usual ?? '')
  const base = props.value ?? (Number.isFinite(usual) ? usual : least)
  const next = Math.min(most, Math.max(least, base + steps * one))
  emit('change', Math.round(next * 1000) / 1000)
}

defineExpose({ step })
</script>

<template>
  <v-text-field
    :aria-label="label"
    inputmode="decimal"
    :model-value="text"
    :suffix="kind.unit || undefined"
    :placeholder="usual ?? words.usual"
    persistent-placeholder
    @update:model-value="text = $event ?? ''"
    @keydown.enter="give"
    @keydown.up.prevent="step($event.shiftKey ? 10 : 1)"
    @keydown.down.prevent="step($event.shiftKey ? -10 : -1)"
    @blur="left"
  />
</template>
