<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { breadcrumbs } from '~~/core/fittings/breadcrumbs'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { useDraft } from '../../stores/bench/draft'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'breadcrumbs'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'breadcrumbs'>, subject: string] }>()
const draft = useDraft()
</script>

<template>
  <p v-if="draft.path === '/'" class="input-note">{{ words.noBreadcrumbs }}</p>
  <TextSetting
    :label="words.home"
    :value="settings.home"
    :fallback="breadcrumbs.defaults.home"
    :most="60"
    required
    @change="emit('change', { ...props.settings, home: $event }, 'home')"
  />
  <TextSetting
    :label="words.between"
    :value="settings.between"
    :fallback="breadcrumbs.defaults.between"
    :most="8"
    @change="emit('change', { ...props.settings, between: $event }, 'between')"
  />
</template>
