<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import TrailNav from '../TrailNav.vue'
import type { FittingContents } from '../view'

defineProps<{ fitting: ChosenFitting<'breadcrumbs'>; content: FittingContents['breadcrumbs'] }>()
</script>

<template>
  <TrailNav v-if="content.length > 0" :trail="content" :between="fitting.between" />
</template>
