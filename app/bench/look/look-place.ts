import { computed, ref } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { targetGroupsOf } from '~~/core/listing/targets'
import type { StylePlace } from '~~/core/looks/target-edits'
import { shapeOf } from '~~/core/shapes'
import { statesOf } from '~~/core/style/targets'
import type { State } from '~~/core/style/targets'

/** What is styled where nothing else is chosen, or what was is there no more. */
const usualTarget = 'card'

/**
 * What of a listing is styled, in which state, and in boxes of which widths. What is wanted and not there,
 * as a state that something can't be in, is kept for when it is.
 */
export function useLookPlace(listing: () => Listing) {
  const wantedTarget = ref(usualTarget)
  const wantedState = ref<State | 'rest'>('rest')
  const wantedBelow = ref(0)

  const groups = computed(() => targetGroupsOf(listing()))
  const target = computed(() => {
    const all = [...groups.value.listing, ...groups.value.card, ...groups.value.parts]
    const named = (name: string) => all.find((one) => one.name === name)
    return named(wantedTarget.value) ?? named(usualTarget)
  })
  const states = computed(() => (target.value === undefined ? [] : statesOf(target.value)))
  const state = computed(() => states.value.find((one) => one === wantedState.value) ?? null)
  /** The widths at which the listing is laid out anew, and those at which something is set. */
  const widths = computed(() => {
    const { shape, look } = listing()
    const stops = shapeOf(shape)
      .stops(shape)
      .map(({ from }) => from)
    const own = look.own.flatMap(({ below }) => below ?? [])
    return [...new Set([...stops, ...own])].filter((width) => width > 0).toSorted((one, other) => other - one)
  })
  const below = computed(() => widths.value.find((width) => width === wantedBelow.value) ?? null)
  const place = computed<StylePlace>(() => ({
    target: target.value?.name ?? usualTarget,
    state: state.value,
    below: below.value,
  }))

  return { wantedTarget, wantedState, wantedBelow, groups, target, states, widths, place }
}
