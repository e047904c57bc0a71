<script setup lang="ts">
import type { RatingContent } from '../../core/cards/parts/rating'

defineOptions({ inheritAttrs: false })
defineProps<{ content: RatingContent }>()
</script>

<template>
  <p class="rating">
    <span class="rating-bar" aria-hidden="true"><span :style="{ width: `${content.share * 100}%` }" /></span>
    {{ content.text }}
  </p>
</template>
