<script setup lang="ts">
import { htmlOfDocument } from '../../core/content/rich-text/html'
import type { ChosenFitting } from '../../core/fittings'

defineProps<{ fitting: ChosenFitting<'note'> }>()
</script>

<template>
  <div class="note prose" v-html="htmlOfDocument(fitting.text)" />
</template>
