<script setup lang="ts">
import { mdiChevronDown } from '@mdi/js'
import { computed, nextTick, ref, useId, useTemplateRef } from 'vue'
import { cardPlaces } from '~~/core/cards/card-edits'
import type { StyleTarget } from '~~/core/style/targets'
import { steppedChoice } from '../../shared/settings/radio-steps'
import type { DrawnTargets } from './drawn-targets'
import LookTarget from './LookTarget.vue'
import type { OfferedTarget } from './offered-target'
import { words } from './words'

/**
 * What is styled: one thing of cards, which are drawn with what they carry in its place, or of what has them.
 * They are folded away once one is chosen.
 */
const props = defineProps<{ drawn: DrawnTargets; offered: (target: StyleTarget) => OfferedTarget }>()
const chosen = defineModel<string>({ required: true })

const itself = computed(() => props.drawn.itself.map(props.offered))
const card = computed(() => {
  const { card: drawn } = props.drawn
  if (drawn === null) return null
  const places = cardPlaces.map((place) => [place, drawn.places[place].map(props.offered)] as const)
  return { whole: props.offered(drawn.whole), places: new Map(places) }
})
const all = computed(() => [
  ...(card.value === null ? [] : [card.value.whole, ...[...card.value.places.values()].flat()]),
  ...itself.value,
])
const title = computed(() => all.value.find(({ value }) => value === chosen.value)?.title ?? '')
/** The places of the card as they lie below each other; the picture has two beside it. */
const rows = [['above'], ['picture', 'over', 'beside'], ['below'], ['foot']] as const
const isOpen = ref(false)
const opener = useTemplateRef<HTMLElement>('opener')
const list = useTemplateRef<HTMLElement>('list')
const id = useId()

async function open() {
  isOpen.value = !isOpen.value
  await nextTick()
  list.value?.querySelector<HTMLElement>('[aria-checked=true]')?.focus()
}

function close() {
  isOpen.value = false
  opener.value?.focus()
}

function take(value: string) {
  chosen.value = value
  close()
}

function step(event: KeyboardEvent) {
  const next = steppedChoice(event, all.value, chosen.value)
  if (next !== null) chosen.value = next
}
</script>

<template>
  <div class="which">
    <button
      ref="opener"
      type="button"
      class="chosen"
      :aria-expanded="isOpen"
      :aria-controls="id"
      :aria-label="`${words.targets}: ${title}`"
      @click="open"
    >
      {{ title }}<v-icon :icon="mdiChevronDown" size="16" :class="{ turned: isOpen }" />
    </button>
    <span v-if="!isOpen" class="hint">{{ words.pressOnPage }}</span>
  </div>
  <div
    v-if="isOpen"
    :id="id"
    ref="list"
    class="targets"
    role="radiogroup"
    :aria-label="words.targets"
    @keydown.esc.stop.prevent="close"
    @keydown.enter.prevent="close"
    @keydown="step"
  >
    <div v-if="card" class="card">
      <LookTarget :target="card.whole" :chosen="chosen" @click="take(card.whole.value)" />
      <div v-for="row in rows" :key="row[0]" class="row" :class="row[0]">
        <div v-for="place in row" :key="place" class="place" :class="place">
          <LookTarget
            v-for="one in card.places.get(place)"
            :key="one.value"
            :target="one"
            :chosen="chosen"
            @click="take(one.value)"
          />
        </div>
      </div>
    </div>
    <div class="around">
      <span v-if="card" class="title">{{ words.listingItself }}</span>
      <LookTarget
        v-for="one in itself"
        :key="one.value"
        :target="one"
        :chosen="chosen"
        @click="take(one.value)"
      />
    </div>
  </div>
</template>

<style scoped>
.which {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: center;
  gap: 10px;
}

.hint {
  font-size: var(--size-note);
  line-height: 1.35;
  color: var(--soft);
}

.chosen {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  min-height: 32px;
  padding: 0 9px;
  border: 1px solid var(--edge);
  border-radius: 7px;
  background: var(--sheet);
  font-weight: 600;
  color: var(--text);
}

.chosen:hover {
  background: var(--hover);
}

.turned {
  transform: rotate(180deg);
}

.targets {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}

/* A card as it is on the page: what it carries stands where it does there. */
.card {
  display: grid;
  gap: 8px;
  padding: 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 9px;
  background: var(--paper);
}

.card > button {
  justify-self: start;
}

.row {
  display: grid;
  gap: 8px;
}

.place,
.around {
  display: flex;
  flex-wrap: wrap;
  align-content: start;
  gap: 4px;
}

.place:empty {
  display: none;
}

.row.picture {
  grid-template-columns: minmax(0, 3fr);
}

.row.picture:has(> .beside:not(:empty)) {
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
}

.place.picture,
.place.over {
  grid-column: 1;
  padding: 8px;
  background: var(--kraft-deep);
}

.place.picture {
  min-height: 62px;
  border-radius: 6px 6px 0 0;
}

.place.over {
  margin-top: -8px;
  border-radius: 0 0 6px 6px;
}

.place.beside {
  grid-area: 1 / 2 / 3 / 3;
}

.row.foot {
  padding-top: 8px;
  border-top: 1px dashed var(--edge);
}

.title {
  flex: 1 0 100%;
  font-size: var(--size-fine);
  color: var(--soft);
}
</style>
