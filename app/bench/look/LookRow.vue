<script setup lang="ts">
import { mdiLinkVariant, mdiLinkVariantOff } from '@mdi/js'
import { computed, ref, useTemplateRef, watch } from 'vue'
import type { PropertyName, PropertyRow } from '~~/core/looks/properties'
import { merged, sourceOf, valueAt } from '~~/core/looks/styles'
import type { Styles } from '~~/core/looks/styles'
import { setAt } from '~~/core/looks/target-edits'
import type { StylePlace } from '~~/core/looks/target-edits'
import { same } from '~~/core/same'
import { followPointer } from '../../shared/follow-pointer'
import PutBack from '../../shared/settings/PutBack.vue'
import type { Found } from './found'
import { usualStyle } from './usual-style'
import { valueControls } from './values'
import { words } from './words'

/** What is set of one property, or of the sides of a box as one or apart. */
const props = defineProps<{
  row: PropertyRow
  styles: Styles
  /** What the look of the listing sets, where it has one. */
  followed: Styles
  place: StylePlace
  found: Found
  /** Sets properties, or puts them back for undefined; why they can't be, in words. */
  set: (row: string, names: readonly PropertyName[], value: unknown) => string | null
}>()

const names = computed(() => props.row.properties.map((one) => one.name))
const own = computed(() => setAt(props.styles, props.place))
const values = computed(() => names.value.map((name) => own.value[name]))
const isSet = computed(() => values.value.some((value) => value !== undefined))
const differ = computed(() => values.value.some((value) => !same(value, values.value[0])))
const isApart = ref<boolean | null>(null)
const apart = computed(() => differ.value || (isApart.value ?? false))

/** What is controlled here: each side, or all of them by the first. */
const shown = computed(() =>
  props.row.properties.slice(0, apart.value ? undefined : 1).map((property) => ({
    property,
    label: apart.value && names.value.length > 1 ? property.title : props.row.title,
    names: apart.value ? [property.name] : names.value,
  })),
)

const seen = computed(() => ({
  states: props.place.state === null ? [] : [props.place.state],
  width: props.place.below === null ? Infinity : props.place.below - 1,
}))

const whole = computed(() => merged(props.followed, props.styles))
function prevailing(name: PropertyName) {
  return valueAt(whole.value, props.place.target, name, seen.value)
}

/** What prevails where nothing is set here: set elsewhere in the listing, by its look, or as the page has it. */
function usualOf(property: PropertyRow['properties'][number]): string | null {
  const prevails = prevailing(property.name)
  if (own.value[property.name] === undefined && prevails !== undefined && typeof prevails !== 'object')
    return String(prevails)
  return usualStyle(props.found.element, property)
}

const source = computed(() => {
  if (isSet.value) return 'here'
  const from = names.value.map((name) =>
    sourceOf({ look: props.followed, own: props.styles }, props.place.target, name, seen.value),
  )
  if (from.includes('listing')) return 'rest'
  return from.includes('look') ? 'look' : 'site'
})

const fault = ref<string>()
/** What could not be set of one thing says nothing of another. */
watch(
  () => props.place,
  () => (fault.value = undefined),
)
function change(which: readonly PropertyName[], value: unknown) {
  fault.value = props.set(props.row.title, which, value) ?? undefined
}

/** Sides that become one are all as the first that is set. */
function link() {
  isApart.value = !apart.value
  if (!isApart.value && differ.value)
    change(
      names.value,
      values.value.find((value) => value !== undefined),
    )
}

interface Stepped {
  readonly step?: (steps: number) => void
}
const controls = useTemplateRef<Stepped[]>('controls')
const control = computed(() => valueControls[props.row.properties[0]?.value.kind ?? 'length'])
const isBelow = computed(() => {
  const { below } = control.value
  return below === 'always' || (below === 'when set' && isSet.value)
})
/** Where around a box a property is, by its name: sides and corners that are set apart stand as they lie. */
function placeOf(name: PropertyName): string {
  return /(?:top|bottom)-(?:start|end)$|(?:top|end|bottom|start)$/.exec(name)?.[0] ?? ''
}
/** So many CSS pixels are dragged for a step. */
const pixelsAStep = 4

