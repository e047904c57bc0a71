<script setup lang="ts">
import { computed, onBeforeUnmount, shallowRef, watch } from 'vue'
import { headings } from '~~/core/looks/properties/define'
import type { Heading } from '~~/core/looks/properties/define'
import type { PropertyName } from '~~/core/looks/properties'
import type { Styles } from '~~/core/looks/styles'
import { stylesOf, withStylesOf, withValues } from '~~/core/looks/target-edits'
import { selectorOf, statesOf } from '~~/core/style/targets'
import type { StyleTarget } from '~~/core/style/targets'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import { useNotices } from '../../stores/notices'
import { useSelection } from '../../stores/bench/selection'
import { useShown } from '../../stores/bench/shown'
import { useView } from '../../stores/bench/view'
import { copiedStyle } from './copied-style'
import type { DrawnTargets } from './drawn-targets'
import type { Found } from './found'
import LookSection from './LookSection.vue'
import { useLookPlace } from './look-place'
import type { Styleable } from './look-place'
import LookTargets from './LookTargets.vue'
import type { OfferedTarget } from './offered-target'
import { pressedTarget } from './pressed-target'
import { words } from './words'

/** How something that is placed looks: one thing of it, in one state, at some widths. */
const props = defineProps<{
  of: Styleable
  /** What its shared look sets, where it has one. */
  followed: Styles
  /** Its things as they are offered: those of a card where they lie on it, and its own. */
  drawn: DrawnTargets
  /** What its widths are those of, in words. */
  boxes: string
  /** Changes its styles; why they can't be so, in words. */
  edit: (styles: (before: Styles) => Styles, subject?: string) => string | null
}>()
/** The thing that is styled, by its name. */
const wanted = defineModel<string>({ required: true })
const selection = useSelection()
const shown = useShown()
const view = useView()
const notices = useNotices()

const { wantedState, wantedBelow, target, states, widths, place } = useLookPlace(
  () => props.of,
  () => wanted.value,
)

/** What is set of a state is shown on the page meanwhile, without being in it; what is chosen stands there. */
watch(
  () => [place.value.target, place.value.state] as const,
  ([of, as]) => (view.shownAs = as === null || as === 'chosen' ? null : { target: of, state: as }),
)
onBeforeUnmount(() => (view.shownAs = null))

/** Whatever of it is pressed is what is styled, as far as it can be. */
watch(
  () => selection.pressed,
  (pressed) => {
    const name = pressed === null ? null : pressedTarget(pressed.element, props.of.targets)
    if (name !== null) wanted.value = name
  },
)

/** Something that can be styled, as it is offered. */
function offered({ name, title }: StyleTarget): OfferedTarget {
  return { value: name, title, styled: props.of.styles.some((one) => one.target === name) }
}

/** What of the page is styled, as it is now. */
const found = computed<Found>(() => {
  const page = shown.page
  if (page === null || target.value === undefined || selection.chosenId === null) return { element: null }
  const scope = `[data-placement="${selection.chosenId}"]`
  return { element: page.document.querySelector(`${scope} ${selectorOf(target.value)}`) }
})

function set(row: string, names: readonly PropertyName[], value: unknown): string | null {
  const at = place.value
  return props.edit(
    (before) => withValues(before, at, names, value),
    `look ${at.target} ${at.state} ${at.below} ${row}`,
  )
}

function copy() {
  if (target.value === undefined) return
  copiedStyle.value = stylesOf(props.of.styles, target.value.name)
  notices.tell({ text: words.copied(target.value.title) })
}

function paste() {
  const [copied, to] = [copiedStyle.value, target.value]
  if (copied !== null && to !== undefined)
    props.edit((before) => withStylesOf(before, to.name, copied, statesOf(to)))
}

const hasOwn = computed(() => props.of.styles.some((one) => one.target === target.value?.name))
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
  <LookTargets
    :model-value="place.target"
    :drawn="drawn"
    :offered="offered"
    @update:model-value="wanted = $event"
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
    :label="boxes"
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
      :styles="of.styles"
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
      @click="edit((before) => withStylesOf(before, place.target, [], []))"
      >{{ words.putAllBack }}</v-btn
    >
  </div>
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
