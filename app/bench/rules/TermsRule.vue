<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { inTreeOrder } from '~~/core/content/terms'
import type { TermsRule } from '~~/core/query/rules'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { request } from '../../shared/http'
import { useBench } from '../../stores/bench'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

const props = defineProps<{ rule: TermsRule }>()
const emit = defineEmits<{ change: [rule: TermsRule] }>()
const bench = useBench()
const catalogue = useCatalogue()
const choices = (['any', 'all', 'none'] as const).map((value) => ({ value, title: words[value] }))

const counts = ref<Readonly<Record<number, number>>>({})
watch(
  () => `${props.rule.facet}/counts?collections=${bench.listing?.from.collections.join() ?? ''}`,
  async (path) => (counts.value = await request<Readonly<Record<number, number>>>('GET', `/api/bench/facets/${path}`).catch(() => ({}))),
  { immediate: true },
)

const items = computed(() =>
  inTreeOrder(catalogue.catalogue.terms.filter((term) => term.facetId === props.rule.facet)).map(({ term, depth }) => ({
    value: term.id,
    title: term.name,
    props: { subtitle: words.entries(counts.value[term.id] ?? 0), 'aria-label': term.name, style: { paddingInlineStart: `${16 + depth * 18}px` } },
  })),
)
</script>

<template>
  <ChoiceSetting :label="words.ask" :value="rule.is" :choices="choices" bare @change="emit('change', { ...rule, is: $event })" />
  <v-autocomplete
    :items="items"
    :model-value="[...rule.terms]"
    :label="words.terms"
    multiple
    chips
    closable-chips
    auto-select-first
    clear-on-select
    @update:model-value="emit('change', { ...rule, terms: $event })"
  />
</template>
