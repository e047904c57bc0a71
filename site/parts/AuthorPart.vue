<script setup lang="ts">
import { portraitWidth } from '../../core/cards/parts/author'
import type { AuthorContent } from '../../core/cards/parts/author'
import AffixedText from './AffixedText.vue'

defineOptions({ inheritAttrs: false })
defineProps<{ content: AuthorContent; prefix: string; suffix: string }>()
</script>

<template>
  <p class="fact" :class="{ author: content.portrait }">
    <img
      v-if="content.portrait"
      class="portrait"
      :src="content.portrait"
      alt=""
      :width="portraitWidth"
      :height="portraitWidth"
      loading="lazy"
    />
    <span><AffixedText :text="content.name" :prefix="prefix" :suffix="suffix" /></span>
  </p>
</template>
