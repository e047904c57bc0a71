<script setup lang="ts">
import SiteMenu from './SiteMenu.vue'
import type { SiteView } from './view'
import { words } from './words'

defineProps<{ site: SiteView }>()
</script>

<template>
  <footer class="foot">
    <div>
      <p class="foot-name">{{ site.name }}</p>
      <p>{{ site.tagline }}</p>
    </div>
    <nav v-if="site.navigation.foot.length > 0" :aria-label="words.footPages">
      <SiteMenu :links="site.navigation.foot" :path="site.path" />
    </nav>
  </footer>
</template>
