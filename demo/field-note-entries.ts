import { slugOf } from '../core/content/slug'
import type { EntryStatus } from '../core/content/entry'
import { randomFrom, seedOf } from '../core/random'
import type { Random } from '../core/random'
import { startOfDayBefore } from '../core/time/zones'
import type { SeasonSlug } from './content/names'
import { fieldNotes } from './content/field-notes'
import type { Note } from './content/note'
import type { DrawnPicture } from './pictures/draw'
import { between, oneOf } from './pictures/paper'

/** A field note with everything that loading decides: dates, reads, picture. */
export interface DemoEntry {
  readonly note: Note
  readonly slug: string
  readonly status: EntryStatus
  /** Epoch milliseconds; null for a draft that never had a date. */
  readonly publishedAt: number | null
  readonly pinned: boolean
  readonly views: number
  readonly picture: DrawnPicture | null
}

export interface DemoDay {
  /** Epoch milliseconds of the loading. */
  readonly now: number
  readonly zone: string
  readonly seed: number
}

const drafts = new Set(['The great string audit', 'Plums that hang too heavy', 'Opening hours, and why they follow the sun'])
const archived = new Set(['Mending a polytunnel in a wind'])
const scheduled = new Map([
  ['Tree ties, checked on the shortest day', 2],
  ['Notes for whoever keeps the rain book next', 6],
  ['Soup from the bottom of the shelf', 13],
])
const pinned = new Set(['How to borrow seed', 'Leaf mould: the eighteen-month recipe', 'A first plot: the mistakes of nineteen beginners'])

/** Width and height of the drawn pictures; the last two are deliberately small. */
const sizes = [[1600, 1067], [1500, 1000], [1200, 1200], [1800, 1012], [1050, 1400], [1600, 1067], [340, 227], [280, 280]] as const

const day = 24 * 3600_000

/**
 * The field notes as they stand on the day of loading: this season's are the newest, so that the
 * site never looks stale. Equal day and seed give equal notes.
 */
export function fieldNoteEntries(on: DemoDay): readonly DemoEntry[] {
  const random = randomFrom(on.seed)
  const live = inSeasonalOrder(on, random).filter((note) => !drafts.has(note.title) && !scheduled.has(note.title))
  const ages = risingAges(live.length, random)
  const liveDays = new Map(live.map((note, at) => [note.title, ages[at] ?? 0]))
  return fieldNotes.map((note) => {
    const own = randomFrom(seedOf(note.title) ^ on.seed)
    const age = liveDays.get(note.title)
    return {
      note,
      slug: slugOf(note.title),
      status: statusOf(note),
      publishedAt: publishedAt(note, age, on, own),
      pinned: pinned.has(note.title),
      views: age === undefined ? 0 : Math.round((age + 4) ** 0.6 * 9 * Math.exp(between(own, 0, 2.4))),
      picture: pictureOf(note, own),
    }
  })
}

function statusOf(note: Note): EntryStatus {
  if (drafts.has(note.title)) return 'draft'
  return archived.has(note.title) ? 'archived' : 'published'
}

function publishedAt(note: Note, age: number | undefined, on: DemoDay, own: Random): number | null {
  const hour = Math.round(between(own, 8, 18) * 4) / 4
  const ahead = scheduled.get(note.title)
  if (ahead !== undefined) return startOfDayBefore(on.now, -ahead, on.zone) + hour * 3600_000
  if (age === undefined) return null
  const instant = startOfDayBefore(on.now, age, on.zone) + hour * 3600_000
  return instant > on.now ? instant - day : instant
}

const seasonsOfYear: readonly SeasonSlug[] = ['winter', 'spring', 'summer', 'autumn']

/** Notes of the present season first, then those of the season before it, and so on. */
function inSeasonalOrder(on: DemoDay, random: Random): readonly Note[] {
  const month = Number(new Intl.DateTimeFormat('en', { month: 'numeric', timeZone: on.zone }).format(on.now))
  const present = Math.floor((month % 12) / 3)
  return fieldNotes
    .map((note) => ({ note, back: (present - seasonsOfYear.indexOf(note.season) + 4) % 4, chance: random() }))
    .toSorted((a, b) => a.back - b.back || a.chance - b.chance)
    .map(({ note }) => note)
}

/** Ages in days, rising from today or yesterday, three to nine days apart: a little over a year in all. */
function risingAges(count: number, random: Random): readonly number[] {
  let age = Math.round(between(random, 0, 1))
  return Array.from({ length: count }, () => {
    const current = age
    age += Math.round(between(random, 3, 9))
    return current
  })
}

function pictureOf(note: Note, own: Random): DrawnPicture | null {
  if (note.picture === null) return null
  const [motif, palette] = note.picture
  const [width, height] = oneOf(own, sizes)
  return { motif, palette, seed: seedOf(note.title), width, height }
}
