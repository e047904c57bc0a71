<script setup lang="ts">
import { computed } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { lookCss } from '~~/core/listing/look'
import { readyMadeLooks } from '~~/core/looks/ready-made'
import type { ReadyMadeLook } from '~~/core/looks/ready-made/define'
import type { Styles } from '~~/core/looks/styles'
import SheetDialog from '../../shared/SheetDialog.vue'
import SampleTiles from '../SampleTiles.vue'
import { specimenOf } from './specimen'
import { words } from './words'

/** Looks to begin with, each shown with the listing's own entries. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ listing: Listing; placement: string; page: Document }>()
const emit = defineEmits<{ choose: [own: Styles, title: string] }>()

const looks: readonly ReadyMadeLook[] = [
  { name: 'site', title: words.siteLook, styles: [] },
  ...readyMadeLooks,
]
const documents = computed(() => {
  const scope = `[data-placement="${props.placement}"]`
  return new Map(
    looks.flatMap(({ name, styles }) => {
      const css = lookCss({ ...props.listing, look: { own: styles } }, scope)
      const specimen = specimenOf(props.page, props.placement, css)
      return specimen === null ? [] : [[name, specimen] as const]
    }),
  )
})

function choose({ styles, title }: ReadyMadeLook) {
  emit('choose', styles, title)
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" :title="words.readyMade" :width="1040">
    <SampleTiles :samples="looks" :documents="documents" @choose="choose" />
  </SheetDialog>
</template>
