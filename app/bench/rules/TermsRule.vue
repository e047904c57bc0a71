<script setup lang="ts">
import { computed } from 'vue'
import { inTreeOrder } from '~~/core/content/terms'
import type { TermsRule } from '~~/core/query/rules'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'

const props = defineProps<{ rule: TermsRule }>()
const emit = defineEmits<{ change: [rule: TermsRule] }>()
const catalogue = useCatalogue()

const items = computed(() =>
  inTreeOrder(catalogue.catalogue.terms.filter((term) => term.facetId === props.rule.facet)).map(({ term, depth }) => ({
    value: term.id,
    title: term.name,
    props: { style: { paddingInlineStart: `${16 + depth * 18}px` } },
  })),
)
</script>

<template>
  <v-autocomplete
    :items="items"
    :model-value="[...rule.any]"
    :aria-label="words.chooseTerms"
    :placeholder="words.chooseTerms"
    multiple
    chips
    closable-chips
    auto-select-first
    clear-on-select
    @update:model-value="emit('change', { ...rule, any: $event })"
  />
</template>
