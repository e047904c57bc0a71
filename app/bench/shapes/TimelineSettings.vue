<script setup lang="ts">
import { computed } from 'vue'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import type { ChosenShape } from '~~/core/shapes'
import { timeline } from '~~/core/shapes/timeline'
import ClockSetting from '../ClockSetting.vue'
import { words } from './words'

const props = defineProps<{ settings: ChosenShape<'timeline'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'timeline'>, subject: string] }>()

const isLine = computed(() => props.settings.lay !== 'columns')
const isScaled = computed(() => isLine.value && props.settings.spacing === 'scale')
const widens = computed(() => props.settings.lay !== 'upright' || props.settings.sides === 'both')

function set(change: Partial<ChosenShape<'timeline'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <ChoiceSetting
    :label="words.lay"
    :value="settings.lay"
    :fallback="timeline.defaults.lay"
    :choices="choicesOf(words.lays)"
    @change="set({ lay: $event })"
  />
  <ChoiceSetting
    v-if="isLine"
    :label="words.lineSides"
    :value="settings.sides"
    :fallback="timeline.defaults.sides"
    :choices="choicesOf(words.lineSideChoices)"
    @change="set({ sides: $event })"
  />
  <ChoiceSetting
    :label="words.first"
    :value="settings.first"
    :fallback="timeline.defaults.first"
    :choices="choicesOf(words.firsts)"
    @change="set({ first: $event })"
  />
  <ChoiceSetting
    v-if="isLine"
    :label="words.spacing"
    :value="settings.spacing"
    :fallback="timeline.defaults.spacing"
    :choices="choicesOf(words.spacings)"
    @change="set({ spacing: $event })"
  />
  <template v-if="isScaled">
    <NumberSetting
      :label="words.room"
      :value="settings.room"
      :fallback="timeline.defaults.room"
      :least="20"
      :most="1000"
      unit="px"
      @change="set({ room: $event })"
    />
    <SwitchSetting
      :label="words.breaks"
      :value="settings.breaks"
      :fallback="timeline.defaults.breaks"
      @change="set({ breaks: $event })"
    />
    <SwitchSetting
      :label="words.markNow"
      :value="settings.now"
      :fallback="timeline.defaults.now"
      @change="set({ now: $event })"
    />
  </template>
  <ChoiceSetting
    :label="words.lineHeadings"
    :value="settings.headings"
    :fallback="timeline.defaults.headings"
    :choices="choicesOf(words.lineHeadingChoices)"
    @change="set({ headings: $event })"
  />
  <SelectSetting
    :label="words.tells"
    :value="settings.tells"
    :fallback="timeline.defaults.tells"
    :choices="choicesOf(words.datesTold)"
    @change="set({ tells: $event })"
  />
  <NumberSetting
    v-if="settings.lay !== 'upright'"
    :label="words.atOnce"
    :value="settings.atOnce"
    :fallback="timeline.defaults.atOnce"
    :least="1"
    :most="8"
    @change="set({ atOnce: $event })"
  />
  <NumberSetting
    v-if="widens"
    :label="words.uprightBelow"
    :value="settings.wideFrom"
    :fallback="timeline.defaults.wideFrom"
    :least="40"
    :most="4000"
    unit="px"
    @change="set({ wideFrom: $event })"
  />
  <ClockSetting :label="words.clock" :value="settings.clock" @change="set({ clock: $event })" />
</template>
