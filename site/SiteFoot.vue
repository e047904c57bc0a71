<script setup lang="ts">
import type { SiteView } from './view'

defineProps<{ site: SiteView }>()
</script>

<template>
  <footer class="foot">
    <p class="foot-name">{{ site.name }}</p>
    <p>{{ site.tagline }}</p>
  </footer>
</template>
