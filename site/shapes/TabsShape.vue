<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenShape } from '../../core/shapes'
import type { PlacementView } from '../view'
import GroupSection from './GroupSection.vue'

/** Sections one below the other; the script makes them tabs. */
const props = defineProps<{ placement: PlacementView }>()
const settings = computed(() => props.placement.shape as ChosenShape<'tabs'>)
</script>

<template>
  <div class="tabs" data-shape="tabs" :data-place="settings.place" :data-name="placement.heading || placement.name">
    <GroupSection v-for="group in placement.groups" :key="group.key" :group="group" :named="settings.by !== 'entry'" />
  </div>
</template>
