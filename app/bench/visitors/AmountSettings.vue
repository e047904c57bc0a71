<script setup lang="ts">
import { computed } from 'vue'
import { mostShown, takeAt } from '~~/core/listing/amount'
import { mostAmounts, newAmountControl } from '~~/core/visitors/amount'
import type { AmountControl } from '~~/core/visitors/amount'
import { useSelection } from '../../stores/bench/selection'
import ControlLabel from './ControlLabel.vue'
import NumberList from './NumberList.vue'
import { words } from './words'

const props = defineProps<{ control: AmountControl }>()
const emit = defineEmits<{ change: [control: AmountControl, subject: string] }>()
const selection = useSelection()
const own = computed(() => (selection.listing === null ? 0 : takeAt(selection.listing.amount, Infinity)))

function set(change: Partial<AmountControl>) {
  emit('change', { ...props.control, ...change }, Object.keys(change).join())
}

function isRight(numbers: readonly number[]): boolean {
  const isAmount = (one: number) => Number.isInteger(one) && one >= 1 && one <= mostShown
  return numbers.length > 0 && numbers.length <= mostAmounts && numbers.every(isAmount)
}
</script>

<template>
  <ControlLabel :control="control" :usual="words.atOnce" :fallback="newAmountControl" @change="set" />
  <NumberList
    :label="words.amounts"
    :hint="words.amountsHint(own)"
    :wrong="words.amountsWrong"
    :numbers="control.amounts"
    :is-right="isRight"
    @change="set({ amounts: $event })"
  />
</template>
