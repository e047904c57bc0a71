<script setup lang="ts">
import PageFrame from './PageFrame.vue'
import type { ListingPageView } from './view'

defineProps<{ page: ListingPageView }>()
</script>

<template>
  <div v-if="page.title" class="page-title">
    <h1>{{ page.title }}</h1>
    <p v-if="page.introduction">{{ page.introduction }}</p>
  </div>
  <PageFrame :frame="page.frame" :areas="page.areas" />
</template>
