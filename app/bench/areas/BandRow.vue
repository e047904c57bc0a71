<script setup lang="ts">
import { computed } from 'vue'
import type { Band } from '~~/core/pages/bands/definition'
import type { Area, AreaName } from '~~/core/pages/frames'
import { withBandMoved } from '~~/core/pages/moves'
import { sharedIn } from '~~/core/pages/shared-areas'
import { areasOf, columnSpot } from '~~/core/pages/standing'
import MoveHandle from '../../shared/sorting/MoveHandle.vue'
import type { Direction } from '../../shared/sorting/MoveHandle.vue'
import { holdFocus } from '../../shared/sorting/held-focus'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import { useSession } from '../../stores/session'
import AddMenu from './AddMenu.vue'
import BandMenu from './BandMenu.vue'
import PlacementRows from './PlacementRows.vue'
import { titleOfSpot } from './spots'
import { words } from './words'

/** A band with its columns, each with what stands in it. */
const props = defineProps<{ band: Band; at: number; area: Area & { readonly name: AreaName } }>()
const draft = useDraft()
const selection = useSelection()
const session = useSession()
const name = computed(() => `${props.area.title}, ${words.bandNumber(props.at + 1)}`)

/** Up and down within the area, to the sides from area to area. */
function step(direction: Direction, handle: HTMLElement) {
  holdFocus(handle, name.value)
  const areas = areasOf(draft.page)
    .map((one) => one.name)
    .filter((area) => sharedIn(draft.page, area) === undefined)
  const isAlong = direction === 'up' || direction === 'down'
  const by = direction === 'up' || direction === 'left' ? -1 : 1
  const area = isAlong ? props.area.name : areas[areas.indexOf(props.area.name) + by]
  if (area === undefined) return
  const there = draft.page.areas[area]?.length ?? 0
  const to = isAlong ? props.at + by : there
  if (isAlong && (to < 0 || to >= there)) return
  draft.editPage('Move a band', (page) => withBandMoved(page, props.band.id, area, to))
}
</script>

<template>
  <li class="band" :class="{ chosen: band.id === selection.chosenBand }">
    <div class="band-head">
      <MoveHandle v-if="session.maySetUp" :name="name" :move="`band ${band.id}`" @step="step" />
      <button
        type="button"
        class="choose"
        :aria-current="band.id === selection.chosenBand ? 'true' : undefined"
        @click="selection.chooseBand(band.id)"
      >
        <span class="unseen">{{ words.inArea(area.title) }}</span>
        <span>{{ words.band(at + 1) }}</span>
        <span v-if="band.columns.length > 1" class="count">{{ words.columns(band.columns.length) }}</span>
      </button>
      <template v-if="session.maySetUp">
        <AddMenu v-if="band.columns.length === 1" :spot="columnSpot(band, 0)" />
        <BandMenu :id="band.id" :area="area" :name="name" />
      </template>
    </div>
    <section
      v-for="(_, column) in band.columns"
      :key="column"
      class="column"
      :class="{ several: band.columns.length > 1 }"
      :aria-label="titleOfSpot(draft.page, columnSpot(band, column))"
      data-move-place
    >
      <header v-if="band.columns.length > 1">
        <h3>{{ words.columnNumber(column + 1) }}</h3>
        <AddMenu v-if="session.maySetUp" :spot="columnSpot(band, column)" />
      </header>
      <PlacementRows :spot="columnSpot(band, column)" :empty="words.empty" />
    </section>
  </li>
</template>

<style scoped>
.band {
  border: 1px solid var(--line);
  border-radius: 7px;
  background: var(--paper);
  padding: 1px 2px 3px;
}

.band.chosen {
  border-color: var(--leaf);
}

.band-head,
header {
  display: flex;
  align-items: center;
  min-height: 32px;
}

.choose {
  flex: 1;
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
  min-height: 32px;
  font-size: var(--size-note);
  font-weight: 600;
}

.chosen .choose {
  color: var(--leaf);
}

.count {
  font-weight: 400;
  color: var(--soft);
}

.several {
  margin: 0 3px 4px;
  padding-left: 6px;
  border-left: 2px solid var(--line);
}

h3 {
  flex: 1;
  font-size: var(--size-note);
  font-weight: 500;
  color: var(--soft);
}

h3::first-letter {
  text-transform: uppercase;
}
</style>
