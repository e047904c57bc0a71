import { computed, ref } from 'vue'
import type { Styles } from '~~/core/looks/styles'
import type { StylePlace } from '~~/core/looks/target-edits'
import { statesOf } from '~~/core/style/targets'
import type { State, StyleTarget } from '~~/core/style/targets'

/** What can be styled of something that is placed, and in boxes of which widths. */
export interface Styleable {
  readonly targets: readonly StyleTarget[]
  /** What is styled where nothing else is chosen, or what was is there no more, by its name. */
  readonly usual: string
  /** The widths at which it is laid out anew, in CSS pixels. */
  readonly stops: readonly number[]
  /** What is set of it. */
  readonly styles: Styles
}

/**
 * What is styled, in which state, and in boxes of which widths. What is wanted and not there, as a state
 * that something can't be in, is kept for when it is.
 */
export function useLookPlace(styleable: () => Styleable, wanted: () => string) {
  const wantedState = ref<State | 'rest'>('rest')
  const wantedBelow = ref(0)

  const target = computed(() => {
    const { targets, usual } = styleable()
    const named = (name: string) => targets.find((one) => one.name === name)
    return named(wanted()) ?? named(usual)
  })
  const states = computed(() => (target.value === undefined ? [] : statesOf(target.value)))
  const state = computed(() => states.value.find((one) => one === wantedState.value) ?? null)
  /** The stops, and the widths at which something is set. */
  const widths = computed(() => {
    const { stops, styles } = styleable()
    const own = styles.flatMap(({ below }) => below ?? [])
    return [...new Set([...stops, ...own])].filter((width) => width > 0).toSorted((one, other) => other - one)
  })
  const below = computed(() => widths.value.find((width) => width === wantedBelow.value) ?? null)
  const place = computed<StylePlace>(() => ({
    target: target.value?.name ?? styleable().usual,
    state: state.value,
    below: below.value,
  }))

  return { wantedState, wantedBelow, target, states, widths, place }
}
