<script setup lang="ts">
import { toRaw, watch } from 'vue'
import type { ListingRow } from '~~/core/pages/answers'
import type { Spot } from '~~/core/pages/definition'
import FindField from '../../shared/FindField.vue'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useSiteListings } from '../../shared/site-listings'
import { useDraft } from '../../stores/bench/draft'
import { usePlacing } from '../../stores/bench/placing'
import { useSelection } from '../../stores/bench/selection'
import { freeName } from '../free-name'
import { words } from './words'

/** The listings that stand on any page of the site, to be placed here too, or as a copy. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ spot: Spot }>()
const draft = useDraft()
const placing = usePlacing()
const selection = useSelection()
const { typed, rows, failure, isLooking } = useSiteListings(() => open.value)

watch(open, (isOpen) => isOpen && (typed.value = ''))

function place(listing: ListingRow, isCopy: boolean) {
  open.value = false
  const { name } = listing.definition
  const own = isCopy ? freeName(name, draft.document.listings) : null
  // Edits hold plain values.
  selection.choose(placing.placeExisting(props.spot, toRaw(listing), own))
}
</script>

<template>
  <SheetDialog v-model="open" :width="720" :title="words.existingTitle" steady>
    <FindField v-model="typed" :label="words.findListing" />
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLooking" class="none" role="status">{{ words.looking }}</p>
    <p v-else-if="rows.length === 0" class="none" role="status">{{ words.noListing }}</p>
    <ul :aria-label="words.existingTitle">
      <li v-for="row in rows" :key="row.listing.id">
        <span class="what">
          <span class="name">{{ row.name }}</span>
          <span class="sentence">{{ row.sentence }}</span>
          <span class="pages">{{ words.onPages(row.pages) }}</span>
        </span>
        <v-btn height="32" :aria-label="words.placeHere(row.name)" @click="place(row.listing, false)">{{
          words.placeSame
        }}</v-btn>
        <v-btn height="32" :aria-label="words.placeCopyOf(row.name)" @click="place(row.listing, true)">{{
          words.placeCopy
        }}</v-btn>
      </li>
    </ul>
    <p class="hint">{{ words.existingHint }}</p>
  </SheetDialog>
</template>

<style scoped>
ul {
  margin: 10px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 4px 8px;
  align-items: center;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}

.what {
  display: grid;
  gap: 1px;
  overflow-wrap: anywhere;
}

.name {
  font-weight: 600;
}

.sentence,
.pages,
.none,
.hint {
  font-size: var(--size-small);
}

.pages,
.none,
.hint {
  color: var(--soft);
}

.none,
.hint {
  margin-top: 12px;
}

@media (max-width: 599px) {
  .what {
    grid-column: 1 / -1;
  }

  li {
    grid-template-columns: auto auto 1fr;
  }
}
</style>
