<script setup lang="ts">
/** A text with the words that stand before and after it. */
defineProps<{ text: string; prefix?: string; suffix?: string }>()
</script>

<template>
  <template v-if="prefix">{{ prefix }} </template>{{ text }}<template v-if="suffix"> {{ suffix }}</template>
</template>
