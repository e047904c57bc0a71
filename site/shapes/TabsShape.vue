<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenShape } from '../../core/shapes'
import type { PlacedListingView } from '../view'
import GroupSection from './GroupSection.vue'
import TabList from './TabList.vue'
import { labelOf, tabsOf } from './group'

/** Sections one below the other; the script makes them tabs. */
const props = defineProps<{ placement: PlacedListingView }>()
const settings = computed(() => props.placement.shape as ChosenShape<'tabs'>)
</script>

<template>
  <div class="tabs" data-shape="tabs" :data-place="settings.place">
    <TabList :label="labelOf(placement)" :tabs="tabsOf(placement)" :upright="settings.place === 'start'" />
    <GroupSection
      v-for="group in placement.groups"
      :key="group.key"
      :placement="placement"
      :group="group"
      :named="settings.by !== 'entry'"
    />
  </div>
</template>
