<script setup lang="ts">
import PageFrame from './PageFrame.vue'
import SiteLine from './SiteLine.vue'
import type { Furnishing, SiteView } from './view'
import { words } from './words'

/** The head of every page: as somebody set it up, or as is usual. */
defineProps<{ site: SiteView; own: Furnishing | null }>()
</script>

<template>
  <header v-if="own === null || own.areas.length > 0" class="head">
    <PageFrame v-if="own" :frame="own.frame" :areas="own.areas" />
    <SiteLine
      v-else
      :name="site.name"
      tagline=""
      :icon="null"
      :links="site.navigation.head"
      :path="site.path"
      :label="words.pages"
      folds
    />
  </header>
</template>
