<script setup lang="ts">
import { mdiPlus, mdiSwapVertical, mdiTrashCanOutline } from '@mdi/js'
import { computed } from 'vue'
import { readyMadeCards, withReadyMade } from '~~/core/cards/ready-made'
import { withViewExchanged } from '~~/core/listing/exchanged-view'
import { same } from '~~/core/same'
import { shapes, switchedShape } from '~~/core/shapes'
import type { ShapeChoice } from '~~/core/shapes'
import { mostViews, newViewsControl, viewName } from '~~/core/visitors/views'
import type { OfferedView, ViewsControl } from '~~/core/visitors/views'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import { useRowKeys } from '../../shared/sorting/row-keys'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { useSelection } from '../../stores/bench/selection'
import { useCardFields } from '../parts/fields'
import { shapeSettings } from '../shapes'
import ControlLabel from './ControlLabel.vue'
import { words } from './words'

/** The views that visitors can have: what each is called, its shape with all that is set of it, and its cards. */
const props = defineProps<{ control: ViewsControl }>()
const emit = defineEmits<{ change: [control: ViewsControl, subject: string] }>()
const selection = useSelection()
const edits = useListingEdits()
const { fields } = useCardFields()
const rowKeys = useRowKeys(() => props.control.views)
const kinds = shapes.all.map(({ name, title }) => ({ value: name, title }))
const own = computed(() =>
  selection.listing === null ? '' : viewName({ name: '', shape: selection.listing.shape }),
)

function set(change: Partial<ViewsControl>, subject = Object.keys(change).join()) {
  emit('change', { ...props.control, ...change }, subject)
}

function setView(at: number, change: Partial<OfferedView>, subject = Object.keys(change).join()) {
  const views = props.control.views.map((one, index) => (index === at ? { ...one, ...change } : one))
  set({ views }, `view ${at} ${subject}`)
}

function add() {
  const [fresh] = newViewsControl.views
  if (fresh !== undefined) set({ views: [...props.control.views, fresh] }, 'added')
}

/** The parts of each ready-made card, with what the listing's own card has set of them. */
const readyParts = computed(() =>
  readyMadeCards.map((ready) => ({
    name: ready.name,
    title: ready.title,
    parts: withReadyMade(selection.listing?.card.parts ?? [], ready, fields.value),
  })),
)

/** The name of a view's cards among those that are offered. */
function cardOf({ card }: OfferedView): string {
  if (card === null) return 'listing'
  const ready = readyParts.value.find(({ parts }) => card.other === null && same(parts, card.parts))
  return ready?.name ?? 'kept'
}

function cardsFor(view: OfferedView) {
  return [
    { value: 'listing', title: words.ownCard },
    ...(cardOf(view) === 'kept' ? [{ value: 'kept', title: words.keptCard }] : []),
    ...readyParts.value.map(({ name, title }) => ({ value: name, title })),
  ]
}

function setCard(at: number, name: string) {
  const card = selection.listing?.card
  if (name === 'listing') setView(at, { card: null })
  const ready = readyParts.value.find((one) => one.name === name)
  if (card !== undefined && ready !== undefined)
    setView(at, { card: { ...card, parts: ready.parts, other: null } })
}
</script>

<template>
  <ControlLabel :control="control" :usual="words.view" :fallback="newViewsControl" @change="set" />
  <ChoiceSetting
    :label="words.layout"
    :value="control.layout"
    :fallback="newViewsControl.layout"
    :choices="choicesOf(words.viewLayouts)"
    @change="set({ layout: $event })"
  />
  <v-text-field
    :label="words.ownView"
    :hint="words.usual(own)"
    persistent-hint
    maxlength="40"
    :model-value="control.own"
    @update:model-value="set({ own: $event ?? '' })"
  />
  <section
    v-for="(view, at) in control.views"
    :key="rowKeys[at] ?? at"
    class="view"
    :aria-label="words.viewPlace(at + 2)"
  >
    <v-text-field
      :label="words.viewName"
      :hint="words.usual(viewName({ ...view, name: '' }))"
      persistent-hint
      maxlength="40"
      :model-value="view.name"
      @update:model-value="setView(at, { name: $event ?? '' })"
    />
    <SelectSetting
      :label="words.viewShape"
      :value="view.shape.name"
      :choices="kinds"
      @change="setView(at, { shape: switchedShape(view.shape, $event) })"
    />
    <SelectSetting
      :label="words.viewCard"
      :value="cardOf(view)"
      :choices="cardsFor(view)"
      @change="setCard(at, $event)"
    />
    <details class="more">
      <summary>{{ words.viewSettings }}</summary>
      <component
        :is="shapeSettings[view.shape.name].settings"
        :settings="view.shape"
        @change="(shape: ShapeChoice, subject: string) => setView(at, { shape }, `shape ${subject}`)"
      />
    </details>
    <v-btn
      :prepend-icon="mdiSwapVertical"
      height="34"
      class="start"
      :title="words.exchangeHint"
      @click="edits.editChosen(words.exchange, (before) => withViewExchanged(before, at))"
      >{{ words.exchange }}</v-btn
    >
    <v-btn
      v-if="control.views.length > 1"
      height="32"
      variant="text"
      :prepend-icon="mdiTrashCanOutline"
      class="start"
      @click="set({ views: control.views.filter((_, index) => index !== at) }, 'removed')"
      >{{ words.removeView }}</v-btn
    >
  </section>
  <v-btn
    v-if="control.views.length < mostViews"
    :prepend-icon="mdiPlus"
    height="34"
    class="start"
    @click="add"
    >{{ words.addView }}</v-btn
  >
</template>

<style scoped>
.view {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}

.more {
  display: grid;
  gap: 10px;
}

.more > summary {
  min-height: 24px;
  font-weight: 600;
  cursor: pointer;
}

.start {
  justify-self: start;
}
</style>
