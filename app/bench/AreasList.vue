<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import type { CollectionSummary } from '~~/core/content/catalogue'
import { movedInto } from '~~/core/ordering'
import { placementsAt, spotOf, spotsOf } from '~~/core/pages/standing'
import type { Placement, Spot } from '~~/core/pages/definition'
import { takeOf } from '~~/core/listing/amount'
import { areaOf } from '~~/core/pages/frames'
import ActionMenu from '../shared/ActionMenu.vue'
import type { MenuAction } from '../shared/ActionMenu.vue'
import MoreMenu from '../shared/MoreMenu.vue'
import DraggableRows from '../shared/sorting/DraggableRows.vue'
import MoveHandle from '../shared/sorting/MoveHandle.vue'
import type { Direction } from '../shared/sorting/MoveHandle.vue'
import { holdFocus } from '../shared/sorting/held-focus'
import { useDraft } from '../stores/bench/draft'
import { useSelection } from '../stores/bench/selection'
import { useShown } from '../stores/bench/shown'
import { useView } from '../stores/bench/view'
import { useCatalogue } from '../stores/catalogue'
import { useNotices } from '../stores/notices'
import { useSession } from '../stores/session'
import { words as shared } from '../shared/words'
import { words } from './words'

const draft = useDraft()
const selection = useSelection()
const shown = useShown()
const view = useView()
const catalogue = useCatalogue()
const notices = useNotices()
const session = useSession()

const spots = computed(() => spotsOf(draft.page))

/** What a spot is called: the frame names its areas. */
function titleOf(spot: Spot): string {
  return spot === 'shelf' ? words.shelf : (areaOf(draft.page.frame, spot)?.title ?? spot)
}

/** How many entries a placement shows now, once the server has said. */
function shownCount(placement: Placement): number | null {
  const passed = shown.counts[placement.listing]?.steps.at(-1)
  const amount = draft.document.listings[placement.listing]?.amount
  if (passed === undefined || amount === undefined) return null
  return Math.max(0, Math.min(takeOf(amount), passed - amount.skip))
}

/** A drag reports both lists that it changed; the one that now holds the moved thing makes the edit. */
function dropped(spot: Spot, placements: readonly Placement[]) {
  const ids = (all: readonly Placement[]) => all.map((one) => one.id)
  const moved = movedInto(ids(placementsAt(draft.page, spot)), ids(placements))
  const placement = placements.find((one) => one.id === moved?.item)
  if (moved !== null && placement !== undefined) draft.move(placement, spot, moved.at)
}

function add(spot: Spot, collection: CollectionSummary) {
  selection.place(spot, freeName(collection.name), collection)
}

/** A name that no listing of the page has: with a number after it where it must. */
function freeName(wanted: string): string {
  const names = new Set(Object.values(draft.document.listings).map((listing) => listing.name))
  const base = wanted.replace(/ \d+$/, '')
  let name = wanted
  for (let number = 2; names.has(name); number += 1) name = `${base} ${number}`
  return name
}

/** The placement whose name is being typed where it stands. */
const renamed = ref<string | null>(null)
const vFocused = { mounted: (input: HTMLInputElement) => input.select() }

function beginRenaming(placement: Placement) {
  if (session.maySetUp) renamed.value = placement.id
}

function rename(placement: Placement, event: Event) {
  if (renamed.value !== placement.id) return
  const name = (event.target as HTMLInputElement).value.trim()
  renamed.value = null
  if (name !== '' && name !== draft.nameOf(placement))
    draft.editListing(placement.listing, `Rename “${draft.nameOf(placement)}”`, (before) => ({
      ...before,
      name,
    }))
}

function duplicate(placement: Placement) {
  selection.choose(draft.duplicate(placement, freeName(draft.nameOf(placement))))
}

function remove(placement: Placement) {
  const name = draft.nameOf(placement)
  draft.remove(placement)
  notices.tell({ text: words.removed(name), action: { title: shared.undo, run: draft.undo } })
}

function additions(spot: Spot): readonly MenuAction[] {
  return catalogue.catalogue.collections.map((collection) => ({
    title: collection.name,
    run: () => add(spot, collection),
  }))
}

