<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { controlLabel, defaultVisitors, mostControls } from '~~/core/listing/visitors'
import type { Visitors } from '~~/core/listing/visitors'
import { controlKey } from '~~/core/visitors'
import type { Control } from '~~/core/visitors'
import ActionMenu from '../../shared/ActionMenu.vue'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import SortableList from '../../shared/sorting/SortableList.vue'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { useCatalogue } from '../../stores/catalogue'
import ControlRow from '../visitors/ControlRow.vue'
import { additionsFor } from '../visitors/additions'
import { words } from '../visitors/words'

/** What visitors can do with the listing: its controls, in their order. */
const props = defineProps<{ listing: Listing }>()
const edits = useListingEdits()
const catalogue = useCatalogue()

const visitors = computed(() => props.listing.visitors)
const opened = ref<string | null>(null)

/** What it does not have yet. */
const additions = computed(() => {
  const there = new Set(visitors.value.controls.map(controlKey))
  return additionsFor(catalogue.catalogue, props.listing.from.collections)
    .filter(({ control }) => !there.has(controlKey(control)))
    .map(({ title, control }) => ({ title, run: () => add(control) }))
})

function set(change: Partial<Visitors>, subject?: string) {
  edits.editChosen(
    words.edit,
    (before) => ({ ...before, visitors: { ...before.visitors, ...change } }),
    subject,
  )
}

/** What was added is opened, ready to be set. */
function add(control: Control) {
  set({ controls: [...visitors.value.controls, control] })
  opened.value = controlKey(control)
}

function change(next: Control, subject: string) {
  const key = controlKey(next)
  set(
    { controls: visitors.value.controls.map((one) => (controlKey(one) === key ? next : one)) },
    `visitors ${key} ${subject}`,
  )
}

function remove(control: Control) {
  set({ controls: visitors.value.controls.filter((one) => one !== control) })
}
</script>

<template>
  <p v-if="visitors.controls.length === 0" class="none">
    {{ words.none }}
  </p>
  <SortableList
    v-else
    v-slot="{ item, handle }"
    class="controls"
    :items="visitors.controls"
    :key-of="controlKey"
    :name-of="(one) => controlLabel(one, catalogue.words)"
    @order="set({ controls: $event })"
  >
    <ControlRow
      :open="opened === controlKey(item)"
      :control="item"
      :handle="handle"
      @update:open="opened = $event ? controlKey(item) : null"
      @change="change"
      @remove="remove(item)"
    />
  </SortableList>
  <ActionMenu
    v-if="additions.length > 0 && visitors.controls.length < mostControls"
    v-slot="{ opener }"
    :label="words.add"
    :actions="additions"
  >
    <v-btn v-bind="opener" :prepend-icon="mdiPlus" height="34" class="start">{{ words.add }}</v-btn>
  </ActionMenu>
  <template v-if="visitors.controls.length > 0">
    <ChoiceSetting
      :label="words.place"
      :value="visitors.place"
      :fallback="defaultVisitors.place"
      :choices="choicesOf(words.places)"
      @change="set({ place: $event })"
    />
    <p class="none">{{ words.placeHint }}</p>
  </template>
</template>

<style scoped>
.none {
  font-size: var(--size-note);
  color: var(--soft);
}

.controls {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  padding: 0;
  list-style: none;
}

.start {
  justify-self: start;
}
</style>
