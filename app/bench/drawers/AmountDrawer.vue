<script setup lang="ts">
import { defaultAmount } from '~~/core/listing/amount'
import type { Amount } from '~~/core/listing/amount'
import type { Listing } from '~~/core/listing/definition'
import { useBench } from '../../stores/bench'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { words } from '../words'

defineProps<{ listing: Listing }>()
const bench = useBench()

function set(change: Partial<Amount>) {
  bench.editListing('Amount', (before) => ({ ...before, amount: { ...before.amount, ...change } }), `amount ${Object.keys(change).join()}`)
}
</script>

<template>
  <NumberSetting
    :label="words.take"
    :value="listing.amount.take"
    :least="1"
    :most="200"
    :fallback="defaultAmount.take"
    :unit="words.entries"
    @change="set({ take: $event })"
  />
  <NumberSetting
    :label="words.skip"
    :value="listing.amount.skip"
    :least="0"
    :most="10000"
    :fallback="defaultAmount.skip"
    :unit="words.entries"
    @change="set({ skip: $event })"
  />
</template>
