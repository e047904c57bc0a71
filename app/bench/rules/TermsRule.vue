<script setup lang="ts">
import { computed, ref, toRaw, watch } from 'vue'
import { inTreeOrder } from '~~/core/content/terms'
import { withoutThis } from '~~/core/query/rule-edits'
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
/** The listing without this rule: each term is told with what it would leave of that. */
const others = computed(
  () =>
    bench.listing && {
      ...bench.listing,
      from: { ...bench.listing.from, rules: withoutThis(bench.listing.from.rules, toRaw(props.rule)) },
    },
)
watch(
  () => [props.rule.facet, JSON.stringify(others.value?.from), bench.asOf, bench.sample],
  async (_, __, onCleanup) => {
    let isLate = false
    onCleanup(() => (isLate = true))
    const found = await request<Readonly<Record<number, number>>>(
      'POST',
      `/api/bench/facets/${props.rule.facet}/counts`,
      {
        ...bench.asked(),
        definition: others.value,
        above: bench.chosenCounts?.above ?? [],
      },
    ).catch(() => ({}))
    // A later question may have been answered sooner.
    if (!isLate) counts.value = found
  },
  { immediate: true },
)

const items = computed(() =>
  inTreeOrder(catalogue.catalogue.terms.filter((term) => term.facetId === props.rule.facet)).map(
    ({ term, depth }) => ({
      value: term.id,
      title: term.name,
      props: {
        subtitle: words.entries(counts.value[term.id] ?? 0),
        'aria-label': term.name,
        style: { paddingInlineStart: `${16 + depth * 18}px` },
      },
    }),
  ),
)
</script>

<template>
  <ChoiceSetting
    :label="words.ask"
    :value="rule.is"
    :choices="choices"
    bare
    @change="emit('change', { ...rule, is: $event })"
  />
  <v-autocomplete
    :items="items"
    :model-value="[...new Set(rule.terms.map(catalogue.words.termNow))]"
    :label="words.terms"
    multiple
    chips
    closable-chips
    auto-select-first
    clear-on-select
    @update:model-value="emit('change', { ...rule, terms: $event })"
  />
</template>
