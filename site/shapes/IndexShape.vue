<script setup lang="ts">
import type { PlacementView } from '../view'
import GroupSection from './GroupSection.vue'

/** Cards one below the other; the script makes an index of their titles, with the chosen one beside it. */
defineProps<{ placement: PlacementView }>()
</script>

<template>
  <div class="index" data-shape="index" data-place="start" :data-name="placement.heading || placement.name">
    <GroupSection v-for="group in placement.groups" :key="group.key" :group="group" :named="false" />
  </div>
</template>
