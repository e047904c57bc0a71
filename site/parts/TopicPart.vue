<script setup lang="ts">
defineOptions({ inheritAttrs: false })
defineProps<{ content: { readonly name: string } }>()
</script>

<template>
  <p class="topic">{{ content.name }}</p>
</template>
