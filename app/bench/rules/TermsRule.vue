<script setup lang="ts">
import { computed, toRaw } from 'vue'
import { inTreeOrder } from '~~/core/content/terms'
import { withoutThis } from '~~/core/rules/rule-edits'
import type { TermsRule } from '~~/core/rules'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { useAnswer } from '../../shared/answers'
import { useSelection } from '../../stores/bench/selection'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

const props = defineProps<{ rule: TermsRule }>()
const emit = defineEmits<{ change: [rule: TermsRule] }>()
const selection = useSelection()
const view = useView()
const catalogue = useCatalogue()
const choices = (['any', 'all', 'none'] as const).map((value) => ({ value, title: words[value] }))

/** The listing without this rule: each term is told with what it would leave of that. */
const others = computed(
  () =>
    selection.listing && {
      ...selection.listing,
      from: {
        ...selection.listing.from,
        rules: withoutThis(selection.listing.from.rules, toRaw(props.rule)),
      },
    },
)
const { answer: counts } = useAnswer<Readonly<Record<number, number>>>(() => ({
  path: `/api/bench/facets/${props.rule.facet}/counts`,
  body: { ...view.asked(), definition: others.value, above: selection.counts?.above ?? [] },
}))

const items = computed(() =>
  inTreeOrder(catalogue.catalogue.terms.filter((term) => term.facetId === props.rule.facet)).map(
    ({ term, depth }) => ({
      value: term.id,
      title: term.name,
      props: {
        subtitle: words.entries(counts.value?.[term.id] ?? 0),
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
