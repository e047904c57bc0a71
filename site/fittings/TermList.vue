<script setup lang="ts">
import type { LinkedTerm } from '../view'

/** Terms as ways to their pages, and those nested in them below each. */
defineProps<{ terms: readonly LinkedTerm[]; counts: boolean }>()
</script>

<template>
  <ul role="list">
    <li v-for="term in terms" :key="term.address">
      <a :href="term.address">{{ term.name }}</a>
      <span v-if="counts" class="term-count">{{ term.count }}</span>
      <TermList v-if="term.children.length > 0" :terms="term.children" :counts="counts" />
    </li>
  </ul>
</template>
