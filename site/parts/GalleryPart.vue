<script setup lang="ts">
import type { GalleryContent } from '../../core/cards/parts/large/gallery'

defineOptions({ inheritAttrs: false })
defineProps<{ content: GalleryContent }>()
</script>

<template>
  <div class="gallery" :style="{ '--across': content.across }">
    <img
      v-for="(picture, at) in content.pictures"
      :key="at"
      :src="picture.source"
      :srcset="picture.sourceSet"
      :sizes="picture.sizes"
      :width="picture.width"
      :height="picture.height"
      :alt="picture.alternative"
      :style="{ backgroundColor: picture.tint }"
      loading="lazy"
    />
  </div>
</template>
