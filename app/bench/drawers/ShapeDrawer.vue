<script setup lang="ts">
import type { Listing } from '~~/core/listing/definition'
import type { ShapeChoice } from '~~/core/shapes'
import { useBench } from '../../stores/bench'
import { shapeSettings } from '../shapes'

defineProps<{ listing: Listing }>()
const bench = useBench()

function set(shape: ShapeChoice, subject: string) {
  bench.editListing('Shape', (before) => ({ ...before, shape }), `shape ${subject}`)
}
</script>

<template>
  <component :is="shapeSettings[listing.shape.name]" :settings="listing.shape" @change="set" />
</template>
