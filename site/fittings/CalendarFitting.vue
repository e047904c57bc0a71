<script setup lang="ts">
import CalendarShape from '../shapes/CalendarShape.vue'
import type { FittingContents } from '../view'

defineProps<{ content: FittingContents['calendar'] }>()
</script>

<template>
  <div v-if="content" class="small-calendar">
    <CalendarShape :placement="content" />
  </div>
</template>
