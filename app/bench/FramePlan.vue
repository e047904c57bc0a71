<script setup lang="ts">
import { computed } from 'vue'
import { frames } from '~~/core/pages/frames'
import type { FrameName } from '~~/core/pages/frames'

/**
 * The plan of a frame, drawn small: a box for each area, as wide as its part of the row; in outline
 * where nothing stands in them.
 */
const { frame } = defineProps<{ frame: FrameName; empty?: boolean }>()

const [width, height, gap] = [48, 34, 2]
const boxes = computed(() => {
  const { plan, isEdgeToEdge } = frames.get(frame)
  const inset = isEdgeToEdge ? 0 : 5
  const rowHeight = (height - (plan.length - 1) * gap) / plan.length
  return plan.flatMap((row, at) => {
    const parts = row.reduce((sum, [, own]) => sum + own, 0)
    const room = width - 2 * inset - (row.length - 1) * gap
    let x = inset
    return row.map(([area, own]) => {
      const box = { area, x, y: at * (rowHeight + gap), width: (room * own) / parts, height: rowHeight }
      x += box.width + gap
      return box
    })
  })
})
</script>

<template>
  <svg :width="width" :height="height" :viewBox="`0 0 ${width} ${height}`" aria-hidden="true">
    <rect class="page" width="100%" height="100%" rx="3" />
    <rect
      v-for="box in boxes"
      :key="box.area"
      class="area"
      :class="{ empty }"
      :x="box.x"
      :y="box.y"
      :width="box.width"
      :height="box.height"
      rx="1.5"
    />
  </svg>
</template>

<style scoped>
.page {
  fill: var(--hover);
}

.area {
  fill: currentColor;
  opacity: 0.45;
}

.area.empty {
  fill: none;
  stroke: currentColor;
  stroke-dasharray: 2 2;
}
</style>
