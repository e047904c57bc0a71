<script setup lang="ts">
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import StopList from './StopList.vue'
import { choicesOf } from '../../shared/settings/choices'
import type { ChosenShape } from '~~/core/shapes'
import { list } from '~~/core/shapes/list'
import { words } from './words'

const props = defineProps<{ settings: ChosenShape<'list'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'list'>, subject: string] }>()

function set(change: Partial<ChosenShape<'list'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <StopList
    v-slot="{ stop, set: setStop }"
    :stops="settings.stops"
    :fallback="list.defaults.stops"
    @change="(stops, subject) => set({ stops }, subject)"
  >
    <SelectSetting
      :label="words.picture"
      :value="stop.picture"
      :choices="choicesOf(words.places)"
      @change="setStop({ picture: $event })"
    />
    <div class="pair">
      <NumberSetting
        v-if="stop.picture === 'start' || stop.picture === 'end'"
        :label="words.share"
        :value="stop.share"
        :least="5"
        :most="80"
        :unit="words.perCent"
        @change="setStop({ share: $event })"
      />
      <NumberSetting
        :label="words.rowGap"
        :value="stop.rowGap"
        :least="0"
        :most="200"
        unit="px"
        @change="setStop({ rowGap: $event })"
      />
    </div>
  </StopList>
  <SwitchSetting
    :label="words.lines"
    :value="settings.lines"
    :fallback="list.defaults.lines"
    @change="set({ lines: $event })"
  />
  <SwitchSetting
    :label="words.footAtEnd"
    :value="settings.footAtEnd"
    :fallback="list.defaults.footAtEnd"
    @change="set({ footAtEnd: $event })"
  />
</template>
