<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import { focusOf } from '../../core/pictures/picture'
import type { FittingContents } from '../view'

defineProps<{ fitting: ChosenFitting<'picture'>; content: FittingContents['picture'] }>()
</script>

<template>
  <figure v-if="content" class="picture-fitting">
    <component :is="fitting.address ? 'a' : 'span'" :href="fitting.address || undefined">
      <img
        :src="content.source"
        :srcset="content.sourceSet"
        :sizes="content.sizes"
        :width="content.width"
        :height="content.height"
        :alt="content.alternative"
        :style="{ backgroundColor: content.tint, objectPosition: focusOf(content) }"
        loading="lazy"
      />
    </component>
    <figcaption v-if="fitting.caption">{{ fitting.caption }}</figcaption>
  </figure>
</template>
