<script setup lang="ts">
import { computed } from 'vue'
import type { ButtonContent } from '../../core/cards/parts/button'
import CardLink from '../CardLink.vue'
import type { CardView } from '../view'

defineOptions({ inheritAttrs: false })
const props = defineProps<{ content: ButtonContent; card: CardView }>()

const leading = computed(() =>
  props.content.to === undefined ? props.card : { ...props.card, address: props.content.to },
)
</script>

<template>
  <p v-if="leading.address" class="way">
    <CardLink :card="leading" :class="content.form"
      >{{ content.text }}<span v-if="content.about" class="only-read">: {{ content.about }}</span></CardLink
    >
  </p>
</template>
