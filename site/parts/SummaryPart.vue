<script setup lang="ts">
import type { CardView } from '../view'
import AffixedText from './AffixedText.vue'

defineOptions({ inheritAttrs: false })
defineProps<{ content: { readonly text: string }; card: CardView; prefix: string; suffix: string }>()
</script>

<template>
  <p class="summary">
    <AffixedText :text="content.text" :prefix="prefix" :suffix="suffix" :found="card.found" />
  </p>
</template>
