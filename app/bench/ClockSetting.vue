<script setup lang="ts">
import type { Clock } from '~~/core/formats/dates'
import SelectSetting from '../shared/settings/SelectSetting.vue'
import { choicesOf } from '../shared/settings/choices'

/** By which clock times are told. */
defineProps<{ label: string; value: Clock }>()
const emit = defineEmits<{ change: [clock: Clock] }>()
const words: Readonly<Record<Clock, string>> = {
  site: 'The site’s',
  event: 'Where it happens',
  visitor: 'Each reader’s',
}
</script>

<template>
  <SelectSetting
    :label="label"
    :value="value"
    fallback="site"
    :choices="choicesOf(words)"
    @change="emit('change', $event)"
  />
</template>
