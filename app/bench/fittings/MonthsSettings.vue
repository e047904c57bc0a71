<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { monthIndex } from '~~/core/fittings/month-index'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'months'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'months'>, subject: string] }>()
const catalogue = useCatalogue()

function set(change: Partial<ChosenFitting<'months'>>) {
  emit('change', { ...props.settings, ...change }, Object.keys(change).join())
}
</script>

<template>
  <v-select
    :label="words.monthsOf"
    :items="[...catalogue.catalogue.collections]"
    item-title="name"
    item-value="id"
    :model-value="settings.collection"
    @update:model-value="set({ collection: $event })"
  />
  <ChoiceSetting
    :label="words.order"
    :value="settings.order"
    :fallback="monthIndex.defaults.order"
    :choices="choicesOf(words.monthOrders)"
    @change="set({ order: $event })"
  />
  <NumberSetting
    :label="words.open"
    :value="settings.open"
    :fallback="monthIndex.defaults.open"
    :least="0"
    :most="50"
    @change="set({ open: $event })"
  />
  <SwitchSetting
    :label="words.monthCounts"
    :value="settings.counts"
    :fallback="monthIndex.defaults.counts"
    @change="set({ counts: $event })"
  />
</template>
