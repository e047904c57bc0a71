<script setup lang="ts">
import type { MissingPageView } from './view'
defineProps<{ page: MissingPageView }>()
</script>

<template>
  <div class="page-title missing">
    <h1>{{ page.title }}</h1>
    <p>{{ page.text }}</p>
  </div>
</template>
