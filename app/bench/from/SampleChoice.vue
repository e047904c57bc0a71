<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { EntryRow } from '~~/core/content/answers'
import type { PageSubject } from '~~/core/query/plan-context'
import EntryAutocomplete from '../../content/EntryAutocomplete.vue'
import { request } from '../../shared/http'
import { useBench } from '../../stores/bench'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

/** What the bench takes the page to be about, for listings that follow it. Nothing of it is stored. */
const props = defineProps<{ collections: readonly number[] }>()
const bench = useBench()
const catalogue = useCatalogue()

type SampleKind = keyof typeof words.samples
/** A page of entries is always about one. */
const kinds = computed(() =>
  (Object.keys(words.samples) as SampleKind[])
    .filter((kind) => bench.entries === null || kind === 'entry')
    .map((value) => ({ value, title: words.samples[value] })),
)
const sampledCollections = computed(() =>
  bench.entries === null ? props.collections : [bench.entries.collection],
)
const kind = computed<SampleKind>(() => bench.sample?.kind ?? 'none')
const month = computed(() =>
  bench.sample?.kind === 'month'
    ? `${String(bench.sample.year).padStart(4, '0')}-${String(bench.sample.month).padStart(2, '0')}`
    : '',
)
const terms = computed(() =>
  catalogue.catalogue.terms.map((term) => ({
    value: term.id,
    title: `${catalogue.words.facet(term.facetId) ?? ''}: ${term.name}`,
  })),
)

const firstEntry = ref(0)
watch(
  () => props.collections[0],
  async (id) => {
    const answer = await request<{ rows: readonly EntryRow[] }>(
      'GET',
      `/api/bench/collections/${id}/entries?perPage=1&state=published`,
    ).catch(() => null)
    firstEntry.value = answer?.rows[0]?.id ?? 0
  },
  { immediate: true },
)

function choose(next: SampleKind) {
  const now = new Date()
  const fresh: Record<SampleKind, PageSubject | null> = {
    none: null,
    term: { kind: 'term', id: catalogue.catalogue.terms[0]?.id ?? 0 },
    author: { kind: 'author', id: catalogue.catalogue.authors[0]?.id ?? 0 },
    entry: { kind: 'entry', id: firstEntry.value },
    month: { kind: 'month', year: now.getFullYear(), month: now.getMonth() + 1 },
    search: { kind: 'search', words: '' },
  }
  const sample = fresh[next]
  bench.sample = sample !== null && 'id' in sample && sample.id === 0 ? null : sample
}

function chooseMonth(text: string | null) {
  const [, year, number] = /^(\d{4})-(\d{2})$/.exec(text ?? '') ?? []
  if (year !== undefined && number !== undefined)
    bench.sample = { kind: 'month', year: Number(year), month: Number(number) }
}
</script>

<template>
  <div class="sample">
    <v-select :items="kinds" :label="words.sample" :model-value="kind" @update:model-value="choose" />
    <v-autocomplete
      v-if="bench.sample?.kind === 'term'"
      :items="terms"
      :label="words.sampleTerm"
      :model-value="bench.sample.id"
      auto-select-first
      @update:model-value="bench.sample = { kind: 'term', id: $event }"
    />
    <v-select
      v-else-if="bench.sample?.kind === 'author'"
      :items="[...catalogue.catalogue.authors]"
      item-title="name"
      item-value="id"
      :label="words.sampleAuthor"
      :model-value="bench.sample.id"
      @update:model-value="bench.sample = { kind: 'author', id: $event }"
    />
    <EntryAutocomplete
      v-else-if="bench.sample?.kind === 'entry'"
      one
      required
      :label="words.sampleEntry"
      :collections="sampledCollections"
      :model-value="[bench.sample.id]"
      @update:model-value="$event[0] && (bench.sample = { kind: 'entry', id: $event[0] })"
    />
    <v-text-field
      v-else-if="bench.sample?.kind === 'month'"
      type="month"
      :label="words.sampleMonth"
      :model-value="month"
      @update:model-value="chooseMonth"
    />
    <v-text-field
      v-else-if="bench.sample?.kind === 'search'"
      :label="words.sampleWords"
      :model-value="bench.sample.words"
      @update:model-value="bench.sample = { kind: 'search', words: $event ?? '' }"
    />
  </div>
</template>

<style scoped>
.sample {
  display: grid;
  gap: 10px;
}
</style>
