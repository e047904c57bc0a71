<script setup lang="ts">
import type { RatingSetting } from '~~/core/cards/parts/rating'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import { useCardFields } from './fields'
import { words } from './words'

const props = defineProps<{ setting: RatingSetting }>()
const emit = defineEmits<{ change: [setting: RatingSetting] }>()

function set(change: Partial<RatingSetting>) {
  emit('change', { ...props.setting, ...change })
}

const { choices } = useCardFields()
</script>

<template>
  <SelectSetting
    :label="words.rating"
    :value="setting.field"
    :choices="[{ value: 0, title: words.noField }, ...choices('rating')]"
    @change="set({ field: $event })"
  />
</template>
