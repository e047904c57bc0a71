<script setup lang="ts">
import { computed } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { shownListingsOf } from '~~/core/pages/standing'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import { useShown } from '../../stores/bench/shown'
import NextChange from './NextChange.vue'

/** What comes next of the chosen listing, or with none chosen of each that visitors see. */
defineProps<{ listing?: Listing }>()
const draft = useDraft()
const selection = useSelection()
const shown = useShown()
const all = computed(() =>
  shownListingsOf(draft.page).flatMap((placement) => {
    const listing = draft.document.listings[placement.listing]
    return listing === undefined
      ? []
      : [{ placement: placement.id, listing, above: shown.counts[placement.listing]?.above ?? [] }]
  }),
)
</script>

<template>
  <NextChange v-if="listing" :listing="listing" :above="selection.counts?.above ?? []" />
  <section v-for="one in all" v-else :key="one.placement" :aria-label="one.listing.name">
    <button type="button" class="name" @click="selection.choose(one.placement)">
      {{ one.listing.name }}
    </button>
    <NextChange :listing="one.listing" :above="one.above" />
  </section>
</template>

<style scoped>
section {
  padding-bottom: 16px;
}

.name {
  min-height: 28px;
  margin-bottom: 4px;
  font-weight: 650;
  text-decoration: underline;
  text-underline-offset: 3px;
  overflow-wrap: anywhere;
}
</style>
