<script setup lang="ts">
import type { FieldSetting } from '~~/core/cards/parts/field'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { useCardFields } from './fields'
import { words } from './words'

const props = defineProps<{ setting: FieldSetting }>()
const emit = defineEmits<{ change: [setting: FieldSetting] }>()

function set(change: Partial<FieldSetting>) {
  emit('change', { ...props.setting, ...change })
}

const { choices } = useCardFields()
</script>

<template>
  <SelectSetting
    :label="words.field"
    :value="setting.field"
    :choices="[{ value: 0, title: words.noField }, ...choices()]"
    @change="set({ field: $event })"
  />
  <SwitchSetting
    :label="words.named"
    :value="setting.named ?? false"
    :fallback="false"
    @change="set({ named: $event })"
  />
</template>
