<script setup lang="ts">
import type { PlacedListingView } from '../view'
import GroupSection from './GroupSection.vue'
import TabList from './TabList.vue'
import { labelOf, tabsOf } from './group'

/** Cards one below the other; the script makes an index of their titles, with the chosen one beside it. */
defineProps<{ placement: PlacedListingView }>()
</script>

<template>
  <div class="index" data-shape="index" data-place="start">
    <TabList :label="labelOf(placement)" :tabs="tabsOf(placement)" upright />
    <GroupSection
      v-for="group in placement.groups"
      :key="group.key"
      :placement="placement"
      :group="group"
      :named="false"
    />
  </div>
</template>
