import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import { reconcileFieldIndexes } from '~~/server/content/field-indexes'
import { cardSamples } from '~~/server/pages/card-samples'
import { publicDocument } from '~~/server/pages/public-document'
import { saveSiteFacts, siteFacts } from '~~/server/site/site-facts'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await demoDatabase()
})
afterAll(() => test.drop())

async function save(changed: object) {
  return saveSiteFacts(test.db, { ...(await siteFacts(test.db)), ...changed })
}

async function documentAt(path: string): Promise<string> {
  const answer = await publicDocument(test.db, path, { now: Date.now(), page: null, visit: '' })
  return 'html' in answer ? answer.html : ''
}

describe('what the site says of itself', () => {
  it('stands on its pages, with whole addresses where it is said at which it is reached', async () => {
    expect(await documentAt('/plots')).toContain('<link rel="canonical" href="/plots">')
    expect(await documentAt('/plots')).not.toContain('og:url')
    const picture = await test.db
      .selectFrom('media')
      .select(['id', 'hash'])
      .where('kind', '=', 'picture')
      .executeTakeFirstOrThrow()
    await save({
      name: 'Under the hill',
      tagline: 'Take one, bring one.',
      address: 'https://hill.example',
      iconId: picture.id,
    })
    const page = await documentAt('/plots')
    expect(page).toContain('<title>Plots · Under the hill</title>')
    expect(page).toContain('Take one, bring one.')
    expect(page).toContain('<link rel="canonical" href="https://hill.example/plots">')
    expect(page).toContain('<meta property="og:url" content="https://hill.example/plots">')
    expect(page).toContain('"item":"https://hill.example/plots"')
    expect(page).toMatch(new RegExp(`<link rel="icon" href="/media/${picture.hash}/\\d+">`))
    const entry = await documentAt('/field-notes/how-to-borrow-seed')
    expect(entry).toContain('property="og:image" content="https://hill.example/media/')
    await save({ iconId: null })
    expect(await documentAt('/plots')).toContain('href="/mark.svg"')
  })

  it('is what reading times are told by', async () => {
    const { id } = await test.db
      .selectFrom('collections')
      .select('id')
      .where('slug', '=', 'field-notes')
      .executeTakeFirstOrThrow()
    const longest = async () => {
      const samples = await cardSamples(test.db, newListing('Notes', id), {
        now: Date.now(),
        page: null,
        visit: '',
      })
      const told = samples.flatMap(({ html }) => [...html.matchAll(/(\d+) mins? read/g)])
      return Math.max(...told.map(([, minutes]) => Number(minutes)))
    }
    const usual = await longest()
    expect(usual).toBeGreaterThan(0)
    await save({ readingPace: 50 })
    expect(await longest()).toBeGreaterThan(usual)
    await save({ readingPace: 238 })
  })

  it('is not written over where somebody else changed it, and is refused where it makes no sense', async () => {
    const seen = await siteFacts(test.db)
    await save({ tagline: 'First.' })
    await expect(saveSiteFacts(test.db, { ...seen, tagline: 'Second.' })).rejects.toMatchObject({
      status: 409,
    })
    expect((await siteFacts(test.db)).tagline).toBe('First.')
    for (const changed of [{ iconId: 999_999 }, { zone: 'Moon/Base' }])
      await expect(save(changed)).rejects.toMatchObject({ status: 422 })
    const opened = await siteFacts(test.db)
    const both = await Promise.allSettled(
      ['A.', 'B.'].map((tagline) => saveSiteFacts(test.db, { ...opened, tagline })),
    )
    expect(both.filter((one) => one.status === 'fulfilled')).toHaveLength(1)
  })

  it('has entries found and put in order by the rules of another language', async () => {
    const entry = await test.db
      .selectFrom('entries')
      .select('id')
      .where('title', '=', 'How to borrow seed')
      .executeTakeFirstOrThrow()
    await sql`update entries set title = '種を借りて返す' where id = ${entry.id}`.execute(test.db)
    const indexed = async () =>
      (
        await test.db
          .selectFrom('entry_words')
          .select('words')
          .where('entry_id', '=', entry.id)
          .executeTakeFirstOrThrow()
      ).words
    expect(await indexed()).not.toContain('種')
    await reconcileFieldIndexes(test.db)
    await save({ locale: 'ja' })
    expect(await indexed()).toContain('種')
    await reconcileFieldIndexes(test.db)
    const { rows } = await sql<{ name: string }>`
      select indexname as name from pg_indexes where indexname ~ '_bushel_[a-z_A-Z]+$'`.execute(test.db)
    expect(rows.length).toBeGreaterThan(2)
    expect(rows.filter((row) => !row.name.endsWith('_bushel_ja'))).toEqual([])
    expect(await documentAt('/plots')).toContain('<html lang="ja"')
  })
})
