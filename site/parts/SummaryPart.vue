<script setup lang="ts">
defineOptions({ inheritAttrs: false })
defineProps<{ content: { readonly text: string } }>()
</script>

<template>
  <p class="summary">{{ content.text }}</p>
</template>
