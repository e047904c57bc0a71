<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, nextTick } from 'vue'
import { withPartAdded } from '~~/core/cards/card-edits'
import { partKey, parts as partKinds } from '~~/core/cards/parts'
import type { PartName, PartSetting } from '~~/core/cards/parts'
import ActionMenu from '../../shared/ActionMenu.vue'
import { useSelection } from '../../stores/bench/selection'
import CardZones from './CardZones.vue'
import { words } from './words'

/** Parts where they sit, with a way to add more. */
const props = defineProps<{
  parts: readonly PartSetting[]
  offered: readonly PartName[]
  /** Those that are switched off, and not taken away. */
  usual: readonly PartName[]
}>()
const emit = defineEmits<{ change: [parts: readonly PartSetting[], title: string, subject?: string] }>()
const selection = useSelection()

const additions = computed(() =>
  props.offered
    .map((name) => partKinds.get(name))
    .filter((kind) => kind.several === true || !props.parts.some((part) => part.part === kind.name))
    .map((kind) => ({ title: kind.title, run: () => add(kind.name) })),
)

/** What was added is opened, ready to be set. */
function add(name: PartName) {
  const next = withPartAdded(props.parts, name, crypto.randomUUID().slice(0, 8))
  const added = next.find((part) => !props.parts.includes(part))
  emit('change', next, 'Add a part')
  if (added !== undefined) void nextTick(() => (selection.openPart = partKey(added)))
}
</script>

<template>
  <CardZones
    :parts="parts"
    :usual="usual"
    @change="(next, title, subject) => emit('change', next, title, subject)"
  />
  <ActionMenu v-slot="{ opener }" :label="words.add" :actions="additions">
    <v-btn v-bind="opener" :prepend-icon="mdiPlus" height="34" class="start">{{ words.add }}</v-btn>
  </ActionMenu>
</template>

<style scoped>
.start {
  justify-self: start;
}
</style>
