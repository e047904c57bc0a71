<script setup lang="ts">
import { newSearchControl } from '~~/core/visitors/search'
import type { SearchControl } from '~~/core/visitors/search'
import TextSetting from '../../shared/settings/TextSetting.vue'
import ControlLabel from './ControlLabel.vue'
import { words } from './words'

const props = defineProps<{ control: SearchControl }>()
const emit = defineEmits<{ change: [control: SearchControl, subject: string] }>()

function set(change: Partial<SearchControl>) {
  emit('change', { ...props.control, ...change }, Object.keys(change).join())
}
</script>

<template>
  <ControlLabel :control="control" :usual="words.words" :fallback="newSearchControl" @change="set" />
  <TextSetting
    :label="words.hint"
    :value="control.hint"
    :fallback="newSearchControl.hint"
    :most="80"
    @change="set({ hint: $event })"
  />
  <TextSetting
    :label="words.button"
    :value="control.button"
    :fallback="newSearchControl.button"
    :most="40"
    required
    @change="set({ button: $event })"
  />
</template>
