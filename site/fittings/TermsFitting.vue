<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import type { FittingContents } from '../view'
import { words } from '../words'
import TermList from './TermList.vue'

defineProps<{ fitting: ChosenFitting<'terms'>; content: FittingContents['terms'] }>()
</script>

<template>
  <nav
    v-for="facet in content"
    :key="facet.name"
    class="term-index"
    :data-layout="fitting.layout"
    :aria-label="facet.name"
  >
    <p v-if="content.length > 1" class="term-facet" aria-hidden="true">{{ facet.name }}</p>
    <TermList :terms="facet.first" :counts="fitting.counts" />
    <details v-if="facet.others.length > 0">
      <summary>{{ words.moreTerms(facet.others.length) }}</summary>
      <TermList :terms="facet.others" :counts="fitting.counts" />
    </details>
  </nav>
</template>
