<script setup lang="ts">
import { computed } from 'vue'
import { sentenceOf } from '~~/core/listing/sentence'
import { listingBox } from '~~/core/pages/bands/geometry'
import { boxWidthsOn } from '~~/core/pages/frames'
import { placedListingsOf, shownListingsOf, standingOn } from '~~/core/pages/standing'
import { counted } from '~~/core/words'
import { useDraft } from '../stores/bench/draft'
import { useSelection } from '../stores/bench/selection'
import { useView } from '../stores/bench/view'
import { useCatalogue } from '../stores/catalogue'
import SentenceLine from './SentenceLine.vue'
import { words } from './words'

const draft = useDraft()
const selection = useSelection()
const view = useView()
const catalogue = useCatalogue()
const pieces = computed(() =>
  selection.listing === null ? null : sentenceOf(selection.listing, catalogue.words, selection.box),
)
/** What would be said of each listing of the page, were it chosen; those on the shelf stand in no box. */
const all = computed(() => {
  const boxes = new Map(standingOn(draft.page).map(({ placement, box }) => [placement.id, box]))
  return placedListingsOf(draft.page).flatMap(({ id, listing: name }) => {
    const [listing, box] = [draft.document.listings[name], boxes.get(id)]
    if (listing === undefined) return []
    const widths = box && boxWidthsOn(listingBox(box, listing.visitors), view.pageWidth)
    return [{ id, pieces: sentenceOf(listing, catalogue.words, widths) }]
  })
})
const aboutPage = computed(() => {
  const [listings, all] = [shownListingsOf(draft.page).length, standingOn(draft.page).length]
  const shown = counted(listings, 'listing', 'listings')
  return words.pageOnly(
    all === listings ? shown : `${shown}, ${counted(all - listings, 'fitting', 'fittings')}`,
    draft.publishedAt === null ? words.neverLive : draft.differsFromLive ? words.notLive : words.live,
  )
})
</script>

<template>
  <div class="strip">
    <section class="sentence" data-region tabindex="-1" aria-label="The listing in words">
      <SentenceLine v-if="pieces" :pieces="pieces" />
      <p v-else class="about">
        <strong>{{ draft.page.title }}</strong> {{ aboutPage }} <span>{{ words.pageHint }}</span>
      </p>
    </section>
    <SentenceLine v-for="one in all" :key="one.id" :pieces="one.pieces" is-room />
  </div>
</template>

<style scoped>
/* As high as the longest sentence of the page: what is below does not move when something is chosen. */
.strip {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-items: center;
  min-height: var(--strip);
  padding: 7px 20px;
  background: var(--kraft);
  border-bottom: 1px solid var(--line);
}

.strip > * {
  grid-area: 1 / 1;
}

.about {
  margin: 0;
  font-size: var(--size-lead);
  line-height: 36px;
  white-space: pre-wrap;
}

.about span {
  color: var(--soft);
}
</style>
