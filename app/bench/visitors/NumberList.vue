<script setup lang="ts">
import { ref } from 'vue'

/** A few numbers, typed in any order; they are kept rising, each once. */
const props = defineProps<{
  label: string
  hint: string
  /** Said where what is typed is none. */
  wrong: string
  numbers: readonly number[]
  isRight: (numbers: readonly number[]) => boolean
}>()
const emit = defineEmits<{ change: [numbers: readonly number[]] }>()
const isWrong = ref(false)

function set(typed: readonly unknown[]) {
  const numbers = [...new Set(typed.map(Number))].toSorted((one, other) => one - other)
  isWrong.value = !props.isRight(numbers)
  if (!isWrong.value) emit('change', numbers)
}
</script>

<template>
  <v-combobox
    :label="label"
    :hint="hint"
    persistent-hint
    :error-messages="isWrong ? wrong : []"
    multiple
    chips
    closable-chips
    :model-value="numbers.map(String)"
    @update:model-value="set"
  />
</template>
