<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { targetsOf } from '~~/core/listing/targets'
import type { OwnCss as Css } from '~~/core/looks/own-css/own-css'
import { fetchedLater } from '../../shared/fetched-later'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { useSelection } from '../../stores/bench/selection'
import FoldedPart from '../../shared/FoldedPart.vue'
import { words } from './words'

const OwnCss = fetchedLater(() => import('../../shared/looks/OwnCss.vue'))

/** The listing's own rules of CSS, for what the controls have no word for. */
const props = defineProps<{ listing: Listing }>()
const edits = useListingEdits()
const selection = useSelection()
const isOpen = ref(false)
const css = computed(() => props.listing.look.css)
const note = computed(() => {
  if (css.value.text.trim() === '') return null
  return css.value.isOn ? words.isWritten : words.isOff
})

function change(next: Css) {
  edits.editChosen(
    words.ownCss,
    (before) => ({ ...before, look: { ...before.look, css: next } }),
    `look css ${next.isOn}`,
  )
}
</script>

<template>
  <FoldedPart v-model:open="isOpen" :title="words.ownCss" :note="note">
    <OwnCss
      :css="css"
      :targets="targetsOf(listing)"
      :scope="`[data-placement=&quot;${selection.chosenId}&quot;]`"
      @change="change"
    />
  </FoldedPart>
</template>
