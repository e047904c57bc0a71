<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import type { FittingContents } from '../view'

defineProps<{ fitting: ChosenFitting<'author'>; content: FittingContents['author'] }>()
</script>

<template>
  <div v-if="content" class="author-box">
    <img
      v-if="content.portrait"
      :src="content.portrait.source"
      :srcset="content.portrait.sourceSet"
      sizes="72px"
      width="72"
      height="72"
      alt=""
      loading="lazy"
      :style="{ backgroundColor: content.portrait.tint }"
    />
    <div>
      <p class="author-name">
        <a v-if="content.address" :href="content.address" rel="author">{{ content.name }}</a>
        <template v-else>{{ content.name }}</template>
      </p>
      <p v-if="content.about" class="author-about">{{ content.about }}</p>
    </div>
  </div>
</template>
