<script setup lang="ts">
import { computed } from 'vue'
import type { Area, AreaName } from '~~/core/pages/frames'
import { bandOn, withBandAfter, withBandMoved, withoutBand } from '~~/core/pages/moves'
import type { MenuAction } from '../../shared/ActionMenu.vue'
import { sharedIn } from '~~/core/pages/shared-areas'
import { areasOf } from '~~/core/pages/standing'
import MoreMenu from '../../shared/MoreMenu.vue'
import { words as shared } from '../../shared/words'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import { useNotices } from '../../stores/notices'
import { words } from './words'

/** What can be done with a band. */
const props = defineProps<{
  id: number
  area: Area & { readonly name: AreaName }
  name: string
  /** What else can be done where the band is all of its area. */
  more?: readonly MenuAction[]
}>()
const draft = useDraft()
const selection = useSelection()
const notices = useNotices()
const bands = computed(() => draft.page.areas[props.area.name] ?? [])
const at = computed(() => bands.value.findIndex((band) => band.id === props.id))
const others = computed(() =>
  areasOf(draft.page).filter(
    (area) => area.name !== props.area.name && sharedIn(draft.page, area.name) === undefined,
  ),
)

const actions = computed(() => [
  { title: words.setUpBand, run: () => selection.chooseBand(props.id) },
  { title: words.addBand, run: () => draft.editPage('Add a band', (page) => withBandAfter(page, props.id)) },
  ...(at.value > 0 ? [{ title: words.moveUp, run: () => move(props.area.name, at.value - 1) }] : []),
  ...(at.value < bands.value.length - 1
    ? [{ title: words.moveDown, run: () => move(props.area.name, at.value + 1) }]
    : []),
  ...(bands.value.length > 1
    ? [
        ...others.value.map((area) => ({
          title: words.moveTo(area.title),
          run: () => move(area.name, draft.page.areas[area.name]?.length ?? 0),
        })),
        { title: words.removeBand, run: remove },
      ]
    : []),
  ...(props.more ?? []),
])

function move(area: AreaName, to: number) {
  draft.editPage('Move a band', (page) => withBandMoved(page, props.id, area, to))
}

function remove() {
  const count = bandOn(draft.page, props.id)?.columns.flatMap((column) => column.placements).length ?? 0
  draft.editPage('Take a band off', (page) => withoutBand(page, props.id))
  notices.tell({ text: words.bandRemoved(count), action: { title: shared.undo, run: draft.undo } })
}
</script>

<template>
  <MoreMenu :label="words.more(name)" :actions="actions" :size="28" />
</template>
