import { randomFrom, seedOf } from '../core/random'
import type { Random } from '../core/random'
import { slugOf } from '../core/content/slug'
import type { EntryStatus } from '../core/content/entry'
import type { SeasonSlug } from './content/names'
import { fieldNotes } from './content/field-notes'
import type { Note } from './content/note'
import { drawnAs, publishedOn, readsAfter } from './entry'
import type { DemoDay, DemoEntry } from './entry'
import { between } from './pictures/paper'

const drafts = new Set([
  'The great string audit',
  'Plums that hang too heavy',
  'Opening hours, and why they follow the sun',
])
const archived = new Set(['Mending a polytunnel in a wind'])
const scheduled = new Map([
  ['Tree ties, checked on the shortest day', 2],
  ['Notes for whoever keeps the rain book next', 6],
  ['Soup from the bottom of the shelf', 13],
])
const pinned = new Set([
  'How to borrow seed',
  'Leaf mould: the eighteen-month recipe',
  'A first plot: the mistakes of nineteen beginners',
])

/**
 * The field notes as they stand on the day of loading: this season's are the newest, so that the
 * site never looks stale. Equal day and seed give equal notes.
 */
export function fieldNoteEntries(on: DemoDay): readonly DemoEntry[] {
  const random = randomFrom(on.seed)
  const live = inSeasonalOrder(on, random).filter(
    (note) => !drafts.has(note.title) && !scheduled.has(note.title),
  )
  const ages = risingAges(live.length, random)
  const liveDays = new Map(live.map((note, at) => [note.title, ages[at] ?? 0]))
  return fieldNotes.map((note) => {
    const own = randomFrom(seedOf(note.title) ^ on.seed)
    const age = liveDays.get(note.title)
    const daysBack = age ?? -(scheduled.get(note.title) ?? 0)
    return {
      title: note.title,
      slug: slugOf(note.title),
      summary: note.summary,
      body: note.body,
      status: statusOf(note),
      publishedAt: drafts.has(note.title) ? null : publishedOn(daysBack, on, own),
      pinned: pinned.has(note.title),
      views: age === undefined ? 0 : readsAfter(age, own),
      author: note.author,
      terms: [`topic/${note.topic}`, `season/${note.season}`],
      picture: drawnAs(note.picture, note.title, own),
      values: {},
    }
  })
}

function statusOf(note: Note): EntryStatus {
  if (drafts.has(note.title)) return 'draft'
  return archived.has(note.title) ? 'archived' : 'published'
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
