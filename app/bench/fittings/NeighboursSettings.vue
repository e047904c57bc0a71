<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { neighbours } from '~~/core/fittings/neighbours'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { useDraft } from '../../stores/bench/draft'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'neighbours'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'neighbours'>, subject: string] }>()
const draft = useDraft()
const ways = ['earlier', 'later'] as const
</script>

<template>
  <p v-if="draft.subject?.kind !== 'entry'" class="input-note">{{ words.noNeighbours }}</p>
  <TextSetting
    v-for="way in ways"
    :key="way"
    :label="words.ofNeighbours[way]"
    :value="settings[way]"
    :fallback="neighbours.defaults[way]"
    :most="40"
    required
    @change="emit('change', { ...props.settings, [way]: $event }, way)"
  />
</template>
