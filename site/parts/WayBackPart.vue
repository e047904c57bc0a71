<script setup lang="ts">
import type { NamedWay } from '../../core/cards/entry-in-full'
import AffixedText from './AffixedText.vue'

defineOptions({ inheritAttrs: false })
defineProps<{ content: NamedWay; prefix: string; suffix: string }>()
</script>

<template>
  <p class="way-back">
    <a :href="content.path"><AffixedText :text="content.title" :prefix="prefix" :suffix="suffix" /></a>
  </p>
</template>
