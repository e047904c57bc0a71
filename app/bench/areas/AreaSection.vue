<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { plainBand } from '~~/core/pages/bands/definition'
import type { Band } from '~~/core/pages/bands/definition'
import type { Area, AreaName } from '~~/core/pages/frames'
import { withBandMoved } from '~~/core/pages/moves'
import { columnSpot } from '~~/core/pages/standing'
import { same } from '~~/core/same'
import { sharedIn } from '~~/core/pages/shared-areas'
import { movedInto } from '~~/core/ordering'
import { fetchedLater } from '../../shared/fetched-later'
import MoreMenu from '../../shared/MoreMenu.vue'
import DraggableRows from '../../shared/sorting/DraggableRows.vue'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import { useSession } from '../../stores/session'
import { useView } from '../../stores/bench/view'
import AddMenu from './AddMenu.vue'
import BandMenu from './BandMenu.vue'
import BandRow from './BandRow.vue'
import { useAreaActions } from './area-actions'
import PlacementRows from './PlacementRows.vue'
import { words } from './words'

const ShareAreaDialog = fetchedLater(() => import('./ShareAreaDialog.vue'))
const SharedAreaSection = fetchedLater(() => import('./SharedAreaSection.vue'))

/** An area with its bands. Of a single band with nothing set only what stands in it is shown. */
const props = defineProps<{ area: Area & { readonly name: AreaName }; save: () => Promise<void> }>()
const draft = useDraft()
const selection = useSelection()
const session = useSession()
const view = useView()
const { actions, isSharing } = useAreaActions(() => props.area.name)
const hasShared = ref(false)
watch(isSharing, (is) => (hasShared.value ||= is))
const shared = computed(() => sharedIn(draft.page, props.area.name))
const bands = computed(() => draft.page.areas[props.area.name] ?? [])
const plain = computed(() => {
  const [first, ...others] = bands.value
  if (first === undefined || others.length > 0 || first.columns.length > 1) return null
  const { id, columns, ...settings } = first
  return same(settings, plainBand) ? { id, columns } : null
})

/** A drag reports both areas that it changed; the one that now holds the band makes the edit. */
function dropped(order: readonly Band[]) {
  const moved = movedInto(
    bands.value.map((band) => band.id),
    order.map((band) => band.id),
  )
  if (moved !== null)
    draft.editPage('Move a band', (page) => withBandMoved(page, moved.item, props.area.name, moved.at))
}

function point(isPointed: boolean) {
  selection.pointedArea = isPointed ? props.area.name : null
}
</script>

<template>
  <section
    class="area"
    :class="{ pointed: area.name === selection.pointedArea }"
    :aria-label="area.title"
    data-move-place
  >
    <header
      @mouseenter="point(true)"
      @mouseleave="point(false)"
      @focusin="point(true)"
      @focusout="point(false)"
    >
      <h2>{{ area.title }}</h2>
      <span v-if="shared === undefined && session.maySetUp" class="actions">
        <template v-if="plain">
          <AddMenu :spot="columnSpot(plain, 0)" />
          <BandMenu :id="plain.id" :area="area" :name="area.title" :more="actions" />
        </template>
        <MoreMenu
          v-else-if="actions.length > 0"
          :label="words.more(area.title)"
          :actions="actions"
          :size="28"
        />
      </span>
    </header>
    <SharedAreaSection v-if="shared !== undefined" :area="area" :shared="shared" :others="actions" />
    <PlacementRows v-else-if="plain" :spot="columnSpot(plain, 0)" :empty="words.empty" />
    <DraggableRows
      v-else
      :items="bands"
      tag="ol"
      group="bands"
      grip=".band-head .move-handle"
      :still="!view.isShown"
      nested
      @order="dropped"
    >
      <BandRow v-for="(band, at) in bands" :key="band.id" :band="band" :at="at" :area="area" />
    </DraggableRows>
    <ShareAreaDialog v-if="hasShared" v-model="isSharing" :area="area" :save="save" />
  </section>
</template>

<style scoped>
.area {
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--sheet);
  padding: 2px 5px 5px;
}

.area.pointed {
  border-color: var(--leaf);
}

header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 34px;
  padding: 0 2px 0 6px;
}

h2 {
  font-size: var(--size-note);
  font-weight: 600;
  color: var(--soft);
}

.actions {
  display: flex;
}

ol {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
