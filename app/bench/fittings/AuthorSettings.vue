<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { authorBox } from '~~/core/fittings/author-box'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { useDraft } from '../../stores/bench/draft'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'author'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'author'>, subject: string] }>()
const draft = useDraft()
const shown = ['portrait', 'about', 'linked'] as const
</script>

<template>
  <p v-if="draft.subject?.kind !== 'entry' && draft.subject?.kind !== 'author'" class="input-note">
    {{ words.noAuthor }}
  </p>
  <SwitchSetting
    v-for="one in shown"
    :key="one"
    :label="words.ofAuthor[one]"
    :value="settings[one]"
    :fallback="authorBox.defaults[one]"
    @change="emit('change', { ...props.settings, [one]: $event }, one)"
  />
</template>
