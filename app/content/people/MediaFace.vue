<script setup lang="ts">
import type { MediaRow } from '~~/core/content/answers'
import { focusOf } from '~~/core/pictures/picture'
import { pictureAt } from '../media/media-files'

/** A portrait in a round frame; the name beside it says who it is. */
defineProps<{ media: MediaRow | undefined }>()
</script>

<template>
  <img v-if="media" :src="pictureAt(media, 160)" alt="" :style="{ objectPosition: focusOf(media) }" />
</template>

<style scoped>
img {
  width: 48px;
  height: 48px;
  border-radius: 50%;
  object-fit: cover;
}
</style>
