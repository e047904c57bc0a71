<script setup lang="ts">
import { words } from '../words'

defineOptions({ inheritAttrs: false })
defineProps<{ content: { readonly address: string } }>()
</script>

<template>
  <p class="calendar-file">
    <a :href="content.address" rel="nofollow">{{ words.addToCalendar }}</a>
  </p>
</template>
