<script setup lang="ts">
import { computed } from 'vue'
import type { CollectionSummary } from '~~/core/content/catalogue'
import { inTreeOrder } from '~~/core/content/terms'
import { useCatalogue } from '../../stores/catalogue'

/** The terms of an entry, facet by facet; one list of ids in all. */
const chosen = defineModel<readonly number[]>({ required: true })
const props = defineProps<{ collection: CollectionSummary | undefined; faults: string[] }>()
const catalogue = useCatalogue()

const facets = computed(() =>
  (props.collection?.facets ?? []).map((id) => {
    const terms = inTreeOrder(catalogue.catalogue.terms.filter((term) => term.facetId === id))
    return {
      id,
      name: catalogue.words.facet(id) ?? '',
      ids: new Set(terms.map(({ term }) => term.id)),
      items: terms.map(({ term, depth }) => ({
        value: term.id,
        title: term.name,
        props: { style: { paddingInlineStart: `${16 + depth * 18}px` } },
      })),
    }
  }),
)

function set(ids: ReadonlySet<number>, next: readonly number[]) {
  chosen.value = [...chosen.value.filter((id) => !ids.has(id)), ...next]
}
</script>

<template>
  <v-autocomplete
    v-for="(facet, at) in facets"
    :key="facet.id"
    :label="facet.name"
    :items="facet.items"
    :model-value="chosen.filter((id) => facet.ids.has(id))"
    :error-messages="at === 0 ? faults : []"
    multiple
    chips
    closable-chips
    auto-select-first
    clear-on-select
    @update:model-value="set(facet.ids, $event)"
  />
</template>
