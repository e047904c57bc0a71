<script setup lang="ts">
import { computed } from 'vue'
import type { StyleProperty, ValueKind } from '~~/core/looks/properties/define'
import { words } from '../words'

/** One of a few. */
const props = defineProps<{
  property: StyleProperty
  label: string
  value: string | undefined
  usual: string | null
}>()
const emit = defineEmits<{ change: [value: string] }>()
const choices = computed(() =>
  (props.property.value as Extract<ValueKind, { kind: 'choice' }>).choices.map((value) => ({
    value,
    title: words.choices[value] ?? value,
  })),
)
</script>

<template>
  <v-select
    :aria-label="label"
    :items="choices"
    :model-value="value ?? null"
    :placeholder="words.usual"
    persistent-placeholder
    @update:model-value="emit('change', $event as string)"
  />
</template>
