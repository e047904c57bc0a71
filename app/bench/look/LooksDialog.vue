<script setup lang="ts">
import { computed } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { lookCss } from '~~/core/listing/look'
import type { Styles } from '~~/core/looks/styles'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useCatalogue } from '../../stores/catalogue'
import SampleTiles from '../SampleTiles.vue'
import { specimenOf } from '../../shared/looks/specimen'
import { words } from './words'

/** The looks that the listing can be in, each shown with its own entries and with what it sets itself. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ listing: Listing; placement: string; page: Document }>()
const emit = defineEmits<{ choose: [shared: number | null] }>()
const catalogue = useCatalogue()

interface Tile {
  readonly name: string
  readonly title: string
  readonly id: number | null
  readonly styles: Styles
}
const looks = computed((): readonly Tile[] => [
  { name: 'site', title: words.siteLook, id: null, styles: [] },
  ...catalogue.catalogue.looks.map(({ id, name, styles }) => ({ name: String(id), title: name, id, styles })),
])
const documents = computed(() => {
  const scope = `[data-placement="${props.placement}"]`
  return new Map(
    looks.value.flatMap(({ name, styles }) => {
      const specimen = specimenOf(props.page, props.placement, lookCss(props.listing, styles, scope))
      return specimen === null ? [] : [[name, specimen] as const]
    }),
  )
})

function choose({ id }: Tile) {
  emit('choose', id)
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" :title="words.looks" :width="1040">
    <SampleTiles :samples="looks" :documents="documents" @choose="choose" />
  </SheetDialog>
</template>
