<script setup lang="ts">
import { computed } from 'vue'
import { readyMadeCards, withReadyMade } from '~~/core/cards/ready-made'
import type { ReadyMadeCard } from '~~/core/cards/ready-made'
import type { PartSetting } from '~~/core/cards/parts'
import type { Listing } from '~~/core/listing/definition'
import type { CardSample } from '~~/core/pages/answers'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useAnswer } from '../../shared/answers'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
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
const { answer, failure } = useAnswer<readonly CardSample[]>(() => ({
  path: '/api/bench/listings/card-samples',
  body: { definition: props.listing, ...view.asked() },
}))
const samples = computed(() => new Map(answer.value?.map((sample) => [sample.name, sample.html])))

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
    <ul class="cards">
      <li v-for="card in cards" :key="card.name">
        <span class="sample" aria-hidden="true"
          ><iframe v-if="samples.has(card.name)" :srcdoc="samples.get(card.name)" tabindex="-1" title=""
        /></span>
        <button type="button" @click="choose(card)">{{ card.title }}</button>
      </li>
    </ul>
  </SheetDialog>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 14px;
  margin: 0;
  padding: 2px;
  list-style: none;
}

li {
  position: relative;
  display: grid;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--sheet);
  overflow: hidden;
}

li:hover {
  border-color: var(--edge-strong);
}

.sample {
  height: 300px;
  overflow: hidden;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
}

/* Cards are shown at three quarters of their size. */
iframe {
  width: 133.4%;
  height: 400px;
  border: 0;
  transform: scale(0.75);
  transform-origin: 0 0;
  pointer-events: none;
}

button {
  min-height: 40px;
  padding: 8px 12px;
  font-weight: 600;
  text-align: left;
}

/* The whole tile is the button's. */
button::after {
  content: '';
  position: absolute;
  inset: 0;
  border-radius: 9px;
}

button:focus-visible {
  outline: none;
}

button:focus-visible::after {
  outline: 2px solid var(--ink);
  outline-offset: -2px;
}
</style>
