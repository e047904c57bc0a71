<script setup lang="ts">
import ControlWays from './ControlWays.vue'
import WaysMenu from './WaysMenu.vue'
import type { ControlContents } from './view'

/** One of a few ways to have a listing: in an order, laid out so, or so many at once. */
defineProps<{ content: ControlContents['sort' | 'views' | 'amount']; label: string }>()
</script>

<template>
  <WaysMenu
    v-if="content.layout === 'menu'"
    :label="label"
    :ways="content.ways"
    :remembered="content.remembered"
  />
  <ControlWays v-else :layout="content.layout" :ways="content.ways" :remembered="content.remembered" />
</template>
