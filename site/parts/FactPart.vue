<script setup lang="ts">
import AffixedText from './AffixedText.vue'

/** One short fact in words. */
defineOptions({ inheritAttrs: false })
defineProps<{
  content: { readonly text: string; readonly name?: string | null }
  prefix: string
  suffix: string
}>()
</script>

<template>
  <p class="fact">
    <template v-if="content.name"
      ><span class="fact-name">{{ content.name }}</span
      >{{ ' ' }}</template
    ><AffixedText :text="content.text" :prefix="prefix" :suffix="suffix" />
  </p>
</template>
