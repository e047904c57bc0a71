<script setup lang="ts">
import type { PictureContent } from '../../core/cards/parts/picture'
import CardLink from '../CardLink.vue'
import type { CardView } from '../view'

defineOptions({ inheritAttrs: false })
defineProps<{ content: PictureContent; card: CardView; titled: boolean }>()
</script>

<template>
  <CardLink
    class="picture"
    :card="card"
    :data-fit="content.fit"
    :data-corners="content.corners"
    :data-hover="content.hover"
    :data-effect="content.effect"
    :style="{
      '--ratio': content.ratio,
      '--own-width': content.image ? `${content.image.width}px` : undefined,
      backgroundColor: content.fit === 'fill' ? content.image?.tint : undefined,
    }"
    :tabindex="titled && card.address ? -1 : undefined"
    :aria-hidden="titled && card.address ? 'true' : undefined"
    :aria-label="titled || !card.address ? undefined : card.title"
  >
    <img
      v-if="content.image"
      :src="content.image.source"
      :srcset="content.image.sourceSet"
      :sizes="content.image.sizes"
      :width="content.image.width"
      :height="content.image.height"
      :alt="content.image.alternative"
      :style="{ objectPosition: content.image.focus }"
      :loading="content.image.waits ? 'lazy' : 'eager'"
      :fetchpriority="content.image.waits ? undefined : 'high'"
      decoding="async"
    />
    <span v-else-if="content.letter" class="picture-letter" aria-hidden="true">{{ content.letter }}</span>
    <svg v-else class="picture-none" viewBox="0 0 60 40" aria-hidden="true">
      <path d="M30 33V16M30 24c-7 1-11-3-12-9 7-1 11 3 12 9Zm0-5c5 0 9-3 10-9-6-1-10 3-10 9Z" />
    </svg>
  </CardLink>
</template>
