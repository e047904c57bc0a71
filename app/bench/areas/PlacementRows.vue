<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { movedInto } from '~~/core/ordering'
import { placementsAt, spotOf, spotsOf } from '~~/core/pages/standing'
import type { Placement, Spot } from '~~/core/pages/definition'
import { dayStart } from '~~/core/content/fields/date'
import { formatDate } from '~~/core/formats/dates'
import { takeOf } from '~~/core/listing/amount'
import type { MenuAction } from '../../shared/ActionMenu.vue'
import MoreMenu from '../../shared/MoreMenu.vue'
import DraggableRows from '../../shared/sorting/DraggableRows.vue'
import MoveHandle from '../../shared/sorting/MoveHandle.vue'
import type { Direction } from '../../shared/sorting/MoveHandle.vue'
import { fetchedLater } from '../../shared/fetched-later'
import { holdFocus } from '../../shared/sorting/held-focus'
import { useDraft } from '../../stores/bench/draft'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { usePlacing } from '../../stores/bench/placing'
import { useSelection } from '../../stores/bench/selection'
import { useShown } from '../../stores/bench/shown'
import { useView } from '../../stores/bench/view'
import { useNotices } from '../../stores/notices'
import { useCatalogue } from '../../stores/catalogue'
import { useSession } from '../../stores/session'
import { words as shared } from '../../shared/words'
import { freeName } from '../free-name'
import { titleOfSpot } from './spots'
import { words } from './words'

const dialogs = {
  history: fetchedLater(() => import('../publishing/ListingHistory.vue')),
  elsewhere: fetchedLater(() => import('../publishing/ListingElsewhere.vue')),
}

/** What stands at a spot of the page, row by row: chosen, moved, named and taken off here. */
const props = defineProps<{
  spot: Spot
  /** What is said where nothing stands there. */
  empty: string
}>()
const draft = useDraft()
const edits = useListingEdits()
const placing = usePlacing()
const selection = useSelection()
const shown = useShown()
const view = useView()
const notices = useNotices()
const session = useSession()
const catalogue = useCatalogue()
const placements = computed(() => placementsAt(draft.page, props.spot))

/** How many entries a placed listing shows now, once the server has said; null for anything else. */
function shownCount(placement: Placement): number | null {
  if (placement.kind !== 'listing') return null
  const passed = shown.counts[placement.listing]?.steps.at(-1)
  const amount = draft.document.listings[placement.listing]?.amount
  if (passed === undefined || amount === undefined) return null
  return Math.max(0, Math.min(takeOf(amount), passed - amount.skip))
}

function shortDay(day: string): string {
  return formatDate(dayStart(day) ?? 0, { ...catalogue.catalogue, zone: 'UTC' }, 'short')
}

/** A drag reports both lists that it changed; the one that now holds the moved thing makes the edit. */
function dropped(order: readonly Placement[]) {
  const ids = (all: readonly Placement[]) => all.map((one) => one.id)
  const moved = movedInto(ids(placements.value), ids(order))
  const placement = order.find((one) => one.id === moved?.item)
  if (moved !== null && placement !== undefined) placing.move(placement, props.spot, moved.at)
}

/** The placement whose name is being typed where it stands. */
const renamed = ref<string | null>(null)
const vFocused = { mounted: (input: HTMLInputElement) => input.select() }

function beginRenaming(placement: Placement) {
  if (session.maySetUp && placement.kind === 'listing') renamed.value = placement.id
}

function rename(placement: Placement, event: Event) {
  if (renamed.value !== placement.id || placement.kind !== 'listing') return
  const name = (event.target as HTMLInputElement).value.trim()
  renamed.value = null
  if (name !== '' && name !== placing.nameOf(placement))
    edits.edit(placement.listing, `Rename “${placing.nameOf(placement)}”`, (before) => ({
      ...before,
      name,
    }))
}

/** What is open of a listing, or was: a dialog stays to give the focus back. */
const met = shallowRef<{ readonly dialog: 'history' | 'elsewhere'; readonly listing: string } | null>(null)
const isMetOpen = ref(false)

function show(dialog: 'history' | 'elsewhere', listing: string) {
  met.value = { dialog, listing }
  isMetOpen.value = true
}

function duplicate(placement: Placement) {
  selection.choose(placing.duplicate(placement, freeName(placing.nameOf(placement), draft.document.listings)))
}

function remove(placement: Placement) {
  const name = placing.nameOf(placement)
  placing.remove(placement)
  notices.tell({ text: words.removed(name), action: { title: shared.undo, run: draft.undo } })
}

function moveTo(placement: Placement, spot: Spot) {
  placing.move(placement, spot, placementsAt(draft.page, spot).length)
}

