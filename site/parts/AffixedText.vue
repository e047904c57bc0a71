<script setup lang="ts">
/** A text with the words that stand before and after it; their own spaces part them from it. */
defineProps<{ text: string; prefix?: string; suffix?: string }>()
</script>

<template>{{ prefix }}{{ text }}{{ suffix }}</template>