function moves(placement: Placement, spot: Spot): readonly MenuAction[] {
  const others = spots.value.filter((other) => other !== spot)
  return [
    { title: words.rename, run: () => (renamed.value = placement.id) },
    { title: words.duplicate, run: () => duplicate(placement) },
    { title: words.moveUp, run: () => shift(placement, -1) },
    { title: words.moveDown, run: () => shift(placement, 1) },
    ...others.map((other) => ({
      title: other === 'shelf' ? words.keepOnShelf : words.moveTo(titleOf(other)),
      run: () => draft.move(placement, other, placementsAt(draft.page, other).length),
    })),
    { title: words.remove, run: () => remove(placement) },
  ]
}

/** Up and down within a spot, to the sides from spot to spot. */
function step(placement: Placement, spot: Spot, direction: Direction, handle: HTMLElement) {
  holdFocus(handle, draft.nameOf(placement))
  if (direction === 'up' || direction === 'down') return shift(placement, direction === 'up' ? -1 : 1)
  const other = spots.value[spots.value.indexOf(spot) + (direction === 'left' ? -1 : 1)]
  if (other !== undefined) draft.move(placement, other, placementsAt(draft.page, other).length)
}

function shift(placement: Placement, by: number) {
  const spot = spotOf(draft.page, placement.id)
  if (spot === null) return
  const at = placementsAt(draft.page, spot).findIndex((one) => one.id === placement.id)
  if (at + by >= 0 && at + by < placementsAt(draft.page, spot).length) draft.move(placement, spot, at + by)
}
</script>

<template>
  <nav class="areas" data-region tabindex="-1" :aria-label="words.areas" data-move-room>
    <section
      v-for="spot in spots"
      :key="spot"
      class="spot"
      :class="{ shelf: spot === 'shelf', pointed: spot === selection.pointedArea }"
      :aria-label="titleOf(spot)"
      data-move-place
    >
      <header
        @mouseenter="selection.pointedArea = spot"
        @mouseleave="selection.pointedArea = null"
        @focusin="selection.pointedArea = spot"
        @focusout="selection.pointedArea = null"
      >
        <h2>{{ titleOf(spot) }}</h2>
        <span v-if="spot === 'shelf'">{{ words.shelfNote }}</span>
        <ActionMenu
          v-else-if="session.maySetUp"
          v-slot="{ opener }"
          :label="words.addListing"
          :actions="additions(spot)"
        >
          <v-btn
            v-bind="opener"
            :icon="mdiPlus"
            size="28"
            variant="text"
            :aria-label="`${words.addListing}: ${titleOf(spot)}`"
          />
        </ActionMenu>
      </header>
      <DraggableRows
        :items="placementsAt(draft.page, spot)"
        tag="ul"
        group="placements"
        :still="!view.isShown"
        @order="dropped(spot, $event)"
      >
        <li
          v-for="placement in placementsAt(draft.page, spot)"
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
            :name="draft.nameOf(placement)"
            :move="placement.id"
            @step="(direction, handle) => step(placement, spot, direction, handle)"
          />
          <input
            v-if="renamed === placement.id"
            v-focused
            class="renaming"
            maxlength="120"
            :aria-label="words.nameOf(draft.nameOf(placement))"
            :value="draft.nameOf(placement)"
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
            <span class="name">{{ draft.nameOf(placement) }}</span>
            <span v-if="shownCount(placement) !== null" class="count tabular">{{
              shownCount(placement)
            }}</span>
          </button>
          <MoreMenu
            v-if="session.maySetUp"
            :label="words.more(draft.nameOf(placement))"
            :actions="moves(placement, spot)"
            :size="28"
          />
        </li>
      </DraggableRows>
      <p v-if="placementsAt(draft.page, spot).length === 0" class="empty">
        {{ spot === 'shelf' ? words.shelfEmpty : words.areaEmpty }}
      </p>
    </section>
  </nav>
</template>

<style scoped>
.areas {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
}

.spot {
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--sheet);
  padding: 2px 5px 5px;
}

.spot.pointed {
  border-color: var(--leaf);
}

.shelf {
  border-style: dashed;
  background: var(--paper);
}

header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 34px;
  padding: 0 2px 0 6px;
  font-size: var(--size-fine);
  color: var(--soft);
}

header span {
  padding-right: 6px;
}

h2 {
  font-size: var(--size-note);
  font-weight: 600;
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
  padding: 2px 6px 6px;
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
