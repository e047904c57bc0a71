<script setup lang="ts">
import { frames } from '../core/pages/frames'
import type { FrameName } from '../core/pages/frames'
import PageBand from './PageBand.vue'
import type { AreaView } from './view'

/** The areas of a page as its frame arranges them. */
const props = defineProps<{ frame: FrameName; areas: readonly AreaView[] }>()
const shown = frames.get(props.frame).areas.map((area) => ({
  ...area,
  bands: props.areas.find((one) => one.name === area.name)?.bands ?? [],
}))
/** Several asides are told apart by their names (WAI-ARIA 1.2, 5.3.4: landmarks of one role). */
const areNamed = shown.filter((area) => area.isAside).length > 1
</script>

<template>
  <div class="frame" :class="`frame-${frame}`">
    <component
      :is="area.isAside ? 'aside' : 'div'"
      v-for="area in shown"
      :key="area.name"
      class="area"
      :data-area="area.name"
      :aria-label="areNamed && area.isAside ? area.title : undefined"
    >
      <PageBand v-for="one in area.bands" :key="one.band.id" :view="one" :area="area" />
    </component>
  </div>
</template>
