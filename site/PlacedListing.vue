<script setup lang="ts">
import { computed } from 'vue'
import ClockNote from './ClockNote.vue'
import PlacedHead from './PlacedHead.vue'
import ListingPages from './paging/ListingPages.vue'
import { shapeComponents } from './shapes'
import type { PlacedListingView } from './view'
import ComparedEntries from './visitors/ComparedEntries.vue'
import CompareTray from './visitors/CompareTray.vue'
import ListingRoom from './visitors/ListingRoom.vue'
import NothingFound from './visitors/NothingFound.vue'
import VisitorControls from './visitors/VisitorControls.vue'
import { words } from './words'

const props = defineProps<{ placement: PlacedListingView }>()
const direction = computed(() =>
  props.placement.shape.direction === 'site' ? undefined : props.placement.shape.direction,
)
const align = computed(() =>
  props.placement.shape.align === 'start' ? undefined : props.placement.shape.align,
)
/** What visitors are offered to do; nothing where no control has anything to choose. */
const visitors = computed(() => {
  const all = props.placement.visitors
  return all !== null && all.controls.length + all.chosen.length > 0 ? all : null
})
</script>

<template>
  <section
    :id="placement.anchor ?? undefined"
    class="placement"
    :class="placement.classes"
    :data-placement="placement.id"
    :data-controls="visitors ? '' : undefined"
    :aria-labelledby="`heading-${placement.id}`"
  >
    <PlacedHead :placement="placement" :name="placement.name" />
    <p v-if="placement.unknown.length > 0" class="narrow-note">
      {{ words.unknownChoice(placement.unknown) }}
    </p>
    <ListingRoom :place="visitors?.place ?? null">
      <VisitorControls
        v-if="visitors && visitors.place !== 'below'"
        :visitors="visitors"
        :name="placement.heading || placement.name"
      />
      <div class="listing" :dir="direction" :data-align="align">
        <ComparedEntries
          v-if="visitors?.comparison"
          :comparison="visitors.comparison"
          :name="placement.heading || placement.name"
        />
        <component
          :is="shapeComponents[placement.shape.name]"
          v-else-if="placement.cards.length > 0 || placement.turning !== null"
          :placement="placement"
        />
        <NothingFound v-else-if="visitors?.found === 0" :visitors="visitors" />
        <p v-else class="listing-empty">{{ placement.amount.nothing || words.nothingHere }}</p>
        <ClockNote v-if="placement.clock" :clock="placement.clock" />
        <a
          v-if="placement.whole && !visitors?.comparison"
          class="listing-whole"
          data-in-place
          rel="nofollow"
          :data-below="placement.whole.below"
          :href="placement.whole.address"
          >{{ words.wholePage(placement.whole.count) }}</a
        >
      </div>
      <CompareTray v-if="visitors && !visitors.comparison" :visitors="visitors" />
      <VisitorControls
        v-if="visitors?.place === 'below'"
        :visitors="visitors"
        :name="placement.heading || placement.name"
      />
    </ListingRoom>
    <ListingPages
      v-if="placement.pages && !visitors?.comparison"
      :pages="placement.pages"
      :name="placement.heading || placement.name"
    />
    <div v-if="placement.below" class="placement-words prose" v-html="placement.below" />
  </section>
</template>
