<script setup lang="ts">
import { words } from '../words'
import type { LimitsContent } from './view'

/** Two limits on a scale, with how many there are along it; what is set is in words below. */
defineProps<{ content: Extract<LimitsContent, { layout: 'slider' }>; label: string }>()
</script>

<template>
  <form
    class="narrow-scale"
    method="get"
    data-in-place
    :data-told="content.told ?? undefined"
    data-control
    :data-joins="content.parameter"
    data-slides
    :style="{
      '--from': (content.from - content.scale.least) / (content.scale.most - content.scale.least),
      '--to': (content.to - content.scale.least) / (content.scale.most - content.scale.least),
    }"
  >
    <input v-for="one in content.others" :key="one.name" type="hidden" :name="one.name" :value="one.value" />
    <svg
      class="scale-bars"
      :viewBox="`0 0 ${content.bars.length} 1`"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <rect
        v-for="(height, at) in content.bars"
        :key="at"
        :x="at + 0.08"
        :y="1 - height"
        width="0.84"
        :height="height"
      />
    </svg>
    <div class="scale-line">
      <input
        v-for="part in ['from', 'to'] as const"
        :key="part"
        type="range"
        :name="`${content.parameter}-${part}`"
        :min="content.scale.least"
        :max="content.scale.most"
        :step="content.scale.step"
        :value="content[part]"
        :data-open="part === 'from' ? content.scale.least : content.scale.most"
        :aria-label="`${label}: ${words.limits[part]}`"
      />
    </div>
    <p class="scale-said">{{ content.said }}</p>
    <button class="narrow-button" type="submit" :aria-label="`${label}: ${words.narrow}`">
      {{ words.narrow }}
    </button>
  </form>
</template>
