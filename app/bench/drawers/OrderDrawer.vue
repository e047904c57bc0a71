<script setup lang="ts">
import type { Listing } from '~~/core/listing/definition'
import { defaultOrder } from '~~/core/order/order'
import type { Order } from '~~/core/order/order'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { useListingEdits } from '../../stores/bench/listing-edits'
import OrderKeys from '../order/OrderKeys.vue'
import { words } from '../words'

defineProps<{ listing: Listing }>()
const edits = useListingEdits()

function set(change: Partial<Order>, subject?: string) {
  edits.editChosen('Order', (before) => ({ ...before, order: { ...before.order, ...change } }), subject)
}
</script>

<template>
  <OrderKeys
    :keys="listing.order.keys"
    :from="listing.from"
    @change="(keys, subject) => set({ keys }, subject)"
  />
  <ChoiceSetting
    :label="words.pinned"
    :value="listing.order.pinned"
    :fallback="defaultOrder.pinned"
    :choices="[
      { value: 'ignored', title: words.pinnedIgnored },
      { value: 'first', title: words.pinnedFirst },
    ]"
    @change="set({ pinned: $event })"
  />
</template>
