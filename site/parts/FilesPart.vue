<script setup lang="ts">
import type { FilesContent } from '../../core/cards/parts/large/files'

defineOptions({ inheritAttrs: false })
defineProps<{ content: FilesContent }>()
</script>

<template>
  <ul class="files" role="list">
    <li v-for="{ name, to } in content.files" :key="to.path">
      <span>{{ name }}</span>
      <a :href="to.path">{{ to.title }}</a>
    </li>
  </ul>
</template>
