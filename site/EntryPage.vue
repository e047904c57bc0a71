<script setup lang="ts">
import { computed } from 'vue'
import type { TitleContent } from '../core/cards/parts/title'
import type { NavigationLink } from '../core/navigation'
import EntryCard from './EntryCard.vue'
import PageFrame from './PageFrame.vue'
import TrailNav from './TrailNav.vue'
import { entryViewsOf } from './view'
import type { EntryPageView } from './view'
import { words } from './words'

const props = defineProps<{
  page: EntryPageView
  /** The way to it from the front page. */
  trail: readonly NavigationLink[]
}>()
const named = computed(() =>
  props.trail.map((step) => (step.path === '/' ? { ...step, title: words.home } : step)),
)
/** Every page has a heading of the first level (WCAG 2.2, 2.4.6 and common practice). */
const isHeaded = computed(() =>
  [props.page.whole, ...entryViewsOf(props.page)].some((card) =>
    card?.parts.some((one) => one.part === 'title' && (one.content as TitleContent).element === 'h1'),
  ),
)
</script>

<template>
  <TrailNav v-if="trail.length > 1" class="entry-way" :trail="named" between="›" />
  <h1 v-if="!isHeaded" class="only-read">{{ page.title }}</h1>
  <div v-if="page.whole" class="entry entry-alone"><EntryCard :card="page.whole" /></div>
  <PageFrame :frame="page.frame" :areas="page.areas" />
</template>
