<script setup lang="ts">
import type { SiteView } from './view'
import { words } from './words'

defineProps<{ site: SiteView }>()
</script>

<template>
  <header class="head">
    <a class="head-name" href="/">{{ site.name }}</a>
    <nav :aria-label="words.pages">
      <a
        v-for="link in site.navigation"
        :key="link.path"
        :href="link.path"
        :aria-current="link.path === site.path ? 'page' : undefined"
        >{{ link.title }}</a
      >
    </nav>
  </header>
</template>
