<script setup lang="ts">
import type { FactsContent } from '../../core/cards/parts/facts'

defineOptions({ inheritAttrs: false })
defineProps<{ content: FactsContent }>()
</script>

<template>
  <ul class="facts" role="list">
    <li v-for="(fact, at) in content.facts" :key="at">
      <span v-if="at > 0 && content.separator" class="facts-separator" aria-hidden="true">{{
        content.separator
      }}</span>
      <time v-if="fact.instant" :datetime="fact.instant">{{ fact.text }}</time>
      <template v-else>{{ fact.text }}</template>
    </li>
  </ul>
</template>
