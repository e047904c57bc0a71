<script setup lang="ts">
import type { WordsRule } from '~~/core/rules'
import { words } from './words'

defineProps<{ rule: WordsRule }>()
const emit = defineEmits<{ change: [rule: WordsRule] }>()
</script>

<template>
  <v-text-field
    :label="words.search"
    :hint="words.searchHint"
    persistent-hint
    maxlength="200"
    autocomplete="off"
    :model-value="rule.words"
    @update:model-value="emit('change', { ...rule, words: $event ?? '' })"
  />
</template>
