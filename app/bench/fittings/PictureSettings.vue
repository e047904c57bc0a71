<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { pictureFitting } from '~~/core/fittings/picture'
import AddressSetting from '../../shared/settings/AddressSetting.vue'
import PictureSetting from '../../shared/settings/PictureSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'picture'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'picture'>, subject: string] }>()
</script>

<template>
  <PictureSetting
    :label="words.picture"
    :value="settings.picture"
    @change="emit('change', { ...props.settings, picture: $event }, 'picture')"
  />
  <TextSetting
    :label="words.caption"
    :value="settings.caption"
    :fallback="pictureFitting.defaults.caption"
    :most="400"
    @change="emit('change', { ...props.settings, caption: $event }, 'caption')"
  />
  <AddressSetting
    :label="words.leadsTo"
    :value="settings.address"
    @change="emit('change', { ...props.settings, address: $event }, 'address')"
  />
</template>
