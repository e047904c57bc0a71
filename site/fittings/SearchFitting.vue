<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import SearchForm from '../SearchForm.vue'

defineProps<{ fitting: ChosenFitting<'search'> }>()
</script>

<template>
  <SearchForm :hint="fitting.hint" :button="fitting.button" />
</template>
