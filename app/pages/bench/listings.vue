<script setup lang="ts">
import { navigateTo, useHead } from '#imports'
import { computed, ref } from 'vue'
import type { ListingPlace, PageRow } from '~~/core/pages/answers'
import { andList } from '~~/core/words'
import ListingLine from '../../listing-list/ListingLine.vue'
import { words } from '../../listing-list/words'
import { useAnswer } from '../../shared/answers'
import { attempt, succeeded } from '../../shared/attempt'
import type { MenuAction } from '../../shared/ActionMenu.vue'
import ConfirmDialog from '../../shared/ConfirmDialog.vue'
import FindField from '../../shared/FindField.vue'
import { request } from '../../shared/http'
import ScreenHead from '../../shared/ScreenHead.vue'
import { useSiteListings } from '../../shared/site-listings'
import type { SiteListing } from '../../shared/site-listings'
import TopLine from '../../shared/TopLine.vue'
import { words as shared } from '../../shared/words'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import { useSession } from '../../stores/session'

const catalogue = useCatalogue()
const session = useSession()
const notices = useNotices()
const { typed, rows, failure, again, isLooking } = useSiteListings(() => true)
const { answer: pages } = useAnswer<readonly PageRow[]>(() => ({ path: '/api/bench/pages' }))
useHead({ title: `${words.title} · Bushel` })

void attempt(() => catalogue.load())

const deleting = ref<SiteListing | null>(null)

/** The places that pages still have, not visitors alone. */
function placesOf({ listing }: SiteListing): readonly ListingPlace[] {
  return listing.places.filter((place) => !place.isTakenOff)
}

/** It is placed in the bench, where it can be seen, moved and taken back. */
function actionsOf(row: SiteListing): readonly MenuAction[] {
  if (!session.maySetUp) return []
  const places = placesOf(row)
  const [first] = places
  const there = new Set(places.map((place) => place.page.id))
  const ownActions =
    first === undefined
      ? []
      : [
          {
            title: words.duplicate,
            run: () => navigateTo(`/bench/pages/${first.page.id}?copy=${first.placement}`),
          },
          { title: words.delete, run: () => (deleting.value = row) },
        ]
  return [
    ...ownActions,
    ...(pages.value ?? [])
      .filter((page) => !there.has(page.id))
      .map((page) => ({
        title: page.title,
        under: words.placeOn,
        run: () => navigateTo(`/bench/pages/${page.id}?place=${row.listing.id}`),
      })),
  ]
}

const deleteText = computed(() => {
  const titles = deleting.value === null ? [] : placesOf(deleting.value).map((place) => place.page.title)
  const named = [...new Set(titles)].map((title) => `“${title}”`)
  return words.deleteText(andList(named, catalogue.catalogue.locale))
})

async function remove() {
  const row = deleting.value
  deleting.value = null
  if (row === null) return
  const path = `/api/bench/listings/${row.listing.id}`
  if (!(await succeeded(() => request('DELETE', path)))) return
  await again()
  notices.tell({
    text: words.deleted(row.name),
    action: { title: shared.undo, run: () => restore(row, path) },
  })
}

async function restore({ name }: SiteListing, path: string) {
  if (await succeeded(() => request('POST', `${path}/restore`))) notices.tell({ text: words.isBack(name) })
  await again()
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
    <ConfirmDialog
      :model-value="deleting !== null"
      :title="words.deleteTitle(deleting?.name ?? '')"
      :text="deleteText"
      :action="words.delete"
      @update:model-value="deleting = $event ? deleting : null"
      @confirm="remove"
    />
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
