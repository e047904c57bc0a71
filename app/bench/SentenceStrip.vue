<script setup lang="ts">
import { computed } from 'vue'
import { sentenceOf } from '~~/core/listing/sentence'
import { shownListingsOf, standingOn } from '~~/core/pages/standing'
import { counted } from '~~/core/words'
import { useDraft } from '../stores/bench/draft'
import { useSelection } from '../stores/bench/selection'
import { useCatalogue } from '../stores/catalogue'
import { words } from './words'

const draft = useDraft()
const selection = useSelection()
const catalogue = useCatalogue()
const pieces = computed(() =>
  selection.listing === null ? null : sentenceOf(selection.listing, catalogue.words, selection.box),
)
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
  <section class="sentence" data-region tabindex="-1" aria-label="The listing in words">
    <p v-if="pieces">
      <template v-for="(piece, at) in pieces" :key="at">
        <button
          v-if="piece.kind === 'ticket'"
          type="button"
          class="ticket"
          :data-clause="piece.clause"
          :aria-expanded="selection.clause === piece.clause"
          :aria-label="`${words.drawers[piece.clause].title}: ${piece.text}${piece.aside ? `, ${piece.aside}` : ''}`"
          @click="selection.openDrawer(piece.clause)"
        >
          {{ piece.text }}<span v-if="piece.aside" class="aside"> · {{ piece.aside }}</span>
        </button>
        <template v-else>{{ piece.text }}</template>
      </template>
    </p>
    <p v-else class="about">
      <strong>{{ draft.page.title }}</strong> {{ aboutPage }} <span>{{ words.pageHint }}</span>
    </p>
  </section>
</template>

<style scoped>
/* As high as two lines, whatever it says: what is below does not move when something is chosen. */
.sentence {
  display: grid;
  align-content: center;
  min-height: var(--strip);
  padding: 7px 20px;
  background: var(--kraft);
  border-bottom: 1px solid var(--line);
}

p {
  margin: 0;
  font-size: var(--size-head);
  line-height: 36px;
  white-space: pre-wrap;
}

.ticket {
  display: inline;
  padding: 3px 9px;
  border-radius: 6px 6px 3px 3px;
  background: var(--sheet);
  color: var(--clause);
  font: inherit;
  font-weight: 650;
  line-height: 24px;
  text-align: left;
  white-space: normal;
  box-decoration-break: clone;
  -webkit-box-decoration-break: clone;
  border-bottom: 2px solid var(--clause);
}

.ticket:hover {
  background: var(--paper);
}

.ticket[aria-expanded='true'] {
  background: var(--clause);
  color: var(--sheet);
}

.aside {
  font-size: var(--size-body);
  font-weight: 500;
}

.about {
  font-size: var(--size-lead);
}

.about span {
  color: var(--soft);
}
</style>
