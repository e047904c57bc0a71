import { sql } from 'kysely'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { entryInputOf } from '~~/core/content/entry-input'
import { readCalendar } from '~~/core/icalendar/read'
import { listingCalendar, onlyIn } from '~~/core/pages/calendar-file'
import { newShape } from '~~/core/shapes'
import { CalendarFiles } from '~~/server/calendar-files/calendar-files'
import { loadEntry, saveEntry } from '~~/server/content/entries'
import { askingAnew } from '~~/server/listings/ask'
import { publicDocument } from '~~/server/pages/public-document'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'

const origin = 'https://sorrel-hill.example'
/** Hears of nothing, so that nothing is kept. */
const deaf = { subscribe: () => () => undefined, isListening: () => false }

let test: TestDatabase
let files: CalendarFiles
beforeAll(async () => {
  test = await demoDatabase()
  files = new CalendarFiles(test.db, askingAnew(test.db), deaf as never)
})
afterAll(() => test.drop())

const at = (path: string, now = Date.now()) => files.answer(path, { origin, now, only: null })

async function listingNamed(name: string): Promise<string> {
  const rows = await test.db.selectFrom('listings').select(['id', 'published']).execute()
  return rows.find((row) => row.published?.name === name)?.id ?? ''
}

function entryAt(slug: string) {
  return test.db
    .selectFrom('entries')
    .select(['id', 'version', 'updated_by', 'title'])
    .where('slug', '=', slug)
    .executeTakeFirstOrThrow()
}

it('hold every published event of a listing once, with how it repeats, its place and its address', async () => {
  const path = listingCalendar(await listingNamed('All swap days'))
  const now = Date.now()
  const file = await at(path, now)
  const { name, events, faults } = readCalendar(file?.text ?? '', 'UTC')
  expect(faults).toEqual([])
  expect(name).toBe('All swap days')
  const published = await test.db
    .selectFrom('entries as e')
    .innerJoin('collections as c', 'c.id', 'e.collection_id')
    .select('e.title')
    .where('c.slug', '=', 'swap-days')
    .where('e.status', '=', 'published')
    .where('e.published_at', '<=', new Date(now))
    .execute()
  expect(events.map((one) => one.title).toSorted()).toEqual(published.map((one) => one.title).toSorted())
  expect(events.find((one) => one.title === 'Wednesday menders')).toMatchObject({
    address: `${origin}/swap-days/wednesday-menders`,
    place: 'Workshop, Old Kilns',
    timing: {
      zone: 'Europe/London',
      length: 2.5 * 3_600_000,
      repeats: { rule: { frequency: 'WEEKLY', days: [{ day: 'WE', nth: null }] } },
    },
  })
  expect(await at(path, now)).toEqual(file)
})

it('hold one event at its own address, whose number rises with each change and whose name stays', async () => {
  const path = '/swap-days/wednesday-menders'
  const read = async (of: string) => readCalendar((await at(`${of}.ics`))?.text ?? '', 'UTC').events[0]
  const before = await read(path)
  const { id } = await entryAt('wednesday-menders')
  const entry = await loadEntry(test.db, id)
  const account = await test.db.selectFrom('accounts').select(['id', 'role']).executeTakeFirstOrThrow()
  const changed = { ...entryInputOf(entry), title: 'Menders, on Wednesdays', slug: 'menders' }
  await saveEntry(test.db, id, entry.version, changed, account)
  const after = await read('/swap-days/menders')
  expect(after?.uid).toBe(before?.uid)
  expect(after?.uid).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
  expect(after?.sequence).toBeGreaterThan(before?.sequence ?? Infinity)
  expect(after?.title).toBe('Menders, on Wednesdays')
})

it('are not there for drafts, what never happens, what is not published, and what is no listing', async () => {
  const { id } = await entryAt('seed-room-open')
  expect(id).toBeGreaterThan(0)
  expect(await at('/swap-days/seed-room-open.ics')).toBeNull()
  expect(await at('/field-notes/how-to-borrow-seed.ics')).toBeNull()
  expect(await at(listingCalendar(await listingNamed('Latest notes')))).toBeNull()
  expect(await at(listingCalendar('00000000-0000-4000-8000-000000000000'))).toBeNull()
  expect(await at('/nothing/at-all.ics')).toBeNull()
})

it('hold some of a listing where its address says which', async () => {
  const path = listingCalendar(await listingNamed('All swap days'))
  const { id } = await entryAt('bean-and-pea-swap')
  const other = await entryAt('how-to-borrow-seed')
  const of = async (only: string) =>
    readCalendar(
      (await files.answer(path, { origin, now: Date.now(), only: onlyIn(new URLSearchParams({ only })) }))
        ?.text ?? '',
      'UTC',
    ).events.map((one) => one.title)
  expect(await of(`${id}`)).toEqual(['Bean and pea swap'])
  // What the listing does not show is not told through it.
  expect(await of(`${id},${other.id},999999999`)).toEqual(['Bean and pea swap'])
  const all = await of('')
  expect(all.length).toBeGreaterThan(10)
  for (const wrong of ['x', '1;2', '1,', '-4', '1'.repeat(30)]) expect(await of(wrong)).toEqual(all)
})

it('are linked from calendars of what happens, and from no others', async () => {
  const shape = JSON.stringify(newShape('calendar'))
  await sql`update listings set published = jsonb_set(published, '{shape}', ${shape}::jsonb)
    where id = ${await listingNamed('Latest notes')}`.execute(test.db)
  const linked = async (path: string) => {
    const answer = await publicDocument(test.db, path, { now: Date.now(), page: null, visit: '' })
    return answer.status === 200 && answer.html.includes('class="calendar-subscribe"')
  }
  expect(await linked('/swap-days')).toBe(true)
  expect(await linked('/')).toBe(false)
})

it('are kept until a listing is published anew', async () => {
  let hear: (changes: readonly { readonly kind: 'page'; readonly subjectId: null }[]) => void = () =>
    undefined
  const feed = {
    subscribe: (heard: typeof hear) => {
      hear = heard
      return () => undefined
    },
    isListening: () => true,
  }
  const kept = new CalendarFiles(test.db, askingAnew(test.db), feed as never)
  const id = await listingNamed('All swap days')
  const name = async () => {
    const file = await kept.answer(listingCalendar(id), { origin, now: Date.now(), only: null })
    return readCalendar(file?.text ?? '', 'UTC').name
  }
  expect(await name()).toBe('All swap days')
  await sql`update listings set published = jsonb_set(published, '{name}', '"Days"') where id = ${id}`.execute(
    test.db,
  )
  expect(await name()).toBe('All swap days')
  hear([{ kind: 'page', subjectId: null }])
  expect(await name()).toBe('Days')
})
