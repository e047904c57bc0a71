import type { CardEntry } from '../cards/card-entry'
import type { Clock } from '../formats/dates'
import { dateFormat } from '../formats/formatters'
import { instantOfWall, wallOf } from '../time/zones'
import { commonZone, datedOf } from './dated'
import type { Dated } from './dated'
import type { ArrangedAt } from './define'
import type { ShapeChoice } from './index'

type Happening = Pick<CardEntry, 'occurrence' | 'publishedAt' | 'zone'>
type ClockPlace = Pick<ArrangedAt, 'zone' | 'now' | 'visitor'>

/** The zone whose clock tells of something. Whole days are the same days by every clock. */
export function zoneTelling(clock: Clock, entry: Happening, place: ClockPlace): string {
  return clock === 'event' || datedOf(entry).isWholeDays ? entry.zone : commonZone(clock, place)
}

/**
 * One axis of time for all that is laid out. Where things go by clocks that differ, it is what those
 * show, as if that were UTC: then its moments are no instants.
 */
export interface TimeAxis {
  readonly zone: string
  readonly now: number
  readonly isOfInstants: boolean
  readonly at: (entry: Happening) => Dated
}

/** The axis on which these entries are laid out by a clock. */
export function timeAxis(entries: readonly Happening[], clock: Clock, place: ClockPlace): TimeAxis {
  const zones = new Set(clock === 'event' ? entries.map((entry) => entry.zone) : [])
  const [own = commonZone(clock, place)] = zones
  const isOfInstants = zones.size < 2
  const zone = isOfInstants ? own : 'UTC'
  return {
    zone,
    isOfInstants,
    now: isOfInstants ? place.now : wallOf(place.now, place.zone),
    at(entry) {
      const dated = datedOf(entry)
      const telling = zoneTelling(clock, entry, place)
      if (telling === zone) return dated
      const moved = (instant: number) => instantOfWall(wallOf(instant, telling), zone)
      const startsAt = moved(dated.startsAt)
      // Clocks may be set back while something goes on.
      return { ...dated, startsAt, endsAt: Math.max(startsAt, moved(dated.endsAt)) }
    },
  }
}

/** Whether a shape lays out by the clock of whoever reads. */
export function goesByVisitorsClock(choice: ShapeChoice): boolean {
  return 'clock' in choice && choice.clock === 'visitor'
}

/** By which clock a shape lays out, for those who read it. */
export interface ToldClock {
  /** `site` also where it would be that of whoever reads, as long as that is not known. */
  readonly whose: Clock
  /** The zone that it shows the time of; null for several. */
  readonly zone: string | null
  /** That in words: “Nepal Time”; empty for several. */
  readonly name: string
}

/** Which clock a shape lays these entries out by; null for that of the site, which goes without saying. */
export function toldClock(
  choice: ShapeChoice,
  entries: readonly Happening[],
  place: ClockPlace & Pick<ArrangedAt, 'locale'>,
): ToldClock | null {
  if (!('clock' in choice) || choice.clock === 'site') return null
  const { zone, isOfInstants } = timeAxis(entries, choice.clock, place)
  const whose = choice.clock === 'visitor' && place.visitor === null ? 'site' : choice.clock
  return isOfInstants ? { whose, zone, name: zoneName(zone, place) } : { whose, zone: null, name: '' }
}

function zoneName(zone: string, { locale, now }: Pick<ArrangedAt, 'locale' | 'now'>): string {
  const format = dateFormat(locale, { timeZone: zone, timeZoneName: 'longGeneric' })
  return format.formatToParts(now).find(({ type }) => type === 'timeZoneName')?.value ?? zone
}
