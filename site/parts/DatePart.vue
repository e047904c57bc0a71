<script setup lang="ts">
import type { DateContent } from '../../core/cards/parts/date'

defineOptions({ inheritAttrs: false })
defineProps<{ content: DateContent }>()
</script>

<template>
  <p class="fact">
    <time :datetime="content.instant">{{ content.text }}</time>
  </p>
</template>
