<script setup lang="ts">
import type { CollectionIcon } from '../../core/content/collection'
import { iconPaths } from '../icons'

defineOptions({ inheritAttrs: false })
defineProps<{ content: { readonly icon: CollectionIcon } }>()
</script>

<template>
  <svg class="icon" viewBox="0 0 24 24" aria-hidden="true"><path :d="iconPaths[content.icon]" /></svg>
</template>
