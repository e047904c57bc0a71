<script setup lang="ts">
import { computed } from 'vue'
import type { Link } from '~~/core/content/fields/link'
import { words } from '../words'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const link = computed<Link>(() => ({ address: '', title: '', ...(props.value as Link | null | undefined) }))

function set(change: Partial<Link>) {
  const next = { ...link.value, ...change }
  emit('change', next.address === '' && next.title === '' ? null : next)
}
</script>

<template>
  <div class="pair">
    <v-text-field
      :label="labelOf(field)"
      :hint="field.help"
      :persistent-hint="field.help !== ''"
      :placeholder="words.addressExample"
      :model-value="link.address"
      :error-messages="faults"
      autocomplete="off"
      @update:model-value="set({ address: $event ?? '' })"
      @blur="emit('leave')"
    />
    <v-text-field
      :label="words.linkWords(field.name)"
      :model-value="link.title"
      autocomplete="off"
      @update:model-value="set({ title: $event ?? '' })"
    />
  </div>
</template>
