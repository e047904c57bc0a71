<script setup lang="ts">
import { pictureRatios } from '~~/core/cards/parts/picture'
import type { PictureSetting } from '~~/core/cards/parts/picture'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { words } from '../words'

defineProps<{ setting: PictureSetting; fallback: PictureSetting }>()
const emit = defineEmits<{ change: [setting: PictureSetting] }>()
const choices = pictureRatios.map((ratio) => ({ value: ratio, title: ratio === 'natural' ? words.ratioNatural : ratio }))
</script>

<template>
  <ChoiceSetting
    :label="words.ratio"
    :value="setting.ratio"
    :choices="choices"
    :fallback="fallback.ratio"
    @change="emit('change', { ...setting, ratio: $event })"
  />
</template>
