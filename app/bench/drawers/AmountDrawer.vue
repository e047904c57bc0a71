<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { defaultAmount, mostShown, takeOf, usualTake } from '~~/core/listing/amount'
import type { Amount, AmountStop } from '~~/core/listing/amount'
import type { Listing } from '~~/core/listing/definition'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SettingRow from '../../shared/settings/SettingRow.vue'
import { useListingEdits } from '../../stores/bench/listing-edits'
import PagingSettings from '../paging/PagingSettings.vue'
import { words } from '../words'

const props = defineProps<{ listing: Listing }>()
const edits = useListingEdits()
const amount = computed(() => props.listing.amount)

function set(change: Partial<Amount>) {
  edits.editChosen(
    'Amount',
    (before) => ({ ...before, amount: { ...before.amount, ...change } }),
    `amount ${Object.keys(change).join()}`,
  )
}

/** A new width lies below the last, and shows a little less. */
function addStop() {
  const last = amount.value.stops.at(-1)
  const below = last === undefined ? 560 : Math.max(1, Math.round(last.below * 0.6))
  const take = Math.max(
    1,
    Math.round((last?.take ?? Math.min(takeOf(amount.value), amount.value.perPage ?? mostShown)) * 0.6),
  )
  set({ stops: [...amount.value.stops, { below, take }] })
}

function setStop(at: number, change: Partial<AmountStop>) {
  set({ stops: amount.value.stops.map((stop, index) => (index === at ? { ...stop, ...change } : stop)) })
}

/** Widths fall from one to the next. */
function widest(at: number): number {
  return (amount.value.stops[at - 1]?.below ?? 4001) - 1
}
</script>

<template>
  <NumberSetting
    v-if="amount.take !== 'all'"
    :label="words.take"
    :value="amount.take"
    :least="1"
    :most="mostShown"
    :fallback="usualTake"
    :unit="words.entries"
    @change="set({ take: $event })"
  />
  <NumberSetting
    :label="words.skip"
    :value="amount.skip"
    :least="0"
    :most="10000"
    :fallback="defaultAmount.skip"
    :unit="words.entries"
    @change="set({ skip: $event })"
  />
  <PagingSettings :amount="amount" @change="set" />
  <SettingRow :label="words.narrower" :changed="amount.stops.length > 0" @reset="set({ stops: [] })">
    <p class="hint">{{ words.narrowerHint }}</p>
    <div v-for="(stop, at) in amount.stops" :key="at" class="stop">
      <NumberSetting
        :label="words.below"
        :value="stop.below"
        :least="(amount.stops[at + 1]?.below ?? 0) + 1"
        :most="widest(at)"
        unit="px"
        @change="setStop(at, { below: $event })"
      />
      <NumberSetting
        :label="words.take"
        :value="stop.take"
        :least="1"
        :most="Math.min(takeOf(amount), mostShown)"
        @change="setStop(at, { take: $event })"
      />
      <v-btn
        :icon="mdiClose"
        size="32"
        variant="text"
        :aria-label="words.removeNarrower(stop.below)"
        @click="set({ stops: amount.stops.filter((_, index) => index !== at) })"
      />
    </div>
    <v-btn
      v-if="amount.stops.length < 5 && (amount.stops.at(-1)?.below ?? 999) > 1"
      :prepend-icon="mdiPlus"
      height="34"
      class="add"
      @click="addStop"
      >{{ words.addNarrower }}</v-btn
    >
  </SettingRow>
  <v-textarea
    :label="words.nothing"
    :hint="words.nothingHint"
    persistent-hint
    rows="2"
    auto-grow
    maxlength="300"
    :model-value="amount.nothing"
    @update:model-value="set({ nothing: $event ?? '' })"
  />
</template>

<style scoped>
.hint {
  font-size: var(--size-note);
  color: var(--soft);
}

.stop {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
  align-items: end;
}

.add {
  justify-self: start;
}
</style>
