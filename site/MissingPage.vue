<script setup lang="ts">
import SearchForm from './SearchForm.vue'
import type { MenuLink } from '../core/menus'
import type { MissingPageView } from './view'
import { words } from './words'

/** What is said where there is nothing, and where to go on from there. */
const props = defineProps<{ page: MissingPageView; menu: readonly MenuLink[] }>()
const ways = props.menu.flatMap(({ title, path, under }) =>
  path === null ? under : [{ title, path }, ...under],
)
</script>

<template>
  <div class="page-title missing">
    <h1>{{ page.title }}</h1>
    <p>{{ page.text }}</p>
    <SearchForm v-if="page.canSearch" :hint="words.searchFor" :button="words.search" />
    <nav v-if="ways.length > 0" :aria-label="words.goOn">
      <ul class="ways">
        <li v-for="way in ways" :key="way.path">
          <a :href="way.path">{{ way.title }}</a>
        </li>
      </ul>
    </nav>
  </div>
</template>
