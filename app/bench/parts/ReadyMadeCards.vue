<script setup lang="ts">
import { computed } from 'vue'
import { readyMadeCards, withReadyMade } from '~~/core/cards/ready-made'
import type { ReadyMadeCard } from '~~/core/cards/ready-made'
import type { PartSetting } from '~~/core/cards/parts'
import type { Listing } from '~~/core/listing/definition'
import type { Sample } from '~~/core/pages/answers'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useAnswer } from '../../shared/answers'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
import SampleTiles from '../SampleTiles.vue'
import { useCardFields } from './fields'
import { words } from './words'

/**
 * Cards to begin with, each shown with one of the listing's own entries; those made for its kind of
 * entry come first.
 */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{
  listing: Listing
  /** The parts of the card that is to be replaced, whose own settings are kept. */
  parts: readonly PartSetting[]
}>()
const emit = defineEmits<{ choose: [parts: readonly PartSetting[], title: string] }>()
const view = useView()
const catalogue = useCatalogue()
const { fields } = useCardFields()
const { answer, failure } = useAnswer<readonly Sample[]>(() => ({
  path: '/api/bench/listings/card-samples',
  body: { definition: props.listing, ...view.asked() },
}))
const samples = computed(() => new Map((answer.value ?? []).map(({ name, html }) => [name, html])))

const kind = computed(
  () => catalogue.catalogue.collections.find((one) => one.id === props.listing.from.collections[0])?.kind,
)
const cards = computed(() => {
  const suits = (card: ReadyMadeCard) => kind.value !== undefined && card.kinds.includes(kind.value)
  return [...readyMadeCards.filter(suits), ...readyMadeCards.filter((card) => !suits(card))]
})

function choose(card: ReadyMadeCard) {
  emit('choose', withReadyMade(props.parts, card, fields.value), `Card “${card.title}”`)
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" :title="words.readyMade" :width="1040">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <SampleTiles :samples="cards" :documents="samples" @choose="choose" />
  </SheetDialog>
</template>
