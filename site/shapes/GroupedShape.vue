<script setup lang="ts">
import type { PlacementView } from '../view'
import GroupSection from './GroupSection.vue'

defineProps<{ placement: PlacementView }>()
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
