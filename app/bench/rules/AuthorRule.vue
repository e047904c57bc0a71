<script setup lang="ts">
import type { AuthorRule } from '~~/core/query/rules'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'

defineProps<{ rule: AuthorRule }>()
const emit = defineEmits<{ change: [rule: AuthorRule] }>()
const catalogue = useCatalogue()
</script>

<template>
  <v-autocomplete
    :items="[...catalogue.catalogue.authors]"
    item-title="name"
    item-value="id"
    :model-value="[...rule.any]"
    :aria-label="words.chooseAuthors"
    :placeholder="words.chooseAuthors"
    multiple
    chips
    closable-chips
    auto-select-first
    clear-on-select
    @update:model-value="emit('change', { ...rule, any: $event })"
  />
</template>
