<script setup lang="ts">
import type { WholeTextContent } from '../../core/cards/parts/large/whole-text'

defineOptions({ inheritAttrs: false })
defineProps<{ content: WholeTextContent }>()
</script>

<template>
  <div class="whole-text prose" v-html="content.html" />
</template>
