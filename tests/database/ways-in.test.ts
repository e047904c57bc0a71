import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { defaultCard } from '~~/core/cards/card'
import type { ButtonSetting } from '~~/core/cards/parts/button'
import { newFitting } from '~~/core/fittings'
import { newListing, storedListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { newPage } from '~~/core/pages/definition'
import { withPlacementsAt } from '~~/core/pages/moves'
import { addCollection } from '~~/server/content/collections'
import { addEntry } from '~~/server/content/entries'
import { addField } from '~~/server/content/field-writing'
import { saveHappening } from '~~/server/content/happening'
import { askingAnew } from '~~/server/listings/ask'
import { mayChangeAt } from '~~/server/listings/next-change'
import { knownSite } from '~~/server/listings/context'
import { dependenciesOf, pageTurnsAt } from '~~/server/live/page-dependencies'
import { publicDocument } from '~~/server/pages/public-document'
import { fieldInput } from '../support/fields'
import { rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { pageWith, placed } from './support/pages'

const minute = 60_000
const day = 1440 * minute
/** Tomorrow at ten o'clock UTC. */
const soon = Math.ceil(Date.now() / day) * day + day + 600 * minute
const address = 'https://window.bushel.example/swap'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let collection: number
let link: number

beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
  const input = {
    name: 'Swap days',
    singular: 'Swap day',
    plural: 'Swap days',
    icon: 'calendar',
    kind: 'event',
    address: '/swap-days/{slug}',
    facets: [],
  }
  collection = (await addCollection(test.db, input)).id
  const starts = await addField(test.db, collection, fieldInput('date-time', 'starts'))
  const ends = await addField(test.db, collection, fieldInput('date-time', 'ends'))
  const repeats = await addField(test.db, collection, fieldInput('recurrence', 'repeats'))
  link = (await addField(test.db, collection, fieldInput('link', 'from_afar'))).id
  const [start, end] = [starts.id, ends.id]
  const when = { start, end, length: null, wholeDays: null, repeats: repeats.id, zone: null }
  await saveHappening(test.db, collection, { when, where: null, track: null })
  const values = {
    [start]: soon,
    [end]: soon + 60 * minute,
    [repeats.id]: 'FREQ=DAILY;COUNT=2',
    [link]: { address, title: '' },
  }
  await addEntry(test.db, collection, { ...rain, title: 'Swap', slug: 'swap', values }, site.writer)
})
afterAll(() => test.drop())

const join = (opens: number): ButtonSetting => ({
  part: 'button',
  on: true,
  text: 'Join from afar',
  form: 'button',
  to: link,
  opens,
})

const listing = (opens: number): Listing => ({
  ...newListing('Swaps', collection),
  card: { ...defaultCard, parts: [{ part: 'title', on: true, level: 3 }, join(opens)] },
})

/** The instants at which it comes and goes: of the first date and of the second. */
const turns = (opens: number) =>
  [soon, soon + day].flatMap((starts) => [starts - opens * minute, starts + 60 * minute])

async function publish(path: string, page: ReturnType<typeof newPage>): Promise<number> {
  const row = { path, position: 1, draft: JSON.stringify(page), draft_by: null }
  const { id } = await test.db
    .insertInto('pages')
    .values({ ...row, published: row.draft })
    .returning('id')
    .executeTakeFirstOrThrow()
  return id
}

async function isThere(path: string, now: number): Promise<boolean> {
  const answer = await publicDocument(test.db, path, { now, page: null, visit: '' }, askingAnew(test.db))
  if (answer.status !== 200) throw new Error(`There is nothing at ${path}.`)
  return answer.html.includes(address)
}

describe('a way in that is there around its date', () => {
  it('turns the listing over as it comes and goes, before each of its dates', async () => {
    const { words } = await knownSite(test.db)
    for (const opens of [0, 15, 1440]) {
      let at = soon - 2 * day
      const seen: number[] = []
      while (Number.isFinite(at) && seen.length < 9) {
        at = await mayChangeAt(test.db, listing(opens), words, at)
        if (Number.isFinite(at)) seen.push(at)
      }
      // With a whole day before, the second comes before the first begins.
      expect(seen).toEqual(turns(opens).toSorted((a, b) => a - b))
    }
  })

  it('is in the document then and at no other time, on a card and on the entry’s own page', async () => {
    const id = randomUUID()
    const definition = JSON.stringify(storedListing(listing(15)))
    await test.db.insertInto('listings').values({ id, draft: definition, published: definition }).execute()
    const listed = await publish('/swaps', pageWith('Swaps', placed(id)))
    const entry = { ...newFitting('entry'), parts: [join(15)] }
    const own = await publish(
      '/swap-days/{slug}',
      withPlacementsAt(newPage('Swap day'), '1/0', [
        { kind: 'fitting', id: randomUUID(), fitting: entry, heading: '' },
      ]),
    )
    const { words } = await knownSite(test.db)
    const [comes, goes, again] = turns(15)
    if (comes === undefined || goes === undefined || again === undefined) throw new Error('There are four.')
    for (const path of ['/swaps', '/swap-days/swap']) {
      const there = [comes - 1, comes, goes - 1, goes, again - 1, again].map((at) => isThere(path, at))
      expect(await Promise.all(there)).toEqual([false, true, true, false, false, true])
    }
    for (const page of [listed, own]) {
      const dependencies = await dependenciesOf(test.db, page)
      expect(await pageTurnsAt(test.db, dependencies, words, comes - minute)).toBe(comes)
      expect(await pageTurnsAt(test.db, dependencies, words, comes)).toBe(goes)
    }
  })
})
