<script setup lang="ts">
import { NuxtLink } from '#components'
import { useHead, useRoute } from '#imports'
import { mdiMagnify, mdiPinOutline, mdiPlus, mdiViewColumnOutline } from '@mdi/js'
import { refDebounced, useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { formatValue } from '~~/core/content/field'
import { pictureAddress, widthFor } from '~~/core/pictures/picture'
import { formatDate } from '~~/core/formats/dates'
import BulkBar from '../../../../content/BulkBar.vue'
import ContentFrame from '../../../../content/ContentFrame.vue'
import StateMark from '../../../../content/StateMark.vue'
import type { EntryRow } from '~~/core/content/answers'
import { words } from '../../../../content/words'
import ScreenHead from '../../../../shared/ScreenHead.vue'
import { useAddressState } from '../../../../shared/address-state'
import { useAnswer } from '../../../../shared/answers'
import type { PageOfRows } from '../../../../shared/answers'
import { attempt } from '../../../../shared/attempt'
import { request } from '../../../../shared/http'
import { useCatalogue } from '../../../../stores/catalogue'
import { useSession } from '../../../../stores/session'

interface TableOptions {
  page: number
  itemsPerPage: number
  sortBy: readonly { readonly key: string; readonly order: 'asc' | 'desc' }[]
}

const route = useRoute()
const catalogue = useCatalogue()
const session = useSession()
const collection = computed(() =>
  catalogue.catalogue.collections.find((one) => one.slug === route.params.collection),
)
useHead({ title: () => `${collection.value?.name ?? words.title} · Bushel` })

const options = ref<TableOptions>({
  page: 1,
  itemsPerPage: 25,
  sortBy: [{ key: 'publishedAt', order: 'desc' }],
})
const typed = ref('')
const state = ref('all')
const frame = ref<InstanceType<typeof ContentFrame> | null>(null)

const chosen = ref<readonly number[]>([])
const extra = useLocalStorage<Record<string, string[]>>('bushel columns', {})
const perPage = useLocalStorage('bushel rows', 25)
options.value.itemsPerPage = perPage.value

interface Column {
  readonly title: string
  readonly key: string
  readonly sortable?: boolean
  readonly align?: 'end'
  readonly width?: number
}

const own = computed<readonly Column[]>(() => [
  { title: words.columns.state, key: 'state', sortable: false, width: 124 },
  { title: words.columns.terms, key: 'terms', sortable: false },
  { title: words.columns.author, key: 'author' },
  { title: words.columns.published, key: 'publishedAt', width: 132 },
  { title: words.columns.views, key: 'views', align: 'end', width: 92 },
])
const byField = computed<readonly Column[]>(() =>
  (collection.value?.fields ?? []).map((field) => ({
    title: field.name,
    key: `field:${field.id}`,
    sortable: field.sortable,
  })),
)
const usual = computed(() => {
  const fields = (collection.value?.fields ?? [])
    .filter((field) => field.sortable || field.required)
    .slice(0, 2)
  return [
    'state',
    fields.length > 0 ? null : 'terms',
    'author',
    ...fields.map((field) => `field:${field.id}`),
    'publishedAt',
    fields.length > 0 ? null : 'views',
  ].filter((key) => key !== null)
})
const shownColumns = computed({
  get: () => extra.value[String(route.params.collection)] ?? usual.value,
  set: (keys) => (extra.value = { ...extra.value, [String(route.params.collection)]: keys }),
})
const headers = computed<Column[]>(() => [
  { title: words.columns.title, key: 'title', minWidth: 240 },
  ...[...own.value, ...byField.value].filter((column) => shownColumns.value.includes(column.key)),
])
const shownFields = computed(() =>
  (collection.value?.fields ?? []).filter((field) => shownColumns.value.includes(`field:${field.id}`)),
)
const stateItems = [
  { value: 'all', title: words.anyState },
  ...Object.entries(words.states).map(([value, title]) => ({ value, title })),
]
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

const page = computed({
  get: () => String(options.value.page),
  set: (text) => (options.value = { ...options.value, page: Math.max(1, Math.floor(Number(text)) || 1) }),
})
const sorted = computed({
  get: () => options.value.sortBy.map(({ key, order }) => `${key} ${order}`).join(),
  set: (text) => {
    const [key = 'publishedAt', order] = text.split(' ')
    options.value = { ...options.value, sortBy: [{ key, order: order === 'asc' ? 'asc' : 'desc' }] }
  },
})
useAddressState({
  words: { ref: typed, usual: '' },
  state: { ref: state, usual: 'all' },
  sort: { ref: sorted, usual: 'publishedAt desc' },
  page: { ref: page, usual: '1' },
})

const search = refDebounced(typed, 200)
watch([search, state], () => (options.value = { ...options.value, page: 1 }))
watch(
  () => options.value.itemsPerPage,
  (rowsPerPage) => (perPage.value = rowsPerPage),
)
watch([search, state, () => collection.value?.id], () => (chosen.value = []))
const { answer, failure, asking, again } = useAnswer<PageOfRows<EntryRow>>(() =>
  collection.value === undefined
    ? null
    : { path: `/api/bench/collections/${collection.value.id}/entries?${question()}` },
)
const rows = computed(() => answer.value?.rows ?? [])
const total = computed(() => answer.value?.total ?? 0)
/** Whether not all entries are asked for. */
const isNarrowed = computed(() => search.value !== '' || state.value !== 'all')
const loading = computed(() => asking.value || collection.value === undefined)

function question(): URLSearchParams {
  const [sort] = options.value.sortBy
  const known = headers.value.some((column) => column.key === sort?.key)
  return new URLSearchParams({
    page: String(options.value.page),
    perPage: String(options.value.itemsPerPage),
    sort: known && sort ? sort.key : 'publishedAt',
    direction: sort?.order === 'asc' ? 'up' : 'down',
    search: search.value,
    state: state.value,
  })
}

async function chooseAllFound() {
  const { id } = collection.value ?? {}
  if (id === undefined) return
  const found = await attempt(() =>
    request<{ ids: readonly number[] }>('GET', `/api/bench/collections/${id}/entry-ids?${question()}`),
  )
  if (found !== null) chosen.value = found.ids
}

async function changed() {
  chosen.value = []
  await Promise.all([again(), frame.value?.load()])
}

function thumbnail(picture: { readonly hash: string; readonly width: number }): string {
  return pictureAddress(picture, widthFor(picture, 1))
}
</script>

<template>
  <ContentFrame ref="frame">
    <ScreenHead :title="collection?.name ?? ''">
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
      <v-menu :close-on-content-click="false" location="bottom end">
        <template #activator="{ props: opener }">
          <v-btn
            v-bind="opener"
            :icon="mdiViewColumnOutline"
            size="40"
            rounded="lg"
            :aria-label="words.columnsShown"
          />
        </template>
        <v-list class="column-list" :aria-label="words.columnsShown">
          <v-checkbox
            v-for="column in [...own, ...byField]"
            :key="column.key"
            v-model="shownColumns"
            :value="column.key"
            :label="column.title"
            density="compact"
            hide-details
          />
        </v-list>
      </v-menu>
      <v-btn
        v-if="collection && session.maySetUp"
        height="40"
        :to="`/bench/content/${collection.slug}/set-up`"
        >{{ words.setUp }}</v-btn
      >
      <v-btn
        v-if="collection"
        variant="flat"
        color="primary"
        height="40"
        :prepend-icon="mdiPlus"
        :to="`/bench/content/${collection.slug}/new`"
        >{{ words.add(collection.singular) }}</v-btn
      >
    </ScreenHead>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <BulkBar
      v-if="collection && chosen.length > 0"
      :collection="collection"
      :chosen="chosen"
      :total="total"
      @choose-all="chooseAllFound"
      @clear="chosen = []"
      @changed="changed"
    />
    <v-data-table-server
      v-model="chosen"
      show-select
      item-value="id"
      v-model:page="options.page"
      v-model:items-per-page="options.itemsPerPage"
      v-model:sort-by="options.sortBy"
      :headers="headers"
      :items="[...rows]"
      :items-length="total"
      :aria-busy="loading"
      :items-per-page-options="[10, 25, 50, 100]"
      :items-per-page-text="words.perPage"
      :no-data-text="loading ? words.loading : isNarrowed ? words.noRows : words.noEntriesYet"
      density="comfortable"
      must-sort
      fixed-header
      @update:options="options = { ...options, ...$event }"
    >
      <template #[`header.data-table-select`]="{ allSelected, someSelected, selectAll }">
        <v-checkbox-btn
          density="compact"
          :model-value="allSelected"
          :indeterminate="someSelected && !allSelected"
          :aria-label="words.bulk.choosePage"
          @update:model-value="selectAll(!allSelected)"
        />
      </template>
      <template #[`item.data-table-select`]="{ item, internalItem, isSelected, toggleSelect }">
        <v-checkbox-btn
          density="compact"
          :model-value="isSelected(internalItem)"
          :aria-label="words.bulk.chooseRow(item.title)"
          @update:model-value="toggleSelect(internalItem)"
        />
      </template>
      <template #[`item.title`]="{ item }">
        <NuxtLink class="entry" :to="`/bench/content/${collection?.slug}/${item.id}`">
          <img
            v-if="item.picture"
            :src="thumbnail(item.picture)"
            alt=""
            width="42"
            height="32"
            loading="lazy"
          />
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
        ><span class="nowrap">{{
          item.publishedAt === null ? '' : formatDate(item.publishedAt, catalogue.catalogue)
        }}</span></template
      >
      <template #[`item.views`]="{ item }">{{ format.format(item.views) }}</template>
      <template v-for="field in shownFields" :key="field.id" #[`item.field:${field.id}`]="{ item }">
        <span
          v-if="field.type === 'colour' && item.values[field.id]"
          class="swatch"
          :style="{ background: String(item.values[field.id]) }"
          aria-hidden="true"
        />
        <span class="value">{{ formatValue(field, item.values[field.id], catalogue.catalogue) }}</span>
      </template>
    </v-data-table-server>
  </ContentFrame>
</template>

<style scoped>
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

.value {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}

.swatch {
  float: left;
  width: 16px;
  height: 16px;
  margin: 3px 8px 0 0;
  border: 1px solid rgb(0 0 0 / 20%);
  border-radius: 4px;
}

.column-list {
  min-width: 220px;
  padding: 8px 14px 8px 6px;
}

.nowrap {
  white-space: nowrap;
}
</style>
