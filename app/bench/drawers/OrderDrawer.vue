<script setup lang="ts">
import { computed, useId } from 'vue'
import { mdiClose, mdiPlus } from '@mdi/js'
import { same } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { defaultOrder, orderBys, orderKeyPhrase } from '~~/core/listing/order'
import type { Order, OrderKey } from '~~/core/listing/order'
import { useBench } from '../../stores/bench'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import SettingRow from '../../shared/settings/SettingRow.vue'
import { words } from '../words'

const props = defineProps<{ listing: Listing }>()
const bench = useBench()
const id = useId()

const choices = orderBys.flatMap((by) =>
  (by === 'title' ? (['up', 'down'] as const) : (['down', 'up'] as const)).map((direction) => {
    const phrase = orderKeyPhrase({ by, direction })
    return { value: `${by} ${direction}`, title: `${phrase[0]?.toUpperCase() ?? ''}${phrase.slice(1)}` }
  }),
)
/** What is not ordered by yet: ordering by one thing twice would do nothing. */
const unused = computed(() => orderBys.filter((by) => props.listing.order.keys.every((key) => key.by !== by)))

function choicesFor(at: number) {
  const taken = props.listing.order.keys.filter((_, other) => other !== at).map((key) => key.by)
  return choices.filter((choice) => taken.every((by) => !choice.value.startsWith(`${by} `)))
}

function keyOf(value: string): OrderKey {
  const [by, direction] = value.split(' ') as [OrderKey['by'], OrderKey['direction']]
  return { by, direction }
}

function set(change: Partial<Order>) {
  bench.editListing('Order', (before) => ({ ...before, order: { ...before.order, ...change } }))
}

function setKey(at: number, value: string) {
  set({ keys: props.listing.order.keys.map((key, index) => (index === at ? keyOf(value) : key)) })
}

function addKey() {
  const [by] = unused.value
  if (by !== undefined) set({ keys: [...props.listing.order.keys, { by, direction: by === 'title' ? 'up' : 'down' }] })
}
</script>

<template>
  <SettingRow
    v-for="(key, at) in listing.order.keys"
    :key="at"
    :label="at === 0 ? words.orderBy : words.thenBy"
    :control-id="`${id}-${at}`"
    :changed="at === 0 && !same(listing.order.keys, defaultOrder.keys)"
    @reset="set({ keys: defaultOrder.keys })"
  >
    <div class="key">
      <v-select
        :id="`${id}-${at}`"
        :items="choicesFor(at)"
        :model-value="`${key.by} ${key.direction}`"
        @update:model-value="setKey(at, $event)"
      />
      <v-btn
        v-if="listing.order.keys.length > 1"
        :icon="mdiClose"
        size="36"
        variant="text"
        :aria-label="`${words.removeOrder} ${orderKeyPhrase(key)}`"
        @click="set({ keys: listing.order.keys.filter((_, index) => index !== at) })"
      />
    </div>
  </SettingRow>
  <v-btn v-if="unused.length" :prepend-icon="mdiPlus" height="34" class="add" @click="addKey">{{ words.addOrder }}</v-btn>
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

<style scoped>
.key {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px;
}

.add {
  justify-self: start;
}
</style>
