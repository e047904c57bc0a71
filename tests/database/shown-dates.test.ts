import { sql } from 'kysely'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { entryInputOf } from '~~/core/content/entry-input'
import { rowName } from '~~/core/content/row'
import { loadEntry, saveEntry } from '~~/server/content/entries'
import { addField } from '~~/server/content/field-writing'
import { shownDates } from '~~/server/pages/shown-dates'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await demoDatabase()
})
afterAll(() => test.drop())

const zone = 'Europe/London'

/** The rows of the long swap, by the slugs of their entries. */
async function rowsOfSwap(): Promise<ReadonlyMap<string, { readonly id: number; readonly row: string }>> {
  const found = await test.db
    .selectFrom('occurrences as o')
    .innerJoin('entries as e', 'e.id', 'o.entry_id')
    .innerJoin('collections as c', 'c.id', 'o.collection_id')
    .select(['e.id', 'e.slug', 'o.key'])
    .where('c.slug', '=', 'long-swap')
    .execute()
  return new Map(found.map(({ id, slug, key }) => [slug, { id, row: rowName({ id, at: key.getTime() }) }]))
}

async function dateOf(slug: string) {
  const own = (await rowsOfSwap()).get(slug)
  const dates = await shownDates(test.db, own === undefined ? [] : [own], zone)
  return dates.get(own?.row ?? '')
}

it('tell the room and the times of what stands for a date, and nothing of what stands for an entry', async () => {
  const found = await dateOf('handles-and-edges')
  expect(found).toMatchObject({ track: 'Workshop', endsBefore: false, outside: null })
  expect((found?.endsAt ?? 0) - (found?.startsAt ?? 0)).toBe(3_600_000)
  const own = (await rowsOfSwap()).get('handles-and-edges')
  expect((await shownDates(test.db, [{ row: String(own?.id) }], zone)).size).toBe(0)
})

it('tell what ends before it begins, though a date never does', async () => {
  const own = (await rowsOfSwap()).get('bees-in-winter')
  const entry = await loadEntry(test.db, own?.id ?? 0)
  const account = await test.db.selectFrom('accounts').select(['id', 'role']).executeTakeFirstOrThrow()
  const ends = await test.db
    .selectFrom('fields')
    .select('id')
    .where('collection_id', '=', entry.collectionId)
    .where('key', '=', 'ends')
    .executeTakeFirstOrThrow()
  const input = entryInputOf(entry)
  const before = { ...input, values: { ...input.values, [ends.id]: Date.UTC(2001, 0, 1) } }
  await saveEntry(test.db, entry.id, entry.version, before, account)
  const found = await dateOf('bees-in-winter')
  expect(found?.endsBefore).toBe(true)
  expect(found?.endsAt).toBe(found?.startsAt)
  expect((await dateOf('handles-and-edges'))?.endsBefore).toBe(false)
})

it('tell what belongs to an event and is on while that is not', async () => {
  const { id: swapDays } = await test.db
    .selectFrom('collections')
    .select('id')
    .where('slug', '=', 'swap-days')
    .executeTakeFirstOrThrow()
  const { id: sessions } = await test.db
    .selectFrom('collections')
    .select('id')
    .where('slug', '=', 'long-swap')
    .executeTakeFirstOrThrow()
  const field = await addField(test.db, sessions, {
    key: 'part_of',
    name: 'Part of',
    type: 'reference',
    settings: { collection: swapDays, many: false },
    required: false,
    help: '',
    fallback: null,
    filterable: false,
    sortable: false,
  })
  const event = await test.db
    .selectFrom('entries')
    .select('id')
    .where('slug', '=', 'bean-and-pea-swap')
    .executeTakeFirstOrThrow()
  const own = (await rowsOfSwap()).get('handles-and-edges')
  await sql`update entries set field_values = field_values || ${JSON.stringify({ [field.id]: [event.id] })}::jsonb
    where id = ${own?.id}`.execute(test.db)
  expect((await dateOf('handles-and-edges'))?.outside).toBe('Bean and pea swap')
  await sql`update occurrences set (starts_at, ends_at) = (select starts_at - interval '1 day', ends_at + interval '1 day'
    from occurrences where entry_id = ${own?.id}) where entry_id = ${event.id}`.execute(test.db)
  expect((await dateOf('handles-and-edges'))?.outside).toBeNull()
})
