import { inject, provide } from 'vue'
import type { InjectionKey, Ref } from 'vue'
import type { Timing } from '~~/core/time/occurrences'

/** When the entry of a form happens, for the input of how it repeats. */
export interface EntryTiming {
  /** The field that says how it repeats. */
  readonly repeats: number
  readonly timing: Timing
}

const key: InjectionKey<Readonly<Ref<EntryTiming | null>>> = Symbol('when the entry happens')

/** Tells the inputs of a form when its entry happens; null where it does not say so. */
export function provideEntryTiming(timing: Readonly<Ref<EntryTiming | null>>): void {
  provide(key, timing)
}

/** When the entry of the form around it happens; null where there is none. */
export function useEntryTiming(): Readonly<Ref<EntryTiming | null>> | null {
  return inject(key, null)
}
