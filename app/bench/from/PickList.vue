<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import type { NamedEntry } from '~~/core/content/answers'
import type { Pick } from '~~/core/listing/from'
import MoreMenu from '../../shared/MoreMenu.vue'
import { useKnown } from '../../shared/answers'
import MoveHandle from '../../shared/sorting/MoveHandle.vue'
import SortableList from '../../shared/sorting/SortableList.vue'
import { useSelection } from '../../stores/bench/selection'
import EntryPicker from './EntryPicker.vue'
import PickDialog from './PickDialog.vue'
import { words } from './words'

/** The entries picked by hand, in their order. */
const props = defineProps<{ picks: readonly Pick[]; collections: readonly number[] }>()
const emit = defineEmits<{ change: [picks: readonly Pick[], title: string] }>()
const selection = useSelection()
const picking = ref(false)
const edited = ref<Pick | null>(null)
const gone = computed(() => new Map((selection.counts?.gone ?? []).map((one) => [one.id, one.title])))
const ids = computed(() => props.picks.map((pick) => pick.entry))
const { known } = useKnown<NamedEntry>(() => ids.value, '/api/bench/entries/titles')

function titleOf(pick: Pick): string {
  return pick.title ?? known.value.get(pick.entry)?.title ?? String(pick.entry)
}

function add(entries: readonly number[]) {
  emit('change', [...props.picks, ...entries.map((entry) => ({ entry }))], 'Pick entries')
}

function say(pick: Pick) {
  emit(
    'change',
    props.picks.map((one) => (one.entry === pick.entry ? pick : one)),
    'Words of a pick',
  )
}

function actions(pick: Pick) {
  return [
    { title: words.own, run: () => (edited.value = pick) },
    {
      title: words.removePick,
      run: () =>
        emit(
          'change',
          props.picks.filter((one) => one.entry !== pick.entry),
          'Take off a pick',
        ),
    },
  ]
}
</script>

<template>
  <div class="picks">
    <p v-if="picks.length === 0" class="none">{{ words.noPicks }}</p>
    <SortableList
      v-slot="{ item: pick, handle }"
      class="list"
      :items="picks"
      :key-of="(pick) => pick.entry"
      :name-of="titleOf"
      :label="words.picks"
      @order="emit('change', $event, 'Order of the picks')"
    >
      <MoveHandle v-bind="handle" />
      <span class="title">
        {{ titleOf(pick) }}
        <small v-if="gone.has(pick.entry)">{{
          gone.get(pick.entry) === null ? words.lost : words.gone
        }}</small>
      </span>
      <MoreMenu :label="words.morePick(titleOf(pick))" :actions="actions(pick)" :size="28" />
    </SortableList>
    <v-btn height="34" :prepend-icon="mdiPlus" class="add" @click="picking = true">{{ words.pick }}</v-btn>
    <EntryPicker v-model="picking" :collections="collections" :picked="ids" @pick="add" />
    <PickDialog
      v-model="edited"
      :title="edited === null ? '' : titleOf(edited)"
      :entry="edited === null ? undefined : known.get(edited.entry)"
      @save="say"
    />
  </div>
</template>

<style scoped>
.picks {
  display: grid;
  gap: 8px;
}

.none {
  font-size: var(--size-small);
  color: var(--soft);
}

.list {
  margin: 0;
  padding: 0;
  list-style: none;
}

.list :deep(li) {
  display: flex;
  align-items: center;
  gap: 4px;
  min-height: 40px;
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}

.title {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
  font-size: var(--size-small);
  font-weight: 600;
}

small {
  display: block;
  font-size: var(--size-fine);
  color: rgb(var(--v-theme-error));
}

.add {
  justify-self: start;
}
</style>
