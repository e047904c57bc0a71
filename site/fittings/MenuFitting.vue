<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import SiteMenu from '../SiteMenu.vue'
import type { FittingContents } from '../view'

defineProps<{ fitting: ChosenFitting<'menu'>; content: FittingContents['menu'] }>()
</script>

<template>
  <nav v-if="content.links.length > 0" class="menu" :data-layout="fitting.layout" :aria-label="fitting.title">
    <SiteMenu :links="content.links" :path="content.path" :unfolded="fitting.layout === 'upright'" />
  </nav>
</template>
