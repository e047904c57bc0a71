<script setup lang="ts">
import { NuxtLink } from '#components'
import { computed } from 'vue'
import { formatDate } from '~~/core/formats/dates'
import MoreMenu from '../shared/MoreMenu.vue'
import type { MenuAction } from '../shared/ActionMenu.vue'
import type { SiteListing } from '../shared/site-listings'
import { useCatalogue } from '../stores/catalogue'
import { words } from './words'

/** A listing in the list: what it shows, where it stands, and when it was changed. */
const props = defineProps<{ row: SiteListing; actions: readonly MenuAction[] }>()
const catalogue = useCatalogue()
const state = computed(() => {
  const { places, changed: isWaiting } = props.row.listing
  if (places.every((place) => place.isTakenOff)) return words.deletedButLive
  return isWaiting ? words.waiting : words.live
})
const changed = computed(() => {
  const { changedAt, changedBy } = props.row.listing
  return changedAt === null
    ? null
    : words.changed(formatDate(changedAt, catalogue.catalogue, 'time'), changedBy)
})
</script>

<template>
  <div class="line">
    <div class="what">
      <h2>{{ row.name }}</h2>
      <p>{{ row.sentence }}</p>
    </div>
    <ul>
      <li v-for="place in row.listing.places" :key="place.placement">
        <NuxtLink
          :to="`/bench/pages/${place.page.id}?choose=${place.placement}`"
          :aria-label="words.open(row.name, place.page.title)"
          >{{ place.page.title }}</NuxtLink
        >
        <span v-if="place.isShelved || place.isTakenOff" class="soft">{{
          place.isShelved ? words.shelved : words.untilPublished
        }}</span>
      </li>
    </ul>
    <div class="when">
      <span class="state" :class="{ waiting: state !== words.live }">{{ state }}</span>
      <span class="soft tabular">{{ changed }}</span>
    </div>
    <MoreMenu
      v-if="actions.length > 0"
      class="more"
      :label="words.more(row.name)"
      :actions="actions"
      :size="32"
    />
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template: 'what pages when more' auto / minmax(0, 1fr) 210px 190px 32px;
  gap: 4px 22px;
  align-items: start;
  padding: 13px 14px 14px 18px;
  font-size: var(--size-small);
  overflow-wrap: anywhere;
}

.what {
  grid-area: what;
}

h2 {
  margin-bottom: 2px;
  font-size: var(--size-body);
  font-weight: 650;
  line-height: 24px;
}

p,
.soft {
  color: var(--soft);
}

ul {
  grid-area: pages;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 6px;
}

a {
  display: inline-block;
  min-width: 24px;
  line-height: 24px;
  color: var(--leaf);
}

.when {
  grid-area: when;
  display: grid;
  line-height: 24px;
}

.state {
  font-weight: 600;
  color: var(--leaf);
}

.waiting {
  color: var(--rust-ink);
}

.more {
  grid-area: more;
}

@media (max-width: 799px) {
  .line {
    grid-template:
      'what more' auto
      'pages pages' auto
      'when when' auto / minmax(0, 1fr) auto;
  }
}
</style>
