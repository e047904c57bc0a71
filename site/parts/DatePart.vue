<script setup lang="ts">
import type { DateContent } from '../../core/cards/parts/date'

defineOptions({ inheritAttrs: false })
defineProps<{ content: DateContent; prefix: string; suffix: string }>()
</script>

<template>
  <p class="fact">
    <template v-if="prefix">{{ prefix }} </template><time :datetime="content.instant">{{ content.text }}</time><template v-if="suffix"> {{ suffix }}</template>
  </p>
</template>
