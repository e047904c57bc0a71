<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Card, OtherCard } from '~~/core/cards/card'
import { defaultCard, usualParts } from '~~/core/cards/card'
import { partKey, parts as partKinds } from '~~/core/cards/parts'
import type { PartSetting } from '~~/core/cards/parts'
import { same } from '~~/core/same'
import type { Listing } from '~~/core/listing/definition'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { useSelection } from '../../stores/bench/selection'
import PartsSetting from '../parts/PartsSetting.vue'
import ReadyMadeCards from '../parts/ReadyMadeCards.vue'
import { words } from '../parts/words'
import { choicesOf } from '../../shared/settings/choices'

const props = defineProps<{ listing: Listing }>()
const selection = useSelection()
const edits = useListingEdits()
const card = computed(() => props.listing.card)
/** Which of the two cards is set up here. */
const which = ref<'usual' | 'other'>('usual')
const choosing = ref(false)
const shownParts = computed(() =>
  which.value === 'other' ? (card.value.other?.parts ?? []) : card.value.parts,
)
const otherFor = computed(() => card.value.other?.at ?? 'none')

watch(otherFor, (at) => at === 'none' && (which.value = 'usual'))

/** A part pressed on the page may belong to the other card only. */
watch(
  () => selection.openPart,
  (key) => {
    if (key === null || shownParts.value.some((part) => partKey(part) === key)) return
    which.value = which.value === 'usual' && card.value.other !== null ? 'other' : 'usual'
  },
)

function setCard(change: Partial<Card>, title = 'Card', subject?: string) {
  edits.editChosen(title, (before) => ({ ...before, card: { ...before.card, ...change } }), subject)
}

function setParts(next: readonly PartSetting[], title: string, subject?: string) {
  const { other } = card.value
  if (which.value === 'other' && other !== null)
    setCard({ other: { ...other, parts: next } }, title, subject && `other ${subject}`)
  else setCard({ parts: next }, title, subject)
}

function setOther(at: OtherCard['at'] | 'none') {
  if (at === 'none') return setCard({ other: null }, 'Another card')
  setCard(
    {
      other: {
        parts: card.value.other?.parts ?? card.value.parts,
        at,
        ...(at === 'every' ? { nth: card.value.other?.nth ?? 4 } : {}),
      },
    },
    'Another card',
  )
}

const offered = partKinds.all.filter((kind) => kind.isLarge !== true).map((kind) => kind.name)
</script>

<template>
  <v-btn height="36" class="ready" @click="choosing = true">{{ words.readyMade }}</v-btn>
  <ReadyMadeCards
    v-if="choosing"
    v-model="choosing"
    :listing="listing"
    :parts="shownParts"
    @choose="setParts"
  />
  <ChoiceSetting
    v-if="card.other"
    :label="words.which"
    :value="which"
    :choices="[
      { value: 'usual', title: words.usual },
      { value: 'other', title: words.theOther },
    ]"
    @change="which = $event"
  />
  <PartsSetting :parts="shownParts" :offered="offered" :usual="usualParts" @change="setParts" />
  <v-btn
    v-if="which === 'usual' && !same(card.parts, defaultCard.parts)"
    height="34"
    class="start"
    @click="setCard({ parts: defaultCard.parts }, 'Put the card back')"
    >{{ words.putBack }}</v-btn
  >
  <div class="more">
    <ChoiceSetting
      :label="words.other"
      :value="otherFor"
      fallback="none"
      :choices="choicesOf(words.others)"
      @change="setOther"
    />
    <NumberSetting
      v-if="card.other?.at === 'every'"
      :label="words.nth"
      :value="card.other.nth ?? 2"
      :least="2"
      :most="20"
      :unit="words.nthUnit"
      @change="card.other && setCard({ other: { ...card.other, nth: $event } }, 'Another card', 'nth')"
    />
    <SwitchSetting
      :label="words.links"
      :value="card.links"
      :fallback="true"
      @change="setCard({ links: $event })"
    />
    <SwitchSetting
      v-if="card.links"
      :label="words.newTab"
      :value="card.newTab"
      :fallback="false"
      @change="setCard({ newTab: $event })"
    />
  </div>
</template>

<style scoped>
.ready,
.start {
  justify-self: start;
}

.more {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  padding-top: 16px;
  border-top: 1px solid var(--line);
}
</style>
