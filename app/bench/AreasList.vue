<script setup lang="ts">
import { mdiDotsHorizontal, mdiDragVertical, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import { placementsAt, spotOf } from '~~/core/pages/definition'
import type { Placement, Spot } from '~~/core/pages/definition'
import { takeOf } from '~~/core/listing/amount'
import { frames } from '~~/core/pages/frames'
import ActionMenu from '../shared/ActionMenu.vue'
import type { MenuAction } from '../shared/ActionMenu.vue'
import { useBench } from '../stores/bench'
import { useCatalogue } from '../stores/catalogue'
import { spotNames, words } from './words'

const bench = useBench()
const catalogue = useCatalogue()

const spots = computed<readonly Spot[]>(() => [
  ...frames.get(bench.page.frame).areas.map((area) => area.name),
  'shelf',
])

function nameOf(placement: Placement): string {
  return bench.document.listings[placement.listing]?.name ?? ''
}

/** How many entries a placement shows now, once the server has said. */
function shownCount(placement: Placement): number | null {
  const passed = bench.counts[placement.listing]?.steps.at(-1)
  const amount = bench.document.listings[placement.listing]?.amount
  if (passed === undefined || amount === undefined) return null
  return Math.max(0, Math.min(takeOf(amount), passed - amount.skip))
}

/** A drag reports both lists that it changed; the one that now holds the moved thing makes the edit. */
function dropped(spot: Spot, placements: readonly Placement[]) {
  const before = placementsAt(bench.page, spot).map((one) => one.id)
  const after = placements.map((one) => one.id)
  const moved =
    after.find((id) => !before.includes(id)) ??
    (after.length === before.length
      ? (after.find((id, at) => before[at] !== id && before[at + 1] !== id) ??
        after.find((id, at) => before[at] !== id))
      : undefined)
  if (moved !== undefined) bench.movePlacement(moved, spot, after.indexOf(moved))
}

function add(spot: Spot, collection: { id: number; name: string }) {
  const names = new Set(Object.values(bench.document.listings).map((listing) => listing.name))
  let name = collection.name
  for (let number = 2; names.has(name); number += 1) name = `${collection.name} ${number}`
  bench.placeListing(spot, name, collection.id)
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
    { title: words.moveUp, run: () => shift(placement, -1) },
    { title: words.moveDown, run: () => shift(placement, 1) },
    ...others.map((other) => ({
      title: other === 'shelf' ? words.keepOnShelf : words.moveTo(spotNames[other]),
      run: () => bench.movePlacement(placement.id, other, placementsAt(bench.page, other).length),
    })),
  ]
}

function shift(placement: Placement, by: number) {
  const spot = spotOf(bench.page, placement.id)
  if (spot === null) return
  const at = placementsAt(bench.page, spot).findIndex((one) => one.id === placement.id)
  if (at + by >= 0 && at + by < placementsAt(bench.page, spot).length)
    bench.movePlacement(placement.id, spot, at + by)
}
</script>

<template>
  <nav class="areas" :aria-label="words.areas">
    <section
      v-for="spot in spots"
      :key="spot"
      class="spot"
      :class="{ shelf: spot === 'shelf' }"
      :aria-label="spotNames[spot]"
    >
      <header>
        <h2>{{ spotNames[spot] }}</h2>
        <span v-if="spot === 'shelf'">{{ words.shelfNote }}</span>
        <ActionMenu v-else v-slot="{ opener }" :label="words.addListing" :actions="additions(spot)">
          <v-btn
            v-bind="opener"
            :icon="mdiPlus"
            size="28"
            variant="text"
            :aria-label="`${words.addListing}: ${spotNames[spot]}`"
          />
        </ActionMenu>
      </header>
      <VueDraggable
        tag="ul"
        :model-value="[...placementsAt(bench.page, spot)]"
        group="placements"
        handle=".drag"
        :animation="140"
        @update:model-value="dropped(spot, $event)"
      >
        <li
          v-for="placement in placementsAt(bench.page, spot)"
          :key="placement.id"
          class="row"
          :class="{ chosen: placement.id === bench.chosenId, pointed: placement.id === bench.pointedId }"
          @mouseenter="bench.pointedId = placement.id"
          @mouseleave="bench.pointedId = null"
        >
          <span class="drag" aria-hidden="true"><v-icon :icon="mdiDragVertical" size="18" /></span>
          <button
            type="button"
            class="choose"
            :aria-current="placement.id === bench.chosenId ? 'true' : undefined"
            @click="bench.choose(placement.id)"
            @focus="bench.pointedId = placement.id"
            @blur="bench.pointedId = null"
            @keydown.alt.up.prevent="shift(placement, -1)"
            @keydown.alt.down.prevent="shift(placement, 1)"
          >
            <span class="name">{{ nameOf(placement) }}</span>
            <span v-if="shownCount(placement) !== null" class="count tabular">{{
              shownCount(placement)
            }}</span>
          </button>
          <ActionMenu
            v-slot="{ opener }"
            :label="words.more(nameOf(placement))"
            :actions="moves(placement, spot)"
          >
            <v-btn
              v-bind="opener"
              class="more"
              :icon="mdiDotsHorizontal"
              size="28"
              variant="text"
              :aria-label="words.more(nameOf(placement))"
            />
          </ActionMenu>
        </li>
      </VueDraggable>
      <p v-if="placementsAt(bench.page, spot).length === 0" class="empty">
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
  background: #fff;
  padding: 2px 5px 5px;
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
  font-size: 12px;
  color: var(--soft);
}

header span {
  padding-right: 6px;
}

h2 {
  font-size: 12.5px;
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
  background: #f6f2e7;
}

.row.chosen {
  background: #e2eee5;
  color: var(--leaf);
}

.drag {
  display: grid;
  place-items: center;
  flex: none;
  width: 24px;
  height: 32px;
  color: #a79f8a;
  cursor: grab;
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
  font-size: 12.5px;
  color: var(--soft);
}

.more {
  flex: none;
  opacity: 0.65;
}

.row:hover .more,
.more:focus-visible {
  opacity: 1;
}

.empty {
  padding: 2px 6px 6px;
  font-size: 12.5px;
  line-height: 1.4;
  color: var(--soft);
}
</style>
