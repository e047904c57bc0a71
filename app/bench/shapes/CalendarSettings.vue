<script setup lang="ts">
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import type { ChosenShape } from '~~/core/shapes'
import { calendar } from '~~/core/shapes/calendar'
import CalendarViews from './CalendarViews.vue'
import FacetChoice from './FacetChoice.vue'
import ClockSetting from '../ClockSetting.vue'
import { words } from './words'

const props = defineProps<{ settings: ChosenShape<'calendar'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'calendar'>, subject: string] }>()

function set(change: Partial<ChosenShape<'calendar'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <CalendarViews :views="settings.views" @change="set({ views: $event })" />
  <SelectSetting
    :label="words.weekBegins"
    :value="settings.weekBegins"
    :fallback="calendar.defaults.weekBegins"
    :choices="choicesOf(words.weekBeginChoices)"
    @change="set({ weekBegins: $event })"
  />
  <SwitchSetting
    :label="words.weekNumbers"
    :value="settings.weekNumbers"
    :fallback="calendar.defaults.weekNumbers"
    @change="set({ weekNumbers: $event })"
  />
  <NumberSetting
    :label="words.mostOfADay"
    :value="settings.most"
    :fallback="calendar.defaults.most"
    :least="1"
    :most="12"
    @change="set({ most: $event })"
  />
  <FacetChoice
    :facet="settings.facet"
    :label="words.colours"
    :none="words.noColours"
    @change="set({ facet: $event })"
  />
  <SwitchSetting
    v-if="settings.facet !== null"
    :label="words.legend"
    :value="settings.legend"
    :fallback="calendar.defaults.legend"
    @change="set({ legend: $event })"
  />
  <NumberSetting
    :label="words.sheetFrom"
    :value="settings.sheetFrom"
    :fallback="calendar.defaults.sheetFrom"
    :least="40"
    :most="4000"
    unit="px"
    @change="set({ sheetFrom: $event })"
  />
  <ClockSetting :label="words.clock" :value="settings.clock" @change="set({ clock: $event })" />
</template>
