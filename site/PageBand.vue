<script setup lang="ts">
import { computed } from 'vue'
import { isInset, reachIn } from '../core/pages/bands/geometry'
import type { Area } from '../core/pages/frames'
import { focusOf } from '../core/pictures/picture'
import PlacedThing from './PlacedThing.vue'
import type { BandView } from './view'

/** A strip across an area: what lies behind it, and its columns. */
const props = defineProps<{ view: BandView; area: Area }>()
const band = computed(() => props.view.band)
</script>

<template>
  <div
    class="band"
    :data-band="band.id"
    :data-reach="reachIn(area, band) === 'contained' ? undefined : reachIn(area, band)"
    :data-inset="isInset(area, band) || undefined"
    :data-hidden="band.hiddenAt.join(' ') || undefined"
  >
    <div v-if="band.background.is !== 'none'" class="band-ground">
      <img
        v-if="view.picture"
        :src="view.picture.source"
        :srcset="view.picture.sourceSet"
        sizes="100vw"
        :width="view.picture.width"
        :height="view.picture.height"
        alt=""
        loading="lazy"
        :style="{ objectPosition: focusOf(view.picture), backgroundColor: view.picture.tint }"
      />
    </div>
    <div v-if="view.columns.length > 1" class="band-columns">
      <div class="band-grid">
        <div v-for="(placements, at) in view.columns" :key="at" class="column">
          <PlacedThing v-for="placement in placements" :key="placement.id" :placement="placement" />
        </div>
      </div>
    </div>
    <div v-for="(placements, at) in view.columns" v-else :key="at" class="column">
      <PlacedThing v-for="placement in placements" :key="placement.id" :placement="placement" />
    </div>
  </div>
</template>
