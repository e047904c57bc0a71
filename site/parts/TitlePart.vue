<script setup lang="ts">
import type { TitleContent } from '../../core/cards/parts/title'

defineOptions({ inheritAttrs: false })
defineProps<{ content: TitleContent }>()
</script>

<template>
  <component :is="content.element" class="title">
    <a :href="content.address">{{ content.text }}</a>
  </component>
</template>
