<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import SearchForm from '../SearchForm.vue'
import type { FittingContents } from '../view'

defineProps<{ fitting: ChosenFitting<'search'>; content: FittingContents['search'] }>()
</script>

<template>
  <SearchForm :hint="fitting.hint" :button="fitting.button" :typed="content" />
</template>
