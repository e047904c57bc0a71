<script setup lang="ts">
import { computed, toRaw } from 'vue'
import type { ShelvedElsewhere } from '~~/core/pages/answers'
import { fittingLabel } from '~~/core/fittings'
import { placementsOf, spotsOf } from '~~/core/pages/standing'
import { useAnswer } from '../../shared/answers'
import type { MenuAction } from '../../shared/ActionMenu.vue'
import MoreMenu from '../../shared/MoreMenu.vue'
import { useDraft } from '../../stores/bench/draft'
import { usePlacing } from '../../stores/bench/placing'
import { titleOfSpot } from './spots'
import { words } from './words'

/** What lies on the shelves of the other pages, to be brought here with everything set for it. */
const draft = useDraft()
const placing = usePlacing()
const { answer } = useAnswer<readonly ShelvedElsewhere[]>(() => ({
  path: `/api/bench/pages/${draft.pageId}/shelves`,
}))
/** What was brought here lies there no more. */
const things = computed(() => {
  const here = new Set(placementsOf(draft.page).map((one) => one.id))
  return (answer.value ?? []).filter((one) => !here.has(one.placement.id))
})

function nameOf({ placement, listing }: ShelvedElsewhere): string {
  return placement.kind === 'fitting' ? fittingLabel(placement.fitting) : (listing?.definition.name ?? '')
}

function actions(thing: ShelvedElsewhere): readonly MenuAction[] {
  return spotsOf(draft.page).map((spot) => ({
    title: words.bringTo(titleOfSpot(draft.page, spot)),
    // Edits hold plain values.
    run: () => placing.bring(toRaw(thing), spot),
  }))
}
</script>

<template>
  <details v-if="things.length > 0">
    <summary>{{ words.others(things.length) }}</summary>
    <ul :aria-label="words.others(things.length)">
      <li v-for="thing in things" :key="thing.placement.id">
        <span class="what">
          <span class="name">{{ nameOf(thing) }}</span>
          <span class="from">{{ words.fromPage(thing.page.title) }}</span>
        </span>
        <MoreMenu :label="words.bring(nameOf(thing))" :actions="actions(thing)" :size="28" />
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  padding: 7px 6px;
  font-size: var(--size-note);
  line-height: 1.4;
  color: var(--soft);
  cursor: pointer;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
  padding-left: 8px;
}

.what {
  flex: 1;
  display: grid;
  min-width: 0;
  padding: 3px 0;
}

.what > * {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.name {
  font-weight: 500;
}

.from {
  font-size: var(--size-note);
  line-height: 1.3;
  color: var(--soft);
}
</style>
