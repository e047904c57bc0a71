<script setup lang="ts">
import { computed, onBeforeUnmount, shallowRef, watch } from 'vue'
import { cardPlaces } from '~~/core/cards/card-edits'
import { drawnCard } from '~~/core/cards/drawn-card'
import { partKey } from '~~/core/cards/parts'
import { cardTarget } from '~~/core/cards/targets'
import type { Listing } from '~~/core/listing/definition'
import { sharedStyles } from '~~/core/listing/look'
import { targetsOf } from '~~/core/listing/targets'
import { headings } from '~~/core/looks/properties/define'
import type { Heading } from '~~/core/looks/properties/define'
import type { PropertyName } from '~~/core/looks/properties'
import type { Styles } from '~~/core/looks/styles'
import { stylesOf, withStylesOf, withValues } from '~~/core/looks/target-edits'
import { selectorOf, statesOf } from '~~/core/style/targets'
import type { StyleTarget } from '~~/core/style/targets'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { useNotices } from '../../stores/notices'
import { useSelection } from '../../stores/bench/selection'
import { useShown } from '../../stores/bench/shown'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
import { copiedStyle } from '../look/copied-style'
import type { Found } from '../look/found'
import ListingCss from '../look/ListingCss.vue'
import LookSection from '../look/LookSection.vue'
import { useLookPlace } from '../look/look-place'
import LookTargets from '../look/LookTargets.vue'
import type { OfferedCard, OfferedTarget } from '../look/offered-target'
import { pressedTarget } from '../look/pressed-target'
import SharedLook from '../look/SharedLook.vue'
import { words } from '../look/words'

/** How the listing looks: one thing of it, in one state, at some widths. */
const props = defineProps<{ listing: Listing }>()
const selection = useSelection()
const shown = useShown()
const view = useView()
const edits = useListingEdits()
const notices = useNotices()
const catalogue = useCatalogue()

const styles = computed(() => props.listing.look.own)
/** What its shared look sets. */
const followed = computed(() => sharedStyles(props.listing.look, catalogue.words))
const { wantedTarget, wantedState, wantedBelow, groups, target, states, widths, place } = useLookPlace(
  () => props.listing,
)

/** What is set of a state is shown on the page meanwhile, without being in it; what is chosen stands there. */
watch(
  () => [place.value.target, place.value.state] as const,
  ([of, as]) => (view.shownAs = as === null || as === 'chosen' ? null : { target: of, state: as }),
)
onBeforeUnmount(() => (view.shownAs = null))

const carried = computed(() => {
  const { parts, other } = props.listing.card
  return [...parts, ...(other?.parts ?? [])]
})

/** A part that is pressed on the page is what is styled. */
watch(
  () => selection.openPart,
  (key) => {
    const part = carried.value.find((one) => partKey(one) === key)
    if (part !== undefined) wantedTarget.value = part.part
  },
  { immediate: true },
)

/** Whatever of the listing is pressed is what is styled, as far as a look can. */
watch(
  () => selection.pressed,
  (pressed) => {
    const name = pressed === null ? null : pressedTarget(pressed.element, targetsOf(props.listing))
    if (name !== null) choose(name)
  },
)

function choose(name: string) {
  wantedTarget.value = name
  const part = carried.value.find((one) => one.on && one.part === name)
  selection.openPart = part === undefined ? null : partKey(part)
}

/** Something that can be styled, as it is offered. */
function offered({ name, title }: StyleTarget): OfferedTarget {
  return { value: name, title, styled: styles.value.some((one) => one.target === name) }
}
const card = computed<OfferedCard>(() => {
  const drawn = drawnCard(props.listing.card)
  const places = cardPlaces.map((place) => [place, drawn[place].map(offered)])
  return { whole: offered(cardTarget), places: Object.fromEntries(places) as OfferedCard['places'] }
})

/** What of the page is styled, as it is now. */
const found = computed<Found>(() => {
  const page = shown.page
  if (page === null || target.value === undefined || selection.chosenId === null) return { element: null }
  const scope = `[data-placement="${selection.chosenId}"]`
  return { element: page.document.querySelector(`${scope} ${selectorOf(target.value)}`) }
})

function setOwn(own: (before: Styles) => Styles, subject?: string): string | null {
  return edits.editChosen(
    words.edit,
    (before) => ({ ...before, look: { ...before.look, own: own(before.look.own) } }),
    subject,
  )
}

function set(row: string, names: readonly PropertyName[], value: unknown): string | null {
  const at = place.value
  return setOwn(
    (before) => withValues(before, at, names, value),
    `look ${at.target} ${at.state} ${at.below} ${row}`,
  )
}

function copy() {
  if (target.value === undefined) return
  copiedStyle.value = stylesOf(styles.value, target.value.name)
  notices.tell({ text: words.copied(target.value.title) })
}

function paste() {
  const [copied, to] = [copiedStyle.value, target.value]
  if (copied !== null && to !== undefined)
    setOwn((before) => withStylesOf(before, to.name, copied, statesOf(to)))
}

const hasOwn = computed(() => styles.value.some((one) => one.target === target.value?.name))
const open = shallowRef<ReadonlySet<Heading>>(new Set())

function fold(heading: Heading, isOpen: boolean) {
  const next = new Set(open.value)
  if (isOpen) next.add(heading)
  else next.delete(heading)
  open.value = next
}

const stateChoices = computed(() =>
  (['rest', ...states.value] as const).map((value) => ({ value, title: words.states[value] })),
)
const widthChoices = computed(() => [
  { value: 0, title: words.everyWidth },
  ...widths.value.map((value) => ({ value, title: words.below(value) })),
])
</script>

<template>
  <SharedLook :listing="listing" />
  <LookTargets
    :model-value="place.target"
    :card="card"
    :listing="groups.listing.map(offered)"
    @update:model-value="choose"
  />
  <p v-if="found.element === null && shown.page !== null" class="absent" role="status">{{ words.absent }}</p>
  <ChoiceSetting
    :label="words.state"
    bare
    :value="place.state ?? 'rest'"
    :choices="stateChoices"
    @change="wantedState = $event"
  />
  <SelectSetting
    v-if="widths.length > 0"
    :label="words.widths"
    :value="place.below ?? 0"
    :choices="widthChoices"
    @change="wantedBelow = $event"
  />
  <div>
    <LookSection
      v-for="heading in headings"
      :key="heading"
      :open="open.has(heading)"
      :heading="heading"
      :styles="styles"
      :followed="followed"
      :place="place"
      :found="found"
      :set="set"
      @update:open="fold(heading, $event)"
    />
  </div>
  <div class="whole">
    <v-btn height="34" :disabled="!hasOwn" @click="copy">{{ words.copy }}</v-btn>
    <v-btn height="34" :disabled="copiedStyle === null" @click="paste">{{ words.paste }}</v-btn>
    <v-btn
      height="34"
      :disabled="!hasOwn"
      @click="setOwn((before) => withStylesOf(before, place.target, [], []))"
      >{{ words.putAllBack }}</v-btn
    >
  </div>
  <ListingCss :listing="listing" />
</template>

<style scoped>
.absent {
  font-size: var(--size-note);
  color: var(--soft);
}

.whole {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
