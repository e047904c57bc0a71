<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import SiteLine from '../SiteLine.vue'
import type { FittingContents } from '../view'

defineProps<{ fitting: ChosenFitting<'site-name'>; content: FittingContents['site-name'] }>()
</script>

<template>
  <SiteLine v-bind="content" :label="fitting.title" :folds="fitting.folds" />
</template>
