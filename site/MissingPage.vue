<script setup lang="ts">
import type { MissingPageView } from './view'
import { words } from './words'

defineProps<{ page: MissingPageView }>()
</script>

<template>
  <div class="page-title missing">
    <h1>{{ page.title }}</h1>
    <p>{{ words.missingText }}</p>
  </div>
</template>
