<script setup lang="ts">
import type { DateContent } from '../../core/cards/parts/date'

defineOptions({ inheritAttrs: false })
defineProps<{ content: DateContent; prefix: string; suffix: string }>()
</script>

<template>
  <p class="fact">
    {{ prefix
    }}<time
      :datetime="content.instant"
      :data-clock="content.visitor ? JSON.stringify(content.visitor.options) : undefined"
      :data-until="content.visitor?.until ?? undefined"
      >{{ content.text }}</time
    >{{ suffix }}
  </p>
</template>
