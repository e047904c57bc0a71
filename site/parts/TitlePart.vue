<script setup lang="ts">
import type { TitleContent } from '../../core/cards/parts/title'
import CardLink from '../CardLink.vue'
import type { CardView } from '../view'
import AffixedText from './AffixedText.vue'

defineOptions({ inheritAttrs: false })
defineProps<{ content: TitleContent; card: CardView; prefix: string; suffix: string }>()
</script>

<template>
  <component :is="content.element" class="title">
    <CardLink :card="card"
      ><AffixedText :text="content.text" :prefix="prefix" :suffix="suffix" :found="card.found"
    /></CardLink>
  </component>
</template>
