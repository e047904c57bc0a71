<script setup lang="ts">
defineOptions({ inheritAttrs: false })
defineProps<{ content: { readonly text: string } }>()
</script>

<template>
  <p v-for="paragraph in content.text.split('\n\n')" :key="paragraph" class="summary">{{ paragraph }}</p>
</template>
