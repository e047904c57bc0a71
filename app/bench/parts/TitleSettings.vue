<script setup lang="ts">
import type { TitleSetting } from '~~/core/cards/parts/title'
import { title } from '~~/core/cards/parts/title'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { useSelection } from '../../stores/bench/selection'
import { words } from './words'

const props = defineProps<{ setting: TitleSetting }>()
const emit = defineEmits<{ change: [setting: TitleSetting] }>()

function set(change: Partial<TitleSetting>) {
  emit('change', { ...props.setting, ...change })
}

/** The heading of a page stands on an entry's own page only. */
const least = useSelection().fitting === null ? 2 : 1
const levels = [
  ...[1, 2, 3, 4, 5, 6]
    .filter((level) => level >= least)
    .map((level) => ({ value: level, title: `h${level}` })),
  { value: 0, title: words.levelNone },
]
</script>

<template>
  <ChoiceSetting
    :label="words.level"
    :value="setting.level"
    :choices="levels"
    :fallback="least === 1 ? 1 : title.defaults.level"
    @change="set({ level: $event })"
  />
  <SwitchSetting
    :label="words.limitTitle"
    :value="setting.words !== undefined"
    :fallback="false"
    @change="set({ words: $event ? 10 : undefined })"
  />
  <NumberSetting
    v-if="setting.words !== undefined"
    :label="words.words"
    :value="setting.words"
    :least="1"
    :most="200"
    @change="set({ words: $event })"
  />
</template>
