<script setup lang="ts">
import { fittingComponents } from './fittings'
import type { PlacedFittingView } from './view'

defineProps<{ placement: PlacedFittingView }>()
</script>

<template>
  <div class="placement" :data-placement="placement.id">
    <h2 v-if="placement.heading" class="placement-heading">{{ placement.heading }}</h2>
    <component
      :is="fittingComponents[placement.fitting.name]"
      :fitting="placement.fitting"
      :content="placement.content"
    />
  </div>
</template>
