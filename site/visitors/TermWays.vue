<script setup lang="ts">
import { words } from '../words'
import type { ControlContents, TermWay } from './view'

/** Terms side by side or below each other; what is nested stands further in. */
defineProps<{
  layout: ControlContents['terms']['layout']
  all: ControlContents['terms']['all']
  terms: readonly TermWay[]
}>()
</script>

<template>
  <ul role="list" class="narrow-terms" :data-layout="layout">
    <li v-if="all">
      <a
        class="narrow-term"
        data-in-place
        rel="nofollow"
        :href="all.address"
        :aria-current="all.isChosen ? 'true' : undefined"
        >{{ all.title }}</a
      >
    </li>
    <li
      v-for="term in terms"
      :key="term.id"
      :style="layout === 'list' && term.depth > 0 ? { '--depth': term.depth } : undefined"
    >
      <a
        :id="term.id"
        class="narrow-term"
        data-in-place
        rel="nofollow"
        :href="term.address"
        :aria-current="term.isChosen ? 'true' : undefined"
        :data-empty="term.count === 0 ? '' : undefined"
        >{{ term.title
        }}<template v-if="term.count !== null">
          <span class="narrow-count" :aria-label="words.found(term.count)">{{ term.count }}</span></template
        ></a
      >
    </li>
  </ul>
</template>
