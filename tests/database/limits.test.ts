import { randomUUID } from 'node:crypto'
import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { parseListing } from '~~/core/listing/definition'
import { documentOfText } from '~~/core/content/rich-text/document'
import { whileAwaited } from '~~/server/db/awaited'
import { databaseFailure } from '~~/server/db/failures'
import { addEntry } from '~~/server/content/entries'
import { countsOf } from '~~/server/listings/step-counts'
import { askingAnew } from '~~/server/listings/ask'
import { editedPage, publishedPage } from '~~/server/pages/pages'
import { shownOnPage } from '~~/server/pages/shown-on-page'
import { rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
afterAll(() => test.drop())

async function addPage(path: string, definitions: readonly unknown[]): Promise<number> {
  const ids = definitions.map(() => randomUUID())
  for (const [at, id] of ids.entries())
    await test.db
      .insertInto('listings')
      .values({ id, draft: JSON.stringify(definitions[at]), published: JSON.stringify(definitions[at]) })
      .execute()
  const main = ids.map((listing) => ({ id: randomUUID(), listing, heading: '' }))
  const page = JSON.stringify({
    version: 1,
    title: 'Page',
    introduction: '',
    frame: 'main-side',
    areas: { main, side: [] },
    shelf: [],
  })
  return (
    await test.db
      .insertInto('pages')
      .values({ path, position: 1, draft: page, draft_by: null, published: page })
      .returning('id')
      .executeTakeFirstOrThrow()
  ).id
}

describe('an entry with a long text', () => {
  it('is saved as any other, its words counted once', async () => {
    const body = documentOfText('the wire pen and the wet autumn '.repeat(6000))
    const before = process.memoryUsage.rss()
    const entry = await addEntry(test.db, site.collectionId, { ...rain, slug: 'long', body }, site.writer)
    expect(process.memoryUsage.rss() - before).toBeLessThan(300e6)
    expect(
      await test.db
        .selectFrom('entry_words')
        .select(['words', 'word_count'])
        .where('entry_id', '=', entry.id)
        .executeTakeFirst(),
    ).toEqual({ words: expect.arrayContaining(['rain', 'autumn']) as unknown, word_count: 42_000 })
  })
})

describe('a listing that is stored but can’t be read', () => {
  const sound = { version: 3, name: 'Sound', from: { collections: [1] } }
  const broken = { version: 3, name: 'Broken', from: { collections: [1], never: [99_999_999_999] } }

  it('shows nothing; the page around it stands, and the bench says why', async () => {
    const id = await addPage('/stored', [sound, broken])
    const page = await publishedPage(test.db, '/stored')
    expect([...(page?.listings.values() ?? [])].map((one) => one.name).toSorted()).toEqual([
      'Broken',
      'Sound',
    ])
    const told = await editedPage(test.db, id)
    expect(told.listings.map((one) => [one.definition.name, one.trouble ?? null]).toSorted()).toEqual([
      [
        'Broken',
        'What is stored of this listing can’t be read (from.never[0]: There is nothing of this number.). It shows nothing until it is set up anew.',
      ],
      ['Sound', null],
    ])
  })

  it('is not written in the first place', () => {
    const huge = 2 ** 31
    for (const from of [
      { collections: [huge] },
      { collections: [1], always: [huge] },
      { collections: [1], by: 'hand', picks: [{ entry: huge }] },
      { collections: [1], rules: [{ rule: 'terms', facet: huge, is: 'any', terms: [] }] },
      { collections: [1], rules: [{ rule: 'author', is: 'any', authors: [huge] }] },
    ])
      expect(parseListing({ version: 3, name: 'x', from }).ok).toBe(false)
    for (const window of [
      { is: 'last', count: 7000, unit: 'year' },
      { is: 'next', count: 36_525, unit: 'month' },
    ])
      expect(
        parseListing({ version: 3, name: 'x', from: { collections: [1], rules: [{ rule: 'date', window }] } })
          .ok,
      ).toBe(false)
  })

  it.each([
    [[{ rule: 'group' }]],
    [[null]],
    [[{ rule: 'group', join: 'any', rules: 'x' }]],
    ['rules'],
    [{ length: 3 }],
  ])('has rules that are no rules: %j', (rules) => {
    expect(parseListing({ version: 3, name: 'x', from: { collections: [1], rules } }).ok).toBe(false)
  })
})

describe('a listing that can’t be answered', () => {
  it('shows nothing and says why, and its neighbours are answered', async () => {
    await addPage('/failing', [
      { version: 3, name: 'First', from: { collections: [site.collectionId] } },
      { version: 3, name: 'Second', from: { collections: [site.collectionId] } },
    ])
    const page = await publishedPage(test.db, '/failing')
    if (page === null) throw new Error('There is a page.')
    const asker = askingAnew(test.db)
    const failing = {
      ...asker,
      shown: (...asked: Parameters<typeof asker.shown>) =>
        asked[0].name === 'First'
          ? Promise.reject(Object.assign(new Error('canceled'), { code: '57014' }))
          : asker.shown(...asked),
    }
    const shown = [...(await shownOnPage(failing, page, { now: Date.now(), page: null, visit: '' })).values()]
    expect(shown.map((one) => [one.rows.length, one.trouble?.slice(0, 12) ?? null])).toEqual([
      [0, 'The database'],
      [1, null],
    ])
  })
})

describe('many rules', () => {
  it('are counted in one pass, however many there are', async () => {
    const terms = Array.from({ length: 40 }, (_, at) => at + 1)
    const rules = Array.from({ length: 40 }, () => ({
      rule: 'terms' as const,
      facet: site.facetId,
      is: 'none' as const,
      terms,
    }))
    const plan = {
      collections: [site.collectionId],
      steps: [
        { step: { kind: 'collections' as const }, asks: { test: 'visible' as const, at: Date.now() } },
        ...rules.map((_, at) => ({
          step: { kind: 'rule' as const, at },
          asks: { test: 'not' as const, of: { test: 'anyKey' as const, keys: terms } },
        })),
      ],
      rows: { of: 'entries' as const },
      order: [{ by: 'publishedAt' as const, direction: 'down' as const }],
      skip: 0,
      take: 3,
    }
    expect((await countsOf(test.db, plan)).steps).toEqual(Array.from({ length: 41 }, () => 1))
  })

  it('are two hundred at most, in groups or not', () => {
    const rule = { rule: 'related' }
    const group = (count: number) => ({
      rule: 'group',
      join: 'all',
      rules: Array.from({ length: count }, () => rule),
    })
    const of = (rules: readonly object[]) =>
      parseListing({ version: 3, name: 'x', from: { collections: [1], rules } })
    expect(of([group(39), group(39), group(39), group(39), group(39)]).ok).toBe(true)
    expect(of([group(39), group(39), group(39), group(39), group(39), rule])).toMatchObject({
      ok: false,
      faults: [{ path: 'from.rules' }],
    })
  })
})

describe('a statement', () => {
  it('ends when nobody waits for it any more, and its connection serves the next', async () => {
    let giveUp = () => {}
    const asked = whileAwaited(
      (stop) => (giveUp = stop),
      () => sql`select pg_sleep(30)`.execute(test.db),
    )
    const failed = asked.catch((error: unknown) => databaseFailure(error))
    await sql`select 1`.execute(test.db)
    giveUp()
    expect(await failed).toBe('heavy')
    for (let count = 0; count < 12; count += 1)
      expect((await sql`select 1 as one`.execute(test.db)).rows).toEqual([{ one: 1 }])
    const { rows } =
      await sql`select 1 from pg_stat_activity where query like 'select pg_sleep%' and state = 'active' and datname = current_database()`.execute(
        test.db,
      )
    expect(rows).toEqual([])
  })

  it('takes fifteen seconds at most', async () => {
    const { rows } = await sql<{
      timeout: string
    }>`select current_setting('statement_timeout') as timeout`.execute(test.db)
    expect(rows).toEqual([{ timeout: '15s' }])
  })
})
