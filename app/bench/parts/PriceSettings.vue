<script setup lang="ts">
import type { PriceSetting } from '~~/core/cards/parts/price'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { useCardFields } from './fields'
import { words } from './words'

const props = defineProps<{ setting: PriceSetting }>()
const emit = defineEmits<{ change: [setting: PriceSetting] }>()

function set(change: Partial<PriceSetting>) {
  emit('change', { ...props.setting, ...change })
}

const { choices } = useCardFields()
</script>

<template>
  <SelectSetting
    :label="words.price"
    :value="setting.field"
    :choices="[{ value: 0, title: words.noField }, ...choices('money')]"
    @change="set({ field: $event })"
  />
  <SelectSetting
    :label="words.before"
    :value="setting.before ?? 0"
    :fallback="0"
    :choices="[{ value: 0, title: words.noBefore }, ...choices('money')]"
    @change="set({ before: $event || undefined })"
  />
  <SwitchSetting
    v-if="setting.before"
    :label="words.saving"
    :value="setting.saving ?? false"
    :fallback="false"
    @change="set({ saving: $event })"
  />
</template>
