import { string } from 'yup'
import type { CardEntry } from '../cards/card-entry'
import { clocks } from '../formats/dates'
import type { Clock } from '../formats/dates'
import type { ArrangedAt } from './define'

/** When something stands in time. Epoch milliseconds; whole days end as the next one begins. */
export interface Dated {
  readonly startsAt: number
  readonly endsAt: number
  readonly isWholeDays: boolean
}

/** By which clock a shape lays out what happens. */
export interface ClockSettings {
  readonly clock: Clock
}

export const clockSchema = () => string().oneOf([...clocks], 'Times are by one of the clocks that there are.')

const clockWords: Readonly<Record<Clock, readonly string[]>> = {
  site: [],
  event: ['by the clock of where it happens'],
  visitor: ['by each reader’s clock'],
}

/** What a sentence says of a clock: nothing of the site's, which goes without saying. */
export function clockPhrases(clock: Clock): readonly string[] {
  return clockWords[clock]
}

/** When an entry stands in time: on the date that its card stands for, else when it was published. */
export function datedOf({ occurrence, publishedAt }: Pick<CardEntry, 'occurrence' | 'publishedAt'>): Dated {
  return occurrence ?? { startsAt: publishedAt, endsAt: publishedAt, isWholeDays: false }
}

/** The zone in which things are laid out that do not have the clock of where each happens. */
export function commonZone(clock: Clock, { zone, visitor }: Pick<ArrangedAt, 'zone' | 'visitor'>): string {
  return clock === 'visitor' ? (visitor ?? zone) : zone
}
