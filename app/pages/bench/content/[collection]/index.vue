<script setup lang="ts">
import { NuxtLink } from '#components'
import { useHead, useRoute } from '#imports'
import { mdiMagnify, mdiPinOutline, mdiPlus } from '@mdi/js'
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { pictureAddress, widthsOf } from '~~/core/pictures/picture'
import { formatDate } from '~~/core/time/format'
import ContentFrame from '../../../../content/ContentFrame.vue'
import StateMark from '../../../../content/StateMark.vue'
import type { EntryRow } from '~~/core/content/answers'
import { words } from '../../../../content/words'
import { RequestProblem, request } from '../../../../shared/http'
import { useCatalogue } from '../../../../stores/catalogue'

interface TableOptions {
  page: number
  itemsPerPage: number
  sortBy: readonly { readonly key: string; readonly order: 'asc' | 'desc' }[]
}

const route = useRoute()
const catalogue = useCatalogue()
const collection = computed(() => catalogue.catalogue.collections.find((one) => one.slug === route.params.collection))
useHead({ title: () => `${collection.value?.name ?? words.title} · Bushel` })

const options = ref<TableOptions>({ page: 1, itemsPerPage: 25, sortBy: [{ key: 'publishedAt', order: 'desc' }] })
const typed = ref('')
const search = refDebounced(typed, 200)
const state = ref<string>('all')
const rows = ref<readonly EntryRow[]>([])
const total = ref(0)
const loading = ref(true)
const failure = ref<string | null>(null)
let asking: AbortController | null = null

const headers = [
  { title: words.columns.title, key: 'title' },
  { title: words.columns.state, key: 'state', sortable: false, width: 124 },
  { title: words.columns.terms, key: 'terms', sortable: false },
  { title: words.columns.author, key: 'author' },
  { title: words.columns.published, key: 'publishedAt', width: 132 },
  { title: words.columns.views, key: 'views', align: 'end' as const, width: 92 },
]
const stateItems = [
  { value: 'all', title: words.anyState },
  ...Object.entries(words.states).map(([value, title]) => ({ value, title })),
]
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

watch([search, state], () => (options.value = { ...options.value, page: 1 }))
watch([options, collection], load, { immediate: true })

async function load() {
  if (collection.value === undefined) return
  asking?.abort()
  asking = new AbortController()
  const [sort] = options.value.sortBy
  const query = new URLSearchParams({
    page: String(options.value.page),
    perPage: String(options.value.itemsPerPage),
    sort: sort?.key ?? 'publishedAt',
    direction: sort?.order === 'asc' ? 'up' : 'down',
    search: search.value,
    state: state.value,
  })
  loading.value = true
  try {
    const path = `/api/bench/collections/${collection.value.id}/entries?${query}`
    const answer = await request<{ rows: readonly EntryRow[]; total: number }>('GET', path, undefined, asking.signal)
    rows.value = answer.rows
    total.value = answer.total
    failure.value = null
    loading.value = false
  } catch (error) {
    if (!(error instanceof RequestProblem)) return
    failure.value = error.message
    loading.value = false
  }
}

function thumbnail(picture: { readonly hash: string; readonly width: number }): string {
  return pictureAddress(picture, widthsOf(picture)[0] ?? picture.width)
}
</script>

<template>
  <ContentFrame>
    <div class="head">
      <h1>{{ collection?.name }}</h1>
      <v-text-field
        v-model="typed"
        class="search"
        :placeholder="words.search"
        :aria-label="words.search"
        :prepend-inner-icon="mdiMagnify"
        clearable
        @click:clear="typed = ''"
      />
      <v-select v-model="state" class="state" :items="stateItems" :aria-label="words.state" />
      <v-btn
        v-if="collection"
        variant="flat"
        color="primary"
        height="40"
        :prepend-icon="mdiPlus"
        :to="`/bench/content/${collection.slug}/new`"
        >{{ words.add(collection.singular) }}</v-btn
      >
    </div>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <v-data-table-server
      v-model:page="options.page"
      v-model:items-per-page="options.itemsPerPage"
      v-model:sort-by="options.sortBy"
      :headers="headers"
      :items="[...rows]"
      :items-length="total"
      :aria-busy="loading"
      :items-per-page-options="[10, 25, 50, 100]"
      :items-per-page-text="words.perPage"
      :no-data-text="loading ? words.loading : words.noRows"
      density="comfortable"
      must-sort
      fixed-header
      @update:options="options = { ...options, ...$event }"
    >
      <template #[`item.title`]="{ item }">
        <NuxtLink class="entry" :to="`/bench/content/${collection?.slug}/${item.id}`">
          <img v-if="item.picture" :src="thumbnail(item.picture)" alt="" width="42" height="32" loading="lazy" />
          <span v-else class="no-picture" aria-hidden="true" />
          <span class="entry-title">{{ item.title }}</span>
          <v-icon v-if="item.pinned" :icon="mdiPinOutline" size="16" :aria-label="words.pinned" />
        </NuxtLink>
      </template>
      <template #[`item.state`]="{ item }"><StateMark :state="item.state" /></template>
      <template #[`item.terms`]="{ item }">{{ item.terms.join(', ') }}</template>
      <template #[`item.author`]="{ item }"
        ><span class="nowrap">{{ item.author }}</span></template
      >
      <template #[`item.publishedAt`]="{ item }"
        ><span class="nowrap">{{ item.publishedAt === null ? '' : formatDate(item.publishedAt, catalogue.catalogue) }}</span></template
      >
      <template #[`item.views`]="{ item }">{{ format.format(item.views) }}</template>
    </v-data-table-server>
  </ContentFrame>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 10px;
  margin-bottom: 14px;
}

h1 {
  flex: 1;
  font-size: 24px;
  letter-spacing: -0.015em;
}

.search {
  flex: 0 1 260px;
}

.state {
  flex: 0 0 150px;
}

.entry {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 44px;
  color: inherit;
  text-decoration: none;
  font-weight: 600;
}

.entry:hover .entry-title {
  text-decoration: underline;
  text-underline-offset: 3px;
}

.entry-title {
  min-width: 0;
  overflow-wrap: anywhere;
}

img,
.no-picture {
  flex: none;
  width: 42px;
  height: 32px;
  border-radius: 4px;
  object-fit: cover;
}

.no-picture {
  border: 1px dashed #c9c0ab;
}

.nowrap {
  white-space: nowrap;
}
</style>
