<script setup lang="ts">
defineOptions({ inheritAttrs: false })
defineProps<{ content: { readonly name: string } }>()
</script>

<template>
  <p class="fact">{{ content.name }}</p>
</template>
