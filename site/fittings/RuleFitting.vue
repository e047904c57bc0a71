<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'

defineProps<{ fitting: ChosenFitting<'rule'> }>()
</script>

<template>
  <hr class="rule" :data-line="fitting.line" />
</template>
