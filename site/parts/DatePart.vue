<script setup lang="ts">
import type { DateContent } from '../../core/cards/parts/date'

defineOptions({ inheritAttrs: false })
defineProps<{ content: DateContent; prefix: string; suffix: string }>()
</script>

<template>
  <p class="fact">
    {{ prefix }}<time :datetime="content.instant">{{ content.text }}</time
    >{{ suffix }}
  </p>
</template>
