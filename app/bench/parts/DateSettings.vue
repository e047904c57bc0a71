<script setup lang="ts">
import type { DateSetting } from '~~/core/cards/parts/date'
import { computed } from 'vue'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import ClockSetting from '../ClockSetting.vue'
import { useCardFields } from './fields'
import { words } from './words'

const props = defineProps<{ setting: DateSetting }>()
const emit = defineEmits<{ change: [setting: DateSetting] }>()

function set(change: Partial<DateSetting>) {
  emit('change', { ...props.setting, ...change })
}

const { choices } = useCardFields()
const moments = computed(() => choices('date', 'date-time'))
</script>

<template>
  <SelectSetting
    v-if="moments.length"
    :label="words.date"
    :value="setting.field ?? 0"
    :fallback="0"
    :choices="[{ value: 0, title: words.published }, ...moments]"
    @change="set({ field: $event || undefined })"
  />
  <SelectSetting
    v-if="setting.field"
    :label="words.until"
    :value="setting.until ?? 0"
    :fallback="0"
    :choices="[{ value: 0, title: words.noUntil }, ...moments]"
    @change="set({ until: $event || undefined })"
  />
  <SelectSetting
    :label="words.style"
    :value="setting.style ?? 'day'"
    fallback="day"
    :choices="choicesOf(words.styles)"
    @change="set({ style: $event })"
  />
  <ClockSetting
    v-if="setting.style !== 'relative'"
    :label="words.clock"
    :value="setting.clock ?? 'site'"
    @change="set({ clock: $event === 'site' ? undefined : $event })"
  />
</template>
