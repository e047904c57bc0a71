<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'

defineProps<{ fitting: ChosenFitting<'space'> }>()
</script>

<template>
  <div class="space" :style="{ height: `${fitting.height}px` }" />
</template>