/** The number goes along with a pointer that drags its name. */
function drag(event: PointerEvent) {
  if (control.value.steps === undefined || event.button !== 0) return
  let from = event.clientX
  followPointer(event.currentTarget as HTMLElement, event, (next) => {
    const steps = Math.trunc((next.clientX - from) / pixelsAStep)
    if (steps === 0) return
    from += steps * pixelsAStep
    controls.value?.[0]?.step?.(steps)
  })
}
</script>

<template>
  <div class="row" :class="{ below: isBelow || apart }">
    <span
      class="source"
      :class="source"
      role="img"
      :aria-label="words.sources[source]"
      :title="words.sources[source]"
    />
    <span class="name" :class="{ dragged: control.steps && !apart }" @pointerdown="drag">{{
      row.title
    }}</span>
    <div class="ends">
      <v-btn
        v-if="names.length > 1"
        :icon="apart ? mdiLinkVariantOff : mdiLinkVariant"
        size="28"
        variant="text"
        :aria-label="words.linked(row.title)"
        :aria-pressed="!apart"
        :title="words.linked(row.title)"
        @click="link"
      />
      <PutBack v-if="isSet" :of="row.title" bare @click="change(names, undefined)" />
    </div>
    <div class="values" :class="{ apart: apart && !isBelow }">
      <div v-for="one in shown" :key="one.label" class="value" :class="placeOf(one.property.name)">
        <span v-if="one.label !== row.title && isBelow" class="side" aria-hidden="true">{{ one.label }}</span>
        <v-btn
          v-if="control.begins !== undefined && own[one.property.name] === undefined"
          height="32"
          :aria-label="words.setOf(one.label)"
          @click="change(one.names, prevailing(one.property.name) ?? control.begins)"
          >{{ words.set }}</v-btn
        >
        <component
          :is="control.component"
          v-else
          ref="controls"
          :property="one.property"
          :label="one.label"
          :value="own[one.property.name]"
          :usual="usualOf(one.property)"
          @change="change(one.names, $event)"
        />
      </div>
    </div>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 10px 76px minmax(0, 1fr) auto;
  align-items: center;
  gap: 6px 8px;
}

.values {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  grid-area: 1 / 3;
}

.value {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
}

.side {
  font-size: var(--size-fine);
  color: var(--soft);
}

.ends {
  display: flex;
  grid-area: 1 / 4;
  justify-content: end;
  min-width: 28px;
}

.below .name {
  grid-column: 2 / 4;
}

.below .values {
  grid-area: 2 / 1 / 3 / 5;
}

/* Around the box that they are of. */
.values.apart {
  grid-template-columns: repeat(3, minmax(0, 1fr));
  align-items: center;
}

.values.apart::after {
  content: '';
  grid-area: 2 / 2;
  height: 36px;
  border: 1.5px solid var(--edge-strong);
  border-radius: 6px;
  background: var(--kraft);
}

.apart > .top {
  grid-area: 1 / 2;
}

.apart > .start {
  grid-area: 2 / 1;
}

.apart > .end {
  grid-area: 2 / 3;
}

.apart > .bottom {
  grid-area: 3 / 2;
}

.apart > .top-start {
  grid-area: 1 / 1;
}

.apart > .top-end {
  grid-area: 1 / 3;
}

.apart > .bottom-start {
  grid-area: 3 / 1;
}

.apart > .bottom-end {
  grid-area: 3 / 3;
}

.values :deep(.several) {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px;
}

.values :deep(.whole) {
  grid-column: 1 / -1;
}

.values :deep(input::placeholder) {
  color: var(--soft);
  opacity: 1;
}

.source {
  width: 10px;
  height: 10px;
  border: 1.5px solid var(--edge-strong);
  border-radius: 50%;
}

.source.here {
  border-color: var(--clause);
  background: var(--clause);
}

.source.look {
  border-color: var(--clause);
}

.source.rest {
  border-color: var(--clause);
  background: linear-gradient(90deg, var(--clause) 50%, transparent 50%);
}

.name {
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--text);
}

.dragged {
  cursor: ew-resize;
  touch-action: none;
  user-select: none;
}

.fault {
  grid-column: 1 / -1;
  font-size: var(--size-note);
  color: var(--rust-ink);
}
</style>
