import type { EntryStatus } from '../core/content/entry'
import { firstDayOf } from '../core/content/fields/recurrence'
import { slugOf } from '../core/content/slug'
import { randomFrom, seedOf } from '../core/random'
import type { Random } from '../core/random'
import { fromWallClock, startOfDayBefore, toWallClock } from '../core/time/zones'
import type { DemoCollection, DemoValue, DrawnAs, Item } from './content/item'
import type { DrawnPicture } from './pictures/draw'
import { between, oneOf } from './pictures/paper'

/** A value that loading can store, but for what it must find: drawn pictures, files, other entries. */
export type LoadedValue =
  | Exclude<DemoValue, { readonly inDays: number } | { readonly pictures: readonly DrawnAs[] }>
  | { readonly pictures: readonly DrawnPicture[] }

/** An entry with everything that loading decides: dates, reads, picture. */
export interface DemoEntry {
  readonly title: string
  readonly slug: string
  readonly summary: string
  /** Plain text; blank lines part paragraphs. */
  readonly body: string
  readonly status: EntryStatus
  /** Epoch milliseconds; null for a draft that never had a date. */
  readonly publishedAt: number | null
  readonly pinned: boolean
  readonly views: number
  /** The slug of the author, or null. */
  readonly author: string | null
  /** By `facet/term`. */
  readonly terms: readonly string[]
  readonly picture: DrawnPicture | null
  /** By the key of the field. */
  readonly values: Readonly<Record<string, LoadedValue>>
}

export interface DemoDay {
  /** Epoch milliseconds of the loading. */
  readonly now: number
  readonly zone: string
  readonly seed: number
}

const day = 24 * 3600_000

/** Width and height of the drawn pictures; the last two are deliberately small. */
const sizes = [
  [1600, 1067],
  [1500, 1000],
  [1200, 1200],
  [1800, 1012],
  [1050, 1400],
  [1600, 1067],
  [340, 227],
  [280, 280],
] as const

/** Of each collection one entry is a draft, one to come, one pinned: so far down the list. */
const draftAt = 5
const scheduledAt = 9
const pinnedAt = 2

/** The entries of a collection as they stand on the day of loading. Equal day and seed give equal entries. */
export function entriesOf(collection: DemoCollection, on: DemoDay): readonly DemoEntry[] {
  let age = 1
  return collection.items.map((item, at) => {
    const own = randomFrom(seedOf(`${collection.slug} ${item.title}`) ^ on.seed)
    age += Math.max(1, Math.round(collection.daysApart * between(own, 0.5, 1.5)))
    const daysBack = at === scheduledAt ? -4 : age
    const isDraft = at === draftAt
    return {
      title: item.title,
      slug: slugOf(item.title),
      summary: item.summary,
      body: item.body,
      status: isDraft ? 'draft' : 'published',
      publishedAt: isDraft ? null : publishedOn(daysBack, on, own),
      pinned: at === pinnedAt,
      views: isDraft || daysBack < 0 ? 0 : readsAfter(daysBack, own),
      author: item.author,
      terms: item.terms,
      picture: drawnAs(item.picture, item.title, own),
      values: valuesOf(item, on),
    }
  })
}

/**
 * A moment of the working day, so many days before that of loading; never one that is still to come
 * by accident.
 */
export function publishedOn(daysBack: number, on: DemoDay, own: Random): number {
  const hour = Math.round(between(own, 8, 18) * 4) / 4
  const instant = startOfDayBefore(on.now, daysBack, on.zone) + hour * 3600_000
  return daysBack >= 0 && instant > on.now ? instant - day : instant
}

/** How often an entry was read after so many days: a few are read far more than most. */
export function readsAfter(days: number, own: Random): number {
  return Math.round((days + 4) ** 0.6 * 9 * Math.exp(between(own, 0, 2.4)))
}

/** The picture of an entry, of one of the sizes. */
export function drawnAs(picture: DrawnAs | null, title: string, own: Random): DrawnPicture | null {
  if (picture === null) return null
  const [motif, palette] = picture
  const [width, height] = oneOf(own, sizes)
  return { motif, palette, seed: seedOf(title), width, height }
}

function valuesOf(item: Item, on: DemoDay): DemoEntry['values'] {
  return Object.fromEntries(
    Object.entries(item.values).map(([key, value]) => [key, loaded(value, `${item.title} ${key}`, on)]),
  )
}

function loaded(value: DemoValue, name: string, on: DemoDay): LoadedValue {
  if (typeof value !== 'object' || Array.isArray(value)) return value as LoadedValue
  if ('inDays' in value) {
    const start = startOfDayBefore(on.now, -value.inDays, on.zone)
    const earliest = toWallClock(start, on.zone).slice(0, 10)
    const date = value.repeats === undefined ? earliest : firstDayOf(value.repeats, earliest)
    return value.at === null ? date : (fromWallClock(`${date}T${value.at}`, on.zone) ?? start)
  }
  if ('pictures' in value)
    return {
      pictures: value.pictures.map(([motif, palette], at) => ({
        motif,
        palette,
        seed: seedOf(`${name} ${at}`),
        width: at % 2 === 0 ? 1200 : 900,
        height: at % 3 === 2 ? 1100 : 800,
      })),
    }
  return value as LoadedValue
}
