<script setup lang="ts">
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import ColumnStops from './ColumnStops.vue'
import { choicesOf } from '../../shared/settings/choices'
import type { ChosenShape } from '~~/core/shapes'
import { slides } from '~~/core/shapes/slides'
import { words } from './words'

const props = defineProps<{ settings: ChosenShape<'slides'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'slides'>, subject: string] }>()

function set(change: Partial<ChosenShape<'slides'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <ChoiceSetting
    :label="words.step"
    :value="settings.step"
    :fallback="slides.defaults.step"
    :choices="choicesOf(words.steps)"
    @change="set({ step: $event })"
  />
  <ChoiceSetting
    :label="words.arrows"
    :value="settings.arrows"
    :fallback="slides.defaults.arrows"
    :choices="choicesOf(words.arrowPlaces)"
    @change="set({ arrows: $event })"
  />
  <SwitchSetting
    :label="words.dots"
    :value="settings.dots"
    :fallback="slides.defaults.dots"
    @change="set({ dots: $event })"
  />
  <SwitchSetting
    :label="words.loop"
    :value="settings.loop"
    :fallback="slides.defaults.loop"
    @change="set({ loop: $event })"
  />
  <SwitchSetting
    :label="words.autoplay"
    :value="settings.autoplay !== null"
    :fallback="false"
    @change="set({ autoplay: $event ? 6 : null })"
  />
  <template v-if="settings.autoplay !== null">
    <p class="hint">{{ words.autoplayHint }}</p>
    <NumberSetting
      :label="words.seconds"
      :value="settings.autoplay"
      :least="2"
      :most="60"
      :unit="words.secondsUnit"
      @change="set({ autoplay: $event })"
    />
  </template>
  <ColumnStops
    :stops="settings.stops"
    :fallback="slides.defaults.stops"
    :label="words.atOnce"
    @change="(stops, subject) => set({ stops }, subject)"
  />
</template>

<style scoped>
.hint {
  font-size: var(--size-note);
  color: var(--soft);
}
</style>
