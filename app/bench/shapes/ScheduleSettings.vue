<script setup lang="ts">
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import type { ChosenShape } from '~~/core/shapes'
import { schedule } from '~~/core/shapes/schedule'
import ClockSetting from '../ClockSetting.vue'
import { words } from './words'

const props = defineProps<{ settings: ChosenShape<'schedule'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'schedule'>, subject: string] }>()

function set(change: Partial<ChosenShape<'schedule'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <ChoiceSetting
    :label="words.scheduleLay"
    :value="settings.lay"
    :fallback="schedule.defaults.lay"
    :choices="choicesOf(words.scheduleLays)"
    @change="set({ lay: $event })"
  />
  <template v-if="settings.lay === 'columns'">
    <p class="hint">{{ words.scheduleTracks }}</p>
    <NumberSetting
      :label="words.hour"
      :value="settings.hour"
      :fallback="schedule.defaults.hour"
      :least="30"
      :most="600"
      unit="px"
      @change="set({ hour: $event })"
    />
    <SwitchSetting
      :label="words.hourBreaks"
      :value="settings.breaks"
      :fallback="schedule.defaults.breaks"
      @change="set({ breaks: $event })"
    />
    <SwitchSetting
      :label="words.nowLine"
      :value="settings.now"
      :fallback="schedule.defaults.now"
      @change="set({ now: $event })"
    />
    <NumberSetting
      :label="words.tracksFrom"
      :value="settings.wideFrom"
      :fallback="schedule.defaults.wideFrom"
      :least="40"
      :most="4000"
      unit="px"
      @change="set({ wideFrom: $event })"
    />
  </template>
  <ChoiceSetting
    :label="words.severalDays"
    :value="settings.days"
    :fallback="schedule.defaults.days"
    :choices="choicesOf(words.severalDaysChoices)"
    @change="set({ days: $event })"
  />
  <SwitchSetting
    :label="words.marks"
    :value="settings.marks"
    :fallback="schedule.defaults.marks"
    @change="set({ marks: $event })"
  />
  <ClockSetting :label="words.clock" :value="settings.clock" @change="set({ clock: $event })" />
</template>

<style scoped>
.hint {
  font-size: var(--size-note);
  color: var(--soft);
}
</style>
