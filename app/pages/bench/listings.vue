<script setup lang="ts">
import { navigateTo, useHead } from '#imports'
import type { PageRow } from '~~/core/pages/answers'
import ListingLine from '../../listing-list/ListingLine.vue'
import { words } from '../../listing-list/words'
import { useAnswer } from '../../shared/answers'
import { attempt } from '../../shared/attempt'
import type { MenuAction } from '../../shared/ActionMenu.vue'
import FindField from '../../shared/FindField.vue'
import ScreenHead from '../../shared/ScreenHead.vue'
import { useSiteListings } from '../../shared/site-listings'
import type { SiteListing } from '../../shared/site-listings'
import TopLine from '../../shared/TopLine.vue'
import { useCatalogue } from '../../stores/catalogue'
import { useSession } from '../../stores/session'

const catalogue = useCatalogue()
const session = useSession()
const { typed, rows, failure, isLooking } = useSiteListings(() => true)
const { answer: pages } = useAnswer<readonly PageRow[]>(() => ({ path: '/api/bench/pages' }))
useHead({ title: `${words.title} · Bushel` })

void attempt(() => catalogue.load())

/** It is placed in the bench, where it can be seen, moved and taken back. */
function actionsOf({ listing }: SiteListing): readonly MenuAction[] {
  if (!session.maySetUp) return []
  const there = new Set(listing.places.map((place) => place.page.id))
  return (pages.value ?? [])
    .filter((page) => !there.has(page.id))
    .map((page) => ({
      title: page.title,
      under: words.placeOn,
      run: () => navigateTo(`/bench/pages/${page.id}?place=${listing.id}`),
    }))
}
</script>

<template>
  <TopLine />
  <main class="listings">
    <ScreenHead :title="words.title" :hint="words.hint">
      <FindField v-model="typed" :label="words.find" />
    </ScreenHead>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLooking" class="none" role="status">{{ words.loading }}</p>
    <p v-else-if="rows.length === 0" class="none" role="status">
      {{ typed === '' ? words.none : words.foundNone }}
    </p>
    <ul v-else :aria-label="words.title">
      <li v-for="row in rows" :key="row.listing.id">
        <ListingLine :row="row" :actions="actionsOf(row)" />
      </li>
    </ul>
  </main>
</template>

<style scoped>
.listings {
  width: min(100% - 48px, 1120px);
  margin: 0 auto;
  padding: 30px 0 60px;
}

ul {
  margin: 20px 0 0;
  padding: 0;
  list-style: none;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 9px;
}

li + li {
  border-top: 1px solid var(--line);
}

.none {
  margin-top: 20px;
  color: var(--soft);
}
</style>