function moves(placement: Placement): readonly MenuAction[] {
  const others = spotsOf(draft.page).filter((other) => other !== props.spot)
  return [
    ...(placement.kind === 'listing'
      ? [
          { title: words.rename, run: () => (renamed.value = placement.id) },
          { title: words.history, run: () => show('history', placement.listing) },
          { title: words.elsewhere, run: () => show('elsewhere', placement.listing) },
        ]
      : []),
    ...(props.spot === 'shelf' ? [{ title: words.putBack, run: () => placing.putBack(placement) }] : []),
    { title: words.duplicate, run: () => duplicate(placement) },
    { title: words.moveUp, run: () => shift(placement, -1) },
    { title: words.moveDown, run: () => shift(placement, 1) },
    ...others.map((other) => ({
      title: other === 'shelf' ? words.keepOnShelf : words.moveTo(titleOfSpot(draft.page, other)),
      run: () => moveTo(placement, other),
    })),
    { title: words.remove, run: () => remove(placement) },
  ]
}

/** Up and down within a spot, to the sides from spot to spot. */
function step(placement: Placement, direction: Direction, handle: HTMLElement) {
  holdFocus(handle, placing.nameOf(placement))
  if (direction === 'up' || direction === 'down') return shift(placement, direction === 'up' ? -1 : 1)
  const spots = spotsOf(draft.page)
  const other = spots[spots.indexOf(props.spot) + (direction === 'left' ? -1 : 1)]
  if (other !== undefined) moveTo(placement, other)
}

function shift(placement: Placement, by: number) {
  const spot = spotOf(draft.page, placement.id)
  if (spot === null) return
  const at = placementsAt(draft.page, spot).findIndex((one) => one.id === placement.id)
  if (at + by >= 0 && at + by < placementsAt(draft.page, spot).length) placing.move(placement, spot, at + by)
}
</script>

<template>
  <div class="rows">
    <DraggableRows :items="placements" tag="ul" group="placements" :still="!view.isShown" @order="dropped">
      <li
        v-for="placement in placements"
        :key="placement.id"
        class="row"
        :class="{
          chosen: placement.id === selection.chosenId,
          pointed: placement.id === selection.pointedId,
        }"
        @mouseenter="selection.pointedId = placement.id"
        @mouseleave="selection.pointedId = null"
      >
        <MoveHandle
          v-if="session.maySetUp"
          :name="placing.nameOf(placement)"
          :move="placement.id"
          @step="(direction, handle) => step(placement, direction, handle)"
        />
        <input
          v-if="renamed === placement.id"
          v-focused
          class="renaming"
          maxlength="120"
          :aria-label="words.nameOf(placing.nameOf(placement))"
          :value="placing.nameOf(placement)"
          @keydown.enter="rename(placement, $event)"
          @keydown.esc.stop="renamed = null"
          @blur="rename(placement, $event)"
        />
        <button
          v-else
          type="button"
          class="choose"
          :aria-current="placement.id === selection.chosenId ? 'true' : undefined"
          @click="selection.choose(placement.id)"
          @dblclick="beginRenaming(placement)"
          @keydown.f2="beginRenaming(placement)"
          @focus="selection.pointedId = placement.id"
          @blur="selection.pointedId = null"
        >
          <span class="name">{{ placing.nameOf(placement) }}</span>
          <span v-if="placement.parked?.until" class="count">{{
            words.until(shortDay(placement.parked.until))
          }}</span>
          <span v-if="shownCount(placement) !== null" class="count tabular">{{ shownCount(placement) }}</span>
        </button>
        <MoreMenu
          v-if="session.maySetUp"
          :label="words.more(placing.nameOf(placement))"
          :actions="moves(placement)"
          :size="28"
        />
      </li>
    </DraggableRows>
    <p v-if="placements.length === 0" class="empty">
      {{ empty }}
    </p>
    <component :is="dialogs[met.dialog]" v-if="met !== null" v-model="isMetOpen" :listing="met.listing" />
  </div>
</template>

<style scoped>
/* What says that there is nothing lies over the list, which takes what is dropped there. */
.rows {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
}

.rows > * {
  grid-area: 1 / 1;
}

ul {
  min-height: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.row {
  display: flex;
  align-items: center;
  border-radius: 6px;
}

.row.pointed {
  background: var(--hover);
}

.row.chosen {
  background: var(--leaf-ground);
  color: var(--leaf);
}

.choose {
  flex: 1;
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
  min-height: 32px;
  text-align: left;
  border-radius: 6px;
}

.name {
  flex: 1;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-weight: 500;
}

.chosen .name {
  font-weight: 650;
}

.count {
  font-size: var(--size-note);
  color: var(--soft);
}

.row :deep(.more) {
  flex: none;
  opacity: 0.65;
}

.row:hover :deep(.more),
.row :deep(.more:focus-visible) {
  opacity: 1;
}

.empty {
  padding: 4px 6px 8px;
  pointer-events: none;
  font-size: var(--size-note);
  line-height: 1.4;
  color: var(--soft);
}

.renaming {
  flex: 1;
  min-width: 0;
  min-height: 32px;
  padding: 0 7px;
  border: 1px solid var(--leaf);
  border-radius: 6px;
  background: var(--sheet);
  font: inherit;
}
</style>
