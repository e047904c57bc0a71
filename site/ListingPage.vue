<script setup lang="ts">
import { frameComponents } from './frames'
import type { ListingPageView } from './view'

defineProps<{ page: ListingPageView }>()
</script>

<template>
  <div class="page-title">
    <h1>{{ page.title }}</h1>
    <p v-if="page.introduction">{{ page.introduction }}</p>
  </div>
  <component :is="frameComponents[page.frame]" :areas="page.areas" />
</template>
