<script setup lang="ts">
import { computed, ref } from 'vue'
import { mostShown, takeAt } from '~~/core/listing/amount'
import { mostAmounts, newAmountControl } from '~~/core/visitors/amount'
import type { AmountControl } from '~~/core/visitors/amount'
import { useSelection } from '../../stores/bench/selection'
import ControlLabel from './ControlLabel.vue'
import { words } from './words'

const props = defineProps<{ control: AmountControl }>()
const emit = defineEmits<{ change: [control: AmountControl, subject: string] }>()
const selection = useSelection()
const own = computed(() => (selection.listing === null ? 0 : takeAt(selection.listing.amount, Infinity)))
const isWrong = ref(false)

function set(change: Partial<AmountControl>) {
  emit('change', { ...props.control, ...change }, Object.keys(change).join())
}

/** Numbers as they were typed or picked, in any order; they are kept rising, each once. */
function setAmounts(typed: readonly (string | number)[]) {
  const numbers = [...new Set(typed.map(Number))].toSorted((one, other) => one - other)
  const isRight = numbers.every((one) => Number.isInteger(one) && one >= 1 && one <= mostShown)
  isWrong.value = !isRight || numbers.length === 0 || numbers.length > mostAmounts
  if (!isWrong.value) set({ amounts: numbers })
}
</script>

<template>
  <ControlLabel :control="control" :usual="words.atOnce" :fallback="newAmountControl" @change="set" />
  <v-combobox
    :label="words.amounts"
    :hint="words.amountsHint(own)"
    persistent-hint
    :error-messages="isWrong ? words.amountsWrong : []"
    multiple
    chips
    closable-chips
    :model-value="control.amounts.map(String)"
    @update:model-value="setAmounts"
  />
</template>
