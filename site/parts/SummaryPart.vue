<script setup lang="ts">
import AffixedText from './AffixedText.vue'

defineOptions({ inheritAttrs: false })
defineProps<{ content: { readonly text: string }; prefix: string; suffix: string }>()
</script>

<template>
  <p class="summary"><AffixedText :text="content.text" :prefix="prefix" :suffix="suffix" /></p>
</template>
