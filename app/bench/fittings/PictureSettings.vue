<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { pictureFitting } from '~~/core/fittings/picture'
import MediaChoice from '../../content/media/MediaChoice.vue'
import AddressSetting from '../../shared/settings/AddressSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'picture'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'picture'>, subject: string] }>()
</script>

<template>
  <section :aria-label="words.picture">
    <p class="input-title">{{ words.picture }}</p>
    <MediaChoice
      :model-value="settings.picture"
      :kinds="['picture']"
      :name="words.picture"
      @update:model-value="emit('change', { ...props.settings, picture: $event }, 'picture')"
    />
  </section>
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
