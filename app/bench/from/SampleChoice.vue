<script setup lang="ts">
import { computed } from 'vue'
import type { EntryRow } from '~~/core/content/answers'
import type { Term } from '~~/core/content/terms'
import type { PageSubject } from '~~/core/rules/context'
import EntryAutocomplete from '../../content/EntryAutocomplete.vue'
import { useAnswer } from '../../shared/answers'
import type { PageOfRows } from '../../shared/answers'
import { monthName } from '~~/core/formats/formatters'
import { useDraft } from '../../stores/bench/draft'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

/** What the bench takes the page to be about, for listings that follow it. Nothing of it is stored. */
const props = defineProps<{ collections: readonly number[] }>()
const draft = useDraft()
const view = useView()
const catalogue = useCatalogue()

type SampleKind = keyof typeof words.samples
/** A page for many things is always about one of them. */
const kinds = computed(() =>
  (Object.keys(words.samples) as SampleKind[])
    .filter((kind) => draft.subject === null || kind === draft.subject.kind)
    .map((value) => ({ value, title: words.samples[value] })),
)
const sampledCollections = computed(() =>
  draft.subject?.kind === 'entry' && draft.subject.of !== null ? [draft.subject.of] : props.collections,
)
const kind = computed<SampleKind>(() => view.sample?.kind ?? 'none')
const months = computed(() =>
  Array.from({ length: 12 }, (_, at) => ({
    value: at + 1,
    title: monthName(at + 1, catalogue.catalogue.locale),
  })),
)
const terms = computed(() =>
  catalogue.catalogue.terms.filter(isOfPage).map((term) => ({
    value: term.id,
    title: `${catalogue.words.facet(term.facetId) ?? ''}: ${term.name}`,
  })),
)

const { answer: first } = useAnswer<PageOfRows<EntryRow>>(() =>
  props.collections[0] === undefined
    ? null
    : { path: `/api/bench/collections/${props.collections[0]}/entries?perPage=1&state=published` },
)

/** A page of a facet’s terms is about one of those. */
function isOfPage(term: Term): boolean {
  return draft.subject?.kind !== 'term' || draft.subject.of === term.facetId
}

function setMonth(change: { readonly year?: number; readonly month?: number }) {
  if (view.sample?.kind === 'month') view.sample = { ...view.sample, ...change }
}

function choose(next: SampleKind) {
  const now = new Date()
  const fresh: Record<SampleKind, PageSubject | null> = {
    none: null,
    term: { kind: 'term', id: catalogue.catalogue.terms[0]?.id ?? 0 },
    author: { kind: 'author', id: catalogue.catalogue.authors[0]?.id ?? 0 },
    entry: { kind: 'entry', id: first.value?.rows[0]?.id ?? 0 },
    month: { kind: 'month', year: now.getFullYear(), month: now.getMonth() + 1 },
    search: { kind: 'search', words: '' },
  }
  const sample = fresh[next]
  view.sample = sample !== null && 'id' in sample && sample.id === 0 ? null : sample
}
</script>

<template>
  <div class="sample">
    <v-select :items="kinds" :label="words.sample" :model-value="kind" @update:model-value="choose" />
    <v-autocomplete
      v-if="view.sample?.kind === 'term'"
      :items="terms"
      :label="words.sampleTerm"
      :model-value="view.sample.id"
      auto-select-first
      @update:model-value="view.sample = { kind: 'term', id: $event }"
    />
    <v-select
      v-else-if="view.sample?.kind === 'author'"
      :items="[...catalogue.catalogue.authors]"
      item-title="name"
      item-value="id"
      :label="words.sampleAuthor"
      :model-value="view.sample.id"
      @update:model-value="view.sample = { kind: 'author', id: $event }"
    />
    <EntryAutocomplete
      v-else-if="view.sample?.kind === 'entry'"
      one
      required
      :label="words.sampleEntry"
      :collections="sampledCollections"
      :model-value="[view.sample.id]"
      @update:model-value="$event[0] && (view.sample = { kind: 'entry', id: $event[0] })"
    />
    <div v-else-if="view.sample?.kind === 'month'" class="pair">
      <v-select
        :items="months"
        :label="words.sampleMonth"
        :model-value="view.sample.month"
        @update:model-value="setMonth({ month: $event })"
      />
      <v-number-input
        :label="words.sampleYear"
        :min="1"
        :max="9999"
        :model-value="view.sample.year"
        @update:model-value="$event !== null && setMonth({ year: $event })"
      />
    </div>
    <v-text-field
      v-else-if="view.sample?.kind === 'search'"
      :label="words.sampleWords"
      :model-value="view.sample.words"
      @update:model-value="view.sample = { kind: 'search', words: $event ?? '' }"
    />
  </div>
</template>

<style scoped>
.sample {
  display: grid;
  gap: 10px;
}
</style>
