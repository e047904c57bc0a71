<script setup lang="ts">
import { mdiPlus, mdiTrashCanOutline } from '@mdi/js'
import { computed } from 'vue'
import { orderKeyTrouble } from '~~/core/order/order'
import { isOfferable, mostOrders, newSortControl, orderName } from '~~/core/visitors/sort'
import type { OfferedOrder, SortControl } from '~~/core/visitors/sort'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { useRowKeys } from '../../shared/sorting/row-keys'
import { useSelection } from '../../stores/bench/selection'
import { useCatalogue } from '../../stores/catalogue'
import OrderKeys from '../order/OrderKeys.vue'
import ControlLabel from './ControlLabel.vue'
import { words } from './words'

const props = defineProps<{ control: SortControl }>()
const emit = defineEmits<{ change: [control: SortControl, subject: string] }>()
const catalogue = useCatalogue()
const selection = useSelection()
const own = computed(() =>
  selection.listing === null ? '' : usualName({ name: '', order: selection.listing.order }),
)

const rowKeys = useRowKeys(() => props.control.orders)

function usualName(one: OfferedOrder): string {
  return orderName({ ...one, name: '' }, catalogue.words)
}

function set(change: Partial<SortControl>, subject = Object.keys(change).join()) {
  emit('change', { ...props.control, ...change }, subject)
}

function setOrder(at: number, change: Partial<OfferedOrder>) {
  const orders = props.control.orders.map((one, index) => (index === at ? { ...one, ...change } : one))
  set({ orders }, `order ${at} ${Object.keys(change).join()}`)
}

function add() {
  const [fresh] = newSortControl.orders
  if (fresh !== undefined) set({ orders: [...props.control.orders, fresh] }, 'added')
}
</script>

<template>
  <ControlLabel :control="control" :usual="words.order" :fallback="newSortControl" @change="set" />
  <ChoiceSetting
    :label="words.layout"
    :value="control.layout"
    :fallback="newSortControl.layout"
    :choices="choicesOf(words.sortLayouts)"
    @change="set({ layout: $event })"
  />
  <v-text-field
    :label="words.own"
    :hint="words.usual(own)"
    persistent-hint
    maxlength="60"
    :model-value="control.own"
    @update:model-value="set({ own: $event ?? '' })"
  />
  <section v-for="(one, at) in control.orders" :key="rowKeys[at] ?? at" class="order">
    <v-text-field
      :label="words.orderName"
      :hint="words.usual(usualName(one))"
      persistent-hint
      maxlength="60"
      :model-value="one.name"
      @update:model-value="setOrder(at, { name: $event ?? '' })"
    />
    <OrderKeys
      v-if="selection.listing"
      :keys="one.order.keys"
      :from="selection.listing.from"
      :offers="(key) => isOfferable(key) && orderKeyTrouble(key, catalogue.words) === null"
      @change="(keys) => setOrder(at, { order: { ...one.order, keys } })"
    />
    <v-btn
      v-if="control.orders.length > 1"
      height="32"
      variant="text"
      :prepend-icon="mdiTrashCanOutline"
      class="start"
      @click="set({ orders: control.orders.filter((_, index) => index !== at) }, 'removed')"
      >{{ words.removeOrder }}</v-btn
    >
  </section>
  <v-btn
    v-if="control.orders.length < mostOrders"
    :prepend-icon="mdiPlus"
    height="34"
    class="start"
    @click="add"
    >{{ words.addOrder }}</v-btn
  >
</template>

<style scoped>
.order {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}

.start {
  justify-self: start;
}
</style>
