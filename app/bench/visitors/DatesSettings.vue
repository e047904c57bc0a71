<script setup lang="ts">
import { computed } from 'vue'
import { datesControl, dateSpans, dateTitle, newDatesControl } from '~~/core/visitors/dates'
import type { DatesControl } from '~~/core/visitors/dates'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { useCatalogue } from '../../stores/catalogue'
import ControlLabel from './ControlLabel.vue'
import { words } from './words'

const props = defineProps<{ control: DatesControl }>()
const emit = defineEmits<{ change: [control: DatesControl, subject: string] }>()
const catalogue = useCatalogue()
const usual = computed(() => newDatesControl(props.control.of))
const name = computed(() => datesControl.label({ ...props.control, label: '' }, catalogue.words))
const spans = computed(() =>
  dateSpans.map((value) => ({ value, title: dateTitle({ span: value }, catalogue.words) })),
)

function set(change: Partial<DatesControl>) {
  emit('change', { ...props.control, ...change }, Object.keys(change).join())
}
</script>

<template>
  <ControlLabel :control="control" :usual="name" :fallback="usual" @change="set" />
  <ChoiceSetting
    :label="words.layout"
    :value="control.layout"
    :fallback="usual.layout"
    :choices="choicesOf(words.dateLayouts)"
    @change="set({ layout: $event })"
  />
  <template v-if="control.layout === 'spans'">
    <v-autocomplete
      :items="spans"
      :model-value="control.spans"
      :label="words.spans"
      multiple
      chips
      closable-chips
      auto-select-first
      clear-on-select
      @update:model-value="set({ spans: $event })"
    />
    <SwitchSetting
      :label="words.counts"
      :value="control.counts"
      :fallback="usual.counts"
      @change="set({ counts: $event })"
    />
  </template>
</template>
