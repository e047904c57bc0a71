<script setup lang="ts">
import { words } from '../words'
import type { PagesView } from './view'

/** The ways through a longer listing. More of it comes where it stands; its pages are pages. */
defineProps<{ pages: PagesView; name: string }>()
</script>

<template>
  <nav class="listing-pages" :data-kind="pages.kind" :aria-label="words.pagesOf(name)">
    <template v-if="pages.more">
      <a
        class="pages-more"
        data-in-place
        rel="nofollow"
        :data-by-itself="pages.more.isByItself ? '' : undefined"
        :href="pages.more.address"
        :ping="pages.more.told ?? undefined"
        >{{ pages.more.title }}</a
      >
    </template>
    <p v-if="pages.more" class="pages-told" role="status">
      {{ words.standOf(pages.more.stand, pages.more.of) }}
    </p>
    <!-- Also where what cards lead to takes the place of the page around it. -->
    <a
      v-if="pages.previous"
      class="pages-turn"
      target="_self"
      rel="prev"
      :href="pages.previous.address"
      :ping="pages.previous.told ?? undefined"
      >{{ pages.previous.title }}</a
    >
    <ol v-if="pages.numbers.length > 0" role="list" class="pages-numbers">
      <li v-for="(one, at) in pages.numbers" :key="at">
        <span v-if="one === 'gap'" aria-hidden="true">…</span>
        <a
          v-else
          class="pages-number"
          target="_self"
          :href="one.address"
          :ping="one.told ?? undefined"
          :aria-label="words.pageNumber(one.number)"
          :aria-current="one.isCurrent ? 'page' : undefined"
          >{{ one.number }}</a
        >
      </li>
    </ol>
    <a
      v-if="pages.next"
      class="pages-turn"
      target="_self"
      rel="next"
      :href="pages.next.address"
      :ping="pages.next.told ?? undefined"
      >{{ pages.next.title }}</a
    >
  </nav>
</template>
