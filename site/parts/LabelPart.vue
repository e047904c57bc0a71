<script setup lang="ts">
defineOptions({ inheritAttrs: false })
defineProps<{ content: { readonly text: string } }>()
</script>

<template>
  <p class="label">{{ content.text }}</p>
</template>
