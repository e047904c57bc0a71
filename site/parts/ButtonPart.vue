<script setup lang="ts">
import type { ButtonContent } from '../../core/cards/parts/button'
import CardLink from '../CardLink.vue'
import type { CardView } from '../view'

defineOptions({ inheritAttrs: false })
defineProps<{ content: ButtonContent; card: CardView }>()
</script>

<template>
  <p v-if="card.address" class="way">
    <CardLink :card="card" :class="content.form"
      >{{ content.text }}<span v-if="content.about" class="only-read">: {{ content.about }}</span></CardLink
    >
  </p>
</template>
