<script setup lang="ts">
import { newCompareControl } from '~~/core/visitors/compare'
import type { CompareControl } from '~~/core/visitors/compare'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import ControlLabel from './ControlLabel.vue'
import { words } from './words'

const props = defineProps<{ control: CompareControl }>()
const emit = defineEmits<{ change: [control: CompareControl, subject: string] }>()

function set(change: Partial<CompareControl>) {
  emit('change', { ...props.control, ...change }, Object.keys(change).join())
}
</script>

<template>
  <ControlLabel :control="control" :usual="words.compared" :fallback="newCompareControl" @change="set" />
  <NumberSetting
    :label="words.mostCompared"
    :value="control.most"
    :fallback="newCompareControl.most"
    :least="2"
    :most="4"
    @change="set({ most: $event })"
  />
  <TextSetting
    :label="words.mark"
    :value="control.mark"
    :fallback="newCompareControl.mark"
    :most="40"
    required
    @change="set({ mark: $event })"
  />
</template>
