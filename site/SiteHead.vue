<script setup lang="ts">
import SiteMenu from './SiteMenu.vue'
import type { SiteView } from './view'
import { words } from './words'

/** The head of every page. Where it is narrow, the menu comes when it is asked for. */
defineProps<{ site: SiteView }>()
</script>

<template>
  <header class="head">
    <a class="head-name" href="/">{{ site.name }}</a>
    <template v-if="site.navigation.head.length > 0">
      <button type="button" class="menu-way" popovertarget="site-menu" data-control>{{ words.menu }}</button>
      <nav id="site-menu" popover :aria-label="words.pages">
        <SiteMenu :links="site.navigation.head" :path="site.path" />
      </nav>
    </template>
  </header>
</template>
