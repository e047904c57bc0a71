<script setup lang="ts">
import { words } from '../words'
import TermWays from './TermWays.vue'
import type { ControlContents } from './view'

/** The terms of a facet, each a link to the listing narrowed by it. */
defineProps<{ content: ControlContents['terms']; label: string }>()
</script>

<template>
  <TermWays :layout="content.layout" :all="content.all" :terms="content.first" />
  <details v-if="content.others.length > 0" data-control>
    <summary>{{ words.moreTerms(content.others.length) }}</summary>
    <TermWays :layout="content.layout" :all="null" :terms="content.others" />
  </details>
</template>
