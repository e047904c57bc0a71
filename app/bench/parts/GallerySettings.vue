<script setup lang="ts">
import { gallery } from '~~/core/cards/parts/large/gallery'
import type { GallerySetting } from '~~/core/cards/parts/large/gallery'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { words } from './words'

const props = defineProps<{ setting: GallerySetting }>()
const emit = defineEmits<{ change: [setting: GallerySetting] }>()
</script>

<template>
  <NumberSetting
    :label="words.across"
    :value="setting.across"
    :fallback="gallery.defaults.across"
    :least="1"
    :most="6"
    @change="emit('change', { ...props.setting, across: $event })"
  />
</template>
