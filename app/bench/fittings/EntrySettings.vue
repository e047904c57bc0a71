<script setup lang="ts">
import { same } from '~~/core/same'
import { parts as partKinds } from '~~/core/cards/parts'
import type { PartSetting } from '~~/core/cards/parts'
import type { ChosenFitting } from '~~/core/fittings'
import { entryLayoutNames, entryLayouts } from '~~/core/fittings/entry-layouts'
import type { EntryLayoutName } from '~~/core/fittings/entry-layouts'
import { computed } from 'vue'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { useDraft } from '../../stores/bench/draft'
import PartsSetting from '../parts/PartsSetting.vue'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'entry'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'entry'>, subject?: string] }>()
const draft = useDraft()
/** The layout that it still is as it was begun; none once something was changed. */
const layout = computed(
  () => entryLayoutNames.find((name) => same(entryLayouts[name], props.settings.parts)) ?? 'own',
)
const layouts = computed(() => [
  ...choicesOf(words.entryLayouts),
  ...(layout.value === 'own' ? [{ value: 'own' as const, title: words.ownLayout }] : []),
])

function begin(name: EntryLayoutName | 'own') {
  if (name !== 'own') set(entryLayouts[name])
}

function set(parts: readonly PartSetting[], subject?: string) {
  emit('change', { ...props.settings, parts }, subject)
}
</script>

<template>
  <p v-if="draft.subject?.kind !== 'entry'" class="input-note">{{ words.noEntry }}</p>
  <ChoiceSetting :label="words.entryLayout" :value="layout" :choices="layouts" @change="begin" />
  <PartsSetting
    :parts="settings.parts"
    :offered="partKinds.names"
    :usual="[]"
    @change="(parts, _title, subject) => set(parts, subject)"
  />
</template>
