<script setup lang="ts">
import type { AuthorRule } from '~~/core/rules'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

defineProps<{ rule: AuthorRule }>()
const emit = defineEmits<{ change: [rule: AuthorRule] }>()
const catalogue = useCatalogue()
const choices = (['any', 'none'] as const).map((value) => ({ value, title: words[value] }))
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
    :items="[...catalogue.catalogue.authors]"
    item-title="name"
    item-value="id"
    :model-value="[...rule.authors]"
    :label="words.authors"
    multiple
    chips
    closable-chips
    auto-select-first
    clear-on-select
    @update:model-value="emit('change', { ...rule, authors: $event })"
  />
</template>
