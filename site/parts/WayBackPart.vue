<script setup lang="ts">
import type { NavigationLink } from '../../core/navigation'
import AffixedText from './AffixedText.vue'

defineOptions({ inheritAttrs: false })
defineProps<{ content: NavigationLink; prefix: string; suffix: string }>()
</script>

<template>
  <p class="way-back">
    <a :href="content.path"><AffixedText :text="content.title" :prefix="prefix" :suffix="suffix" /></a>
  </p>
</template>
