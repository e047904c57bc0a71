<script setup lang="ts">
import type { TopicSetting } from '~~/core/cards/parts/topic'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import FacetChoice from '../shapes/FacetChoice.vue'
import { words } from './words'

const props = defineProps<{ setting: TopicSetting }>()
const emit = defineEmits<{ change: [setting: TopicSetting] }>()

function set(change: Partial<TopicSetting>) {
  emit('change', { ...props.setting, ...change })
}
</script>

<template>
  <FacetChoice :label="words.facet" :facet="setting.facet" @change="set({ facet: $event })" />
  <NumberSetting
    :label="words.most"
    :value="setting.most ?? 1"
    :fallback="1"
    :least="1"
    :most="12"
    @change="set({ most: $event })"
  />
  <SwitchSetting
    :label="words.linked"
    :value="setting.linked ?? false"
    :fallback="false"
    @change="set({ linked: $event })"
  />
</template>
