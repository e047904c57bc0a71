<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { fieldsOfAll } from '~~/core/content/catalogue'
import type { From } from '~~/core/listing/from'
import { directionWords, mostKeys, orderKeyPhrase, orderKeyTrouble } from '~~/core/order/order'
import type { Order, OrderKey } from '~~/core/order/order'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import MoveHandle from '../../shared/sorting/MoveHandle.vue'
import SortableList from '../../shared/sorting/SortableList.vue'
import { useRowKeys } from '../../shared/sorting/row-keys'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'

/** What entries are ordered by, key by key. */
const props = defineProps<{
  keys: Order['keys']
  /** Which entries are ordered. */
  from: From
  /** Of what can be ordered by, what is offered; all of it where nothing is said. */
  offers?: (key: OrderKey) => boolean
}>()
const emit = defineEmits<{ change: [keys: Order['keys'], subject?: string] }>()
const catalogue = useCatalogue()

/** Whether a collection of the listing says when its entries happen. */
const happens = computed(() =>
  catalogue.catalogue.collections.some(
    (one) => props.from.collections.includes(one.id) && one.happening.when !== null,
  ),
)

/** Everything that can be ordered by, each with what it starts as. */
const choices = computed(() => {
  const fields = fieldsOfAll(catalogue.catalogue, props.from.collections)
  const fresh: readonly (readonly [string, OrderKey])[] = [
    [words.orders.date, { by: 'date', direction: 'down' }],
    ...(happens.value ? [[words.orders.when, { by: 'when', direction: 'up' }] as const] : []),
    [words.orders.title, { by: 'title', direction: 'up' }],
    [words.orders.views, { by: 'views', direction: 'down' }],
    [words.orders.comments, { by: 'comments', direction: 'down' }],
    [words.orders.rating, { by: 'rating', direction: 'down' }],
    ...fields
      .filter((field) => field.sortable)
      .map((field) => [field.name, { by: 'field', field: field.id, direction: 'up' }] as const),
    [words.orders.shuffle, { by: 'shuffle', span: 'day', number: 1 }],
    ...(props.from.by === 'hand' ? [[words.orders.hand, { by: 'hand' }] as const] : []),
    [words.orders.related, { by: 'related' }],
  ]
  return fresh
    .filter(([, key]) => props.offers?.(key) ?? true)
    .map(([title, key]) => ({ title, key, value: nameOf(key) }))
})
const spans = (['fixed', 'day', 'visit'] as const).map((value) => ({ value, title: words.shuffles[value] }))
const rowKeys = useRowKeys(() => props.keys)
const unused = computed(() =>
  choices.value.filter((choice) => props.keys.every((key) => nameOf(key) !== choice.value)),
)

function nameOf(key: OrderKey): string {
  return key.by === 'field' ? `field ${key.field}` : key.by
}

function choicesFor(at: number) {
  const own = props.keys[at]
  const mine = own === undefined ? '' : nameOf(own)
  const known = choices.value.filter((choice) => choice.value === mine || unused.value.includes(choice))
  return known.some((choice) => choice.value === mine) || own === undefined
    ? known
    : [...known, { value: mine, title: orderKeyPhrase(own, catalogue.words), key: own }]
}

function directions(key: OrderKey) {
  const field = key.by === 'field' ? catalogue.words.field(key.field) : undefined
  return (['up', 'down'] as const).map((direction) => ({
    value: direction,
    title:
      field === undefined
        ? orderKeyPhrase({ ...key, direction } as OrderKey, catalogue.words)
        : directionWords(field)[direction],
  }))
}

function setKey(at: number, key: OrderKey) {
  emit(
    'change',
    props.keys.map((one, index) => (index === at ? key : one)),
    `key ${at}`,
  )
}

function setThing(at: number, value: string) {
  const chosen = choices.value.find((choice) => choice.value === value)
  if (chosen !== undefined) setKey(at, chosen.key)
}

function setDays(at: number, key: Extract<OrderKey, { by: 'views' }>, days: number | null) {
  setKey(
    at,
    days === null ? { by: 'views', direction: key.direction } : { by: 'views', direction: 'down', days },
  )
}
</script>

<template>
  <SortableList
    v-slot="{ item: key, at, handle }"
    class="keys"
    :items="keys"
    :key-of="(_, at) => rowKeys[at] ?? at"
    :name-of="(key) => orderKeyPhrase(key, catalogue.words)"
    @order="emit('change', $event)"
  >
    <div class="key">
      <MoveHandle v-bind="handle" />
      <v-select
        :items="choicesFor(at)"
        :label="at === 0 ? words.orderBy : words.thenBy"
        :model-value="nameOf(key)"
        @update:model-value="setThing(at, $event)"
      />
      <v-btn
        v-if="keys.length > 1"
        :icon="mdiClose"
        size="32"
        variant="text"
        :aria-label="`${words.removeOrder} ${orderKeyPhrase(key, catalogue.words)}`"
        @click="
          emit(
            'change',
            keys.filter((_, index) => index !== at),
          )
        "
      />
    </div>
    <div class="more">
      <ChoiceSetting
        v-if="'direction' in key && !('days' in key)"
        bare
        :label="words.direction"
        :value="key.direction"
        :choices="directions(key)"
        @change="setKey(at, { ...key, direction: $event })"
      />
      <template v-if="key.by === 'views'">
        <v-switch
          :label="words.recentReads"
          :model-value="key.days !== undefined"
          @update:model-value="setDays(at, key, $event ? 30 : null)"
        />
        <NumberSetting
          v-if="key.days !== undefined"
          :label="words.days"
          :value="key.days"
          :least="1"
          :most="366"
          :unit="words.daysUnit"
          @change="setDays(at, key, $event)"
        />
      </template>
      <template v-if="key.by === 'shuffle'">
        <ChoiceSetting
          bare
          :label="words.shuffled"
          :value="key.span"
          :choices="spans"
          @change="setKey(at, { ...key, span: $event })"
        />
        <v-btn
          height="34"
          class="again"
          @click="setKey(at, { ...key, number: (key.number + 1) % 1_000_000 })"
          >{{ words.shuffleAgain }}</v-btn
        >
      </template>
      <p v-if="orderKeyTrouble(key, catalogue.words)" class="trouble" role="alert">
        {{ orderKeyTrouble(key, catalogue.words) }}
      </p>
    </div>
  </SortableList>
  <v-btn
    v-if="unused[0] && keys.length < mostKeys"
    :prepend-icon="mdiPlus"
    height="34"
    class="again"
    @click="emit('change', [...keys, unused[0].key])"
    >{{ words.addOrder }}</v-btn
  >
</template>

<style scoped>
.keys {
  display: grid;
  gap: 14px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.key {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) auto;
  align-items: center;
  gap: 4px;
}

.more {
  display: grid;
  gap: 8px;
  margin: 8px 0 0 28px;
}

.again {
  justify-self: start;
}

.trouble {
  font-size: var(--size-note);
  color: rgb(var(--v-theme-error));
}
</style>
