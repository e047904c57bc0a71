<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { siteName } from '~~/core/fittings/site-name'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'site-name'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'site-name'>, subject: string] }>()
const shown = ['tagline', 'icon'] as const
</script>

<template>
  <SwitchSetting
    v-for="one in shown"
    :key="one"
    :label="words.ofSiteName[one]"
    :value="settings[one]"
    :fallback="siteName.defaults[one]"
    @change="emit('change', { ...props.settings, [one]: $event }, one)"
  />
  <ChoiceSetting
    :label="words.siteNameMenu"
    :value="settings.menu"
    :fallback="siteName.defaults.menu"
    :choices="choicesOf(words.siteNameMenus)"
    @change="emit('change', { ...props.settings, menu: $event }, 'menu')"
  />
  <template v-if="settings.menu !== 'none'">
    <SwitchSetting
      :label="words.menuFolds"
      :value="settings.folds"
      :fallback="siteName.defaults.folds"
      @change="emit('change', { ...props.settings, folds: $event }, 'folds')"
    />
    <TextSetting
      :label="words.siteNameTitle"
      :value="settings.title"
      :fallback="siteName.defaults.title"
      :most="60"
      required
      @change="emit('change', { ...props.settings, title: $event }, 'title')"
    />
  </template>
</template>
