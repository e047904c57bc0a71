import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { firstPage } from '~~/core/query/page-asked'
import { addEntry } from '~~/server/content/entries'
import { askingAnew } from '~~/server/listings/ask'
import { subjectOf } from '~~/server/pages/page-subject'
import { rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { idsOf } from '../support/rows'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
  for (let at = 1; at <= 9; at += 1) {
    const about = at % 2 === 0 ? { termIds: [site.compost] } : { authorId: site.authorId }
    await addEntry(
      test.db,
      site.collectionId,
      {
        ...rain,
        title: `Rain ${at}`,
        slug: `rain-${at}`,
        publishedAt: Date.UTC(2026, 0, 27 + at, 12),
        ...about,
      },
      site.writer,
    )
  }
})
afterAll(() => test.drop())

const subject = (query: string) => subjectOf(test.db, new URLSearchParams(query))

function following(perPage: number | null = null): Listing {
  const listing = newListing('Following', site.collectionId)
  return {
    ...listing,
    from: { ...listing.from, by: 'page' },
    order: { keys: [{ by: 'title', direction: 'up' }], pinned: 'ignored' },
    amount: { ...listing.amount, take: 8, perPage },
  }
}

async function titlesAt(query: string, listing = following()): Promise<readonly string[]> {
  const shown = await askingAnew(test.db).shown(
    listing,
    { now: Date.UTC(2026, 6, 1), page: await subject(query), visit: '' },
    [],
  )
  const rows = await test.db
    .selectFrom('entries')
    .select(['id', 'title'])
    .where('id', 'in', [0, ...idsOf(shown)])
    .execute()
  return idsOf(shown).map((id) => rows.find((row) => row.id === id)?.title ?? '')
}

describe('a listing that follows its page', () => {
  it('shows what the address says the page is about', async () => {
    expect(await titlesAt('term=topic/compost')).toEqual(['Rain 2', 'Rain 4', 'Rain 6', 'Rain 8'])
    expect(await titlesAt('term=topic/soil')).toHaveLength(4)
    expect(await titlesAt('author=maud')).toEqual(['Rain 1', 'Rain 3', 'Rain 5', 'Rain 7', 'Rain 9'])
    expect(await titlesAt('month=2026-01')).toEqual(['Rain 1', 'Rain 2', 'Rain 3', 'Rain 4'])
    expect(await titlesAt('words=RAIN 7')).toEqual(['Rain 7'])
    expect(await titlesAt('')).toEqual([])
  })

  it.each(['term=topic/nothing', 'term=', 'author=nobody', 'month=2026-13', 'month=0000-01', 'other=1'])(
    'takes an address for nothing that says nothing: %s',
    async (query) => {
      expect(await subject(query)).toBeNull()
    },
  )

  it.each(['shown by title', 'shown by date'])(
    'goes on to the whole where a cursor can’t say where an entry stood: %s',
    async (by) => {
      const asker = askingAnew(test.db)
      const long = 'L'.repeat(199)
      const listing = {
        ...following(2),
        order: {
          keys: [
            by === 'shown by title'
              ? { by: 'title' as const, direction: 'up' as const }
              : { by: 'date' as const, direction: 'up' as const },
          ],
          pinned: 'ignored' as const,
        },
        amount: { ...following().amount, take: 'all' as const, perPage: 2 },
      }
      const ids = await Promise.all(
        [1, 2].map(
          async (at) =>
            (
              await addEntry(
                test.db,
                site.collectionId,
                {
                  ...rain,
                  title: `${long}${at}`,
                  slug: `first-${by.slice(-5).trim()}-${at}`,
                  publishedAt: -62_135_596_800_000,
                },
                site.writer,
              )
            ).id,
        ),
      )
      const all: number[] = []
      const asked = {
        now: Date.UTC(2026, 6, 1),
        page: await subject('words=' + long.slice(0, 40).toLowerCase()),
        visit: '',
      }
      const whole = { ...listing, from: { ...listing.from, by: 'rule' as const } }
      for (let cursor: string | null = null, pages = 0; pages < 9; pages += 1) {
        const shown = await asker.shown(whole, asked, [], { ...firstPage, after: cursor })
        all.push(...idsOf(shown))
        cursor = shown.next
        if (cursor === null) break
        // As an address of which only the entry is left.
        cursor = JSON.stringify((JSON.parse(cursor) as unknown[]).slice(0, 2))
      }
      expect(all).toHaveLength(new Set(all).size)
      expect(all).toEqual(expect.arrayContaining(ids))
      await test.db.updateTable('entries').set({ deleted_at: new Date() }).where('id', 'in', ids).execute()
      await test.db.deleteFrom('entry_index').where('entry_id', 'in', ids).execute()
    },
  )

  it('comes in pages, each leading to the next, up to what the listing shows in all', async () => {
    const all: number[] = []
    const asker = askingAnew(test.db)
    const asked = { now: Date.UTC(2026, 6, 1), page: await subject('words=rain'), visit: '' }
    let cursor: string | null = null
    for (const expected of [3, 3, 2]) {
      const shown = await asker.shown(following(3), asked, [], { ...firstPage, after: cursor })
      expect([shown.rows.length, shown.before]).toEqual([expected, all.length])
      all.push(...idsOf(shown))
      cursor = shown.next
    }
    expect(cursor).toBeNull()
    expect(all).toEqual(idsOf(await asker.shown(following(), asked, [])))
    expect(idsOf(await asker.shown(following(3), asked, [], { ...firstPage, after: 'no cursor' }))).toEqual(
      all.slice(0, 3),
    )
  })
})
