<script setup lang="ts">
import { mdiDotsHorizontal, mdiDragVertical, mdiPlus } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import type { Pick } from '~~/core/listing/from'
import ActionMenu from '../../shared/ActionMenu.vue'
import { request } from '../../shared/http'
import { useBench } from '../../stores/bench'
import EntryPicker from './EntryPicker.vue'
import PickDialog from './PickDialog.vue'
import { words } from './words'

/** The entries picked by hand, in their order. */
const props = defineProps<{ picks: readonly Pick[]; collections: readonly number[] }>()
const emit = defineEmits<{ change: [picks: readonly Pick[], title: string] }>()
const bench = useBench()
const picking = ref(false)
const edited = ref<Pick | null>(null)
const titles = ref<ReadonlyMap<number, string>>(new Map())
const gone = computed(() => new Map((bench.chosenCounts?.gone ?? []).map((one) => [one.id, one.title])))
const ids = computed(() => props.picks.map((pick) => pick.entry))

watch(ids, name, { immediate: true })

async function name() {
  const unknown = ids.value.filter((id) => !titles.value.has(id))
  if (unknown.length === 0) return
  const found = await request<readonly { id: number; title: string }[]>(
    'GET',
    `/api/bench/entries/titles?ids=${unknown.join(',')}`,
  ).catch(() => [])
  titles.value = new Map([...titles.value, ...found.map((one) => [one.id, one.title] as const)])
}

function titleOf(pick: Pick): string {
  return pick.title ?? titles.value.get(pick.entry) ?? String(pick.entry)
}

function add(entries: readonly number[]) {
  emit('change', [...props.picks, ...entries.map((entry) => ({ entry }))], 'Pick entries')
}

function move(at: number, by: number) {
  const picks = [...props.picks]
  const [moved] = picks.splice(at, 1)
  if (moved !== undefined && at + by >= 0)
    emit('change', picks.toSpliced(at + by, 0, moved), 'Order of the picks')
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
    <VueDraggable
      :model-value="[...picks]"
      tag="ol"
      handle=".handle"
      :animation="120"
      :aria-label="words.picks"
      @update:model-value="emit('change', $event, 'Order of the picks')"
    >
      <li v-for="(pick, at) in picks" :key="pick.entry">
        <button
          type="button"
          class="handle"
          :aria-label="words.movePick(titleOf(pick))"
          @keydown.up.prevent="move(at, -1)"
          @keydown.down.prevent="move(at, 1)"
        >
          <v-icon :icon="mdiDragVertical" size="18" />
        </button>
        <span class="title">
          {{ titleOf(pick) }}
          <small v-if="gone.has(pick.entry)">{{
            gone.get(pick.entry) === null ? words.lost : words.gone
          }}</small>
        </span>
        <ActionMenu v-slot="{ opener }" :label="words.morePick(titleOf(pick))" :actions="actions(pick)">
          <v-btn
            v-bind="opener"
            :icon="mdiDotsHorizontal"
            size="28"
            variant="text"
            :aria-label="words.morePick(titleOf(pick))"
          />
        </ActionMenu>
      </li>
    </VueDraggable>
    <v-btn height="34" :prepend-icon="mdiPlus" class="add" @click="picking = true">{{ words.pick }}</v-btn>
    <EntryPicker v-model="picking" :collections="collections" :picked="ids" @pick="add" />
    <PickDialog v-model="edited" :title="edited === null ? '' : titleOf(edited)" @save="say" />
  </div>
</template>

<style scoped>
.picks {
  display: grid;
  gap: 8px;
}

.none {
  font-size: 13px;
  color: var(--soft);
}

ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
  gap: 4px;
  min-height: 40px;
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}

.handle {
  display: grid;
  place-items: center;
  flex: none;
  width: 24px;
  height: 32px;
  border-radius: 5px;
  color: #8d8672;
  cursor: grab;
}

.title {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
  font-size: 13px;
  font-weight: 600;
}

small {
  display: block;
  font-size: 12px;
  color: rgb(var(--v-theme-error));
}

.add {
  justify-self: start;
}
</style>
