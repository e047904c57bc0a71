<script setup lang="ts">
import { computed } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { lookCss } from '~~/core/listing/look'
import { noCss } from '~~/core/looks/own-css/own-css'
import type { LookInput } from '~~/core/looks/shared-look'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useCatalogue } from '../../stores/catalogue'
import SampleTiles from '../SampleTiles.vue'
import { shownOwnCss } from '../../shared/looks/own-css'
import { specimenOf } from '../../shared/looks/specimen'
import { words } from './words'

/** The looks that the listing can be in, each shown with its own entries and with what it sets itself. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ listing: Listing; placement: string; page: Document }>()
const emit = defineEmits<{ choose: [shared: number | null] }>()
const catalogue = useCatalogue()

interface Tile extends LookInput {
  readonly title: string
  readonly id: number | null
}
const looks = computed((): readonly Tile[] => [
  { name: 'site', title: words.siteLook, id: null, styles: [], css: noCss },
  ...catalogue.catalogue.looks.map((look) => ({ ...look, name: String(look.id), title: look.name })),
])
const documents = computed(() => {
  const scope = `[data-placement="${props.placement}"]`
  return new Map(
    looks.value.flatMap(({ name, styles, css }) => {
      const sheets = [lookCss(props.listing, styles, scope), shownOwnCss(props.listing, css, scope)]
      const specimen = specimenOf(props.page, props.placement, sheets.join('\n'))
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
