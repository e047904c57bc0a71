<script setup lang="ts">
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import type { ChosenShape } from '~~/core/shapes'
import { table } from '~~/core/shapes/table'
import { words } from './words'

const props = defineProps<{ settings: ChosenShape<'table'> }>()
const emit = defineEmits<{ change: [settings: ChosenShape<'table'>, subject: string] }>()

function set(change: Partial<ChosenShape<'table'>>, subject = Object.keys(change).join()) {
  emit('change', { ...props.settings, ...change }, subject)
}
</script>

<template>
  <NumberSetting
    :label="words.tableFrom"
    :value="settings.from"
    :fallback="table.defaults.from"
    :least="40"
    :most="4000"
    unit="px"
    @change="set({ from: $event })"
  />
  <SwitchSetting
    :label="words.head"
    :value="settings.head"
    :fallback="table.defaults.head"
    @change="set({ head: $event })"
  />
  <SwitchSetting
    :label="words.stripes"
    :value="settings.stripes"
    :fallback="table.defaults.stripes"
    @change="set({ stripes: $event })"
  />
</template>
