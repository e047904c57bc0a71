<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'

defineProps<{ fitting: ChosenFitting<'heading'> }>()
</script>

<template>
  <component :is="`h${fitting.level}`" class="heading-fitting">{{ fitting.text }}</component>
</template>
