<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import SiteLine from '../SiteLine.vue'
import type { FittingContents } from '../view'
import { words } from '../words'

defineProps<{ fitting: ChosenFitting<'site-name'>; content: FittingContents['site-name'] }>()
</script>

<template>
  <SiteLine
    v-bind="content"
    :label="fitting.menu === 'foot' ? words.footPages : words.pages"
    :folds="fitting.folds"
  />
</template>
