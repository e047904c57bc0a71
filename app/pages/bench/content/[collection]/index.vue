<script setup lang="ts">
import { NuxtLink } from '#components'
import { useHead, useRoute } from '#imports'
import { mdiMagnify, mdiPinOutline, mdiPlus } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { formatValue } from '~~/core/content/field'
import { pictureAddress, widthFor } from '~~/core/pictures/picture'
import { formatDate } from '~~/core/formats/dates'
import BulkBar from '../../../../content/BulkBar.vue'
import ContentFrame from '../../../../content/ContentFrame.vue'
import StateMark from '../../../../content/StateMark.vue'
import ColumnChoice from '../../../../content/entries/ColumnChoice.vue'
import { useTableColumns } from '../../../../content/entries/table-columns'
import { useTableQuestion } from '../../../../content/entries/table-question'
import type { EntryRow } from '~~/core/content/answers'
import { words } from '../../../../content/words'
import { bulkWords } from '../../../../content/entries/words'
import ScreenHead from '../../../../shared/ScreenHead.vue'
import { useAnswer } from '../../../../shared/answers'
import type { PageOfRows } from '../../../../shared/answers'
import { attempt } from '../../../../shared/attempt'
import { request } from '../../../../shared/http'
import { useCatalogue } from '../../../../stores/catalogue'
import { useSession } from '../../../../stores/session'

const route = useRoute()
const catalogue = useCatalogue()
const session = useSession()
const collection = computed(() =>
  catalogue.catalogue.collections.find((one) => one.slug === route.params.collection),
)
useHead({ title: () => `${collection.value?.name ?? words.title} · Bushel` })

const { all: columns, shown: shownColumns, headers, shownFields } = useTableColumns(() => collection.value)
const { options, typed, state, search, isNarrowed, question } = useTableQuestion(() => headers.value)
const frame = ref<InstanceType<typeof ContentFrame> | null>(null)

const chosen = ref<readonly number[]>([])

const stateItems = [
  { value: 'all', title: words.anyState },
  ...Object.entries(words.states).map(([value, title]) => ({ value, title })),
]
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

watch([search, state, () => collection.value?.id], () => (chosen.value = []))
const { answer, failure, asking, again } = useAnswer<PageOfRows<EntryRow>>(() =>
  collection.value === undefined
    ? null
    : { path: `/api/bench/collections/${collection.value.id}/entries?${question()}` },
)
const rows = computed(() => answer.value?.rows ?? [])
const total = computed(() => answer.value?.total ?? 0)
const loading = computed(() => asking.value || collection.value === undefined)

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
      <ColumnChoice v-model="shownColumns" :columns="columns" />
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
          :aria-label="bulkWords.choosePage"
          @update:model-value="selectAll(!allSelected)"
        />
      </template>
      <template #[`item.data-table-select`]="{ item, internalItem, isSelected, toggleSelect }">
        <v-checkbox-btn
          density="compact"
          :model-value="isSelected(internalItem)"
          :aria-label="bulkWords.chooseRow(item.title)"
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
  border: 1px dashed var(--edge);
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
  border: 1px solid color-mix(in srgb, var(--ink) 20%, transparent);
  border-radius: 4px;
}

.nowrap {
  white-space: nowrap;
}
</style>
