<script setup lang="ts">
import PlacedHead from './PlacedHead.vue'
import { fittingComponents } from './fittings'
import type { PlacedFittingView } from './view'

defineProps<{ placement: PlacedFittingView }>()
</script>

<template>
  <div
    :id="placement.anchor ?? undefined"
    class="placement"
    :class="placement.classes"
    :data-placement="placement.id"
  >
    <PlacedHead :placement="placement" />
    <div class="fitting">
      <component
        :is="fittingComponents[placement.fitting.name]"
        :fitting="placement.fitting"
        :content="placement.content"
      />
    </div>
    <div v-if="placement.below" class="placement-words prose" v-html="placement.below" />
  </div>
</template>
