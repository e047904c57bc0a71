<script setup lang="ts">
import { computed } from 'vue'
import CardPart from './CardPart.vue'
import type { CardView } from './view'
import CompareMark from './visitors/CompareMark.vue'

const props = defineProps<{ card: CardView }>()

const parts = computed(() => {
  const picture = props.card.parts.find((one) => one.part === 'picture')
  const inZone = (zone: string) => props.card.parts.filter((one) => one !== picture && one.zone === zone)
  const over = inZone('over')
  return {
    picture,
    above: inZone('above'),
    over: picture === undefined ? [] : over,
    // What brings its own ground along needs no scrim.
    overClass: over.every(({ part }) => part === 'label') ? 'card-signs' : 'card-over',
    beside: inZone('beside'),
    // Without a picture there is nothing to lie over.
    below: picture === undefined ? [...over, ...inZone('below')] : inZone('below'),
    foot: inZone('foot'),
  }
})
</script>

<template>
  <article
    class="card"
    :data-beside="card.frame.beside ?? undefined"
    :style="card.frame.beside ? { '--share': `${card.frame.share * 100}%` } : undefined"
  >
    <div v-if="parts.above.length" class="card-above">
      <CardPart v-for="part in parts.above" :key="part.key" :filled="part" :card="card" />
    </div>
    <div v-if="parts.picture" class="card-picture">
      <CardPart :filled="parts.picture" :card="card" />
      <div v-if="parts.over.length" :class="parts.overClass">
        <CardPart v-for="part in parts.over" :key="part.key" :filled="part" :card="card" />
      </div>
    </div>
    <div v-if="parts.beside.length" class="card-beside">
      <CardPart v-for="part in parts.beside" :key="part.key" :filled="part" :card="card" />
    </div>
    <div v-if="parts.below.length" class="card-below">
      <CardPart v-for="part in parts.below" :key="part.key" :filled="part" :card="card" />
    </div>
    <div v-if="parts.foot.length || card.compare" class="card-foot">
      <CardPart v-for="part in parts.foot" :key="part.key" :filled="part" :card="card" />
      <CompareMark v-if="card.compare" :mark="card.compare" :title="card.title" />
    </div>
  </article>
</template>
