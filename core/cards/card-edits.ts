import type { PartName, PartSetting } from './parts'
import { partKey, parts } from './parts'
import { zones } from './parts/define'
import type { Zone } from './parts/define'
import { zoneOf } from './card'

/** The order of the zones on a card, with the picture where it is. */
export const cardPlaces = ['above', 'picture', 'over', 'beside', 'below', 'foot'] as const
export type CardPlace = (typeof cardPlaces)[number]

/** The parts at a place of the card, in order. */
export function partsIn(all: readonly PartSetting[], place: CardPlace): readonly PartSetting[] {
  return all.filter((part) => placeOf(part) === place)
}

function placeOf(part: PartSetting): CardPlace {
  return part.part === 'picture' ? 'picture' : zoneOf(part)
}

/** The parts in the order in which they stand on the card. */
function inPlaces(all: readonly PartSetting[]): readonly PartSetting[] {
  return cardPlaces.flatMap((place) => partsIn(all, place))
}

/**
 * A part put into a zone, at a place among what is there, counted without it. The picture stays
 * where it is.
 */
export function withPartMoved(
  all: readonly PartSetting[],
  key: string,
  zone: Zone,
  at: number,
): readonly PartSetting[] {
  const moved = all.find((part) => partKey(part) === key)
  if (moved === undefined || moved.part === 'picture') return all
  const others = all.filter((part) => part !== moved)
  const there = partsIn(others, zone)
  const placed = { ...moved, zone }
  const before = there[at]
  const index = before === undefined ? others.length : others.indexOf(before)
  return inPlaces(others.toSpliced(index, 0, placed))
}

/** A part one step on among those of its zone, and past its end into the next zone. */
export function withPartStepped(
  all: readonly PartSetting[],
  key: string,
  by: 1 | -1,
): readonly PartSetting[] {
  const part = all.find((one) => partKey(one) === key)
  if (part === undefined || part.part === 'picture') return all
  const zone = zoneOf(part)
  const there = partsIn(all, zone)
  const at = there.indexOf(part) + by
  if (at >= 0 && at < there.length) return withPartMoved(all, key, zone, at)
  const next = zones[zones.indexOf(zone) + by]
  return next === undefined ? all : withPartMoved(all, key, next, by === 1 ? 0 : partsIn(all, next).length)
}

/**
 * A new part at the end of its zone; `id` tells it from others of its kind. One that is there and
 * off is switched on.
 */
export function withPartAdded(
  all: readonly PartSetting[],
  name: PartName,
  id: string,
): readonly PartSetting[] {
  const kind = parts.get(name)
  const there = all.find((part) => part.part === name && part.id === undefined)
  if (there !== undefined && kind.several !== true) return withPart(all, { ...there, on: true })
  const added: PartSetting = {
    ...kind.defaults,
    on: true,
    ...(kind.several === true && there !== undefined ? { id } : {}),
  }
  return inPlaces([...all, added])
}

/** The parts with one changed, found by its key. */
export function withPart(all: readonly PartSetting[], next: PartSetting): readonly PartSetting[] {
  return all.map((part) => (partKey(part) === partKey(next) ? next : part))
}

/** The parts without one. */
export function withoutPart(all: readonly PartSetting[], key: string): readonly PartSetting[] {
  return all.filter((part) => partKey(part) !== key)
}
