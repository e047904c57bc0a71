<script setup lang="ts">
import type { PlacedListingView } from '../view'
import GroupSection from './GroupSection.vue'

defineProps<{ placement: PlacedListingView }>()
</script>

<template>
  <div class="grouped">
    <GroupSection
      v-for="group in placement.groups"
      :key="group.key"
      :placement="placement"
      :group="group"
      named
    />
  </div>
</template>
