<script setup lang="ts">
import { words } from '../words'
import type { VisitorsView } from './view'

/** Where nothing has all that was chosen: each single choice whose removal finds something. */
defineProps<{ visitors: VisitorsView }>()
</script>

<template>
  <p class="listing-empty">{{ words.foundNothingSo(visitors.chosen.map((one) => one.title)) }}</p>
  <ul v-if="visitors.instead.length > 0" role="list" class="narrow-instead">
    <li v-for="one in visitors.instead" :key="one.address">
      <a data-in-place rel="nofollow" :href="one.address">{{ words.withoutChoice(one.title, one.count) }}</a>
    </li>
  </ul>
</template>
