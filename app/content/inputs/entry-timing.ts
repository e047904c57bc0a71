import { inject, provide } from 'vue'
import type { InjectionKey, Ref } from 'vue'
import type { When } from '~~/core/content/happening'
import type { Timing } from '~~/core/time/occurrences'

/** When the entry of a form happens, for the inputs that say so together. */
export interface EntryTiming {
  readonly when: When
  /** The time zone in which it happens. */
  readonly zone: string
  readonly isWholeDays: boolean
  /** Null where it does not say yet when it begins. */
  readonly timing: Timing | null
}

const key: InjectionKey<Readonly<Ref<EntryTiming | null>>> = Symbol('when the entry happens')

/** Tells the inputs of a form when its entry happens; null where its entries do not happen. */
export function provideEntryTiming(timing: Readonly<Ref<EntryTiming | null>>): void {
  provide(key, timing)
}

/** When the entry of the form around it happens; null where there is none. */
export function useEntryTiming(): Readonly<Ref<EntryTiming | null>> | null {
  return inject(key, null)
}
