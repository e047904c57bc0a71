import { randomUUID } from 'node:crypto'
import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newFitting } from '~~/core/fittings'
import type { ChosenFitting } from '~~/core/fittings'
import { areaOf } from '~~/core/pages/frames'
import { addEntry } from '~~/server/content/entries'
import { fittingContent } from '~~/server/fittings'
import type { FittingAsked } from '~~/server/fittings'
import { knownSite } from '~~/server/listings/context'
import { publicDocument } from '~~/server/pages/public-document'
import { navigation } from '~~/server/site/navigation'
import { trailOf } from '~~/server/pages/trail'
import { entryAskedOnce } from '~~/server/pages/view'
import type { FittingContents, LinkedTerm } from '~~/site/view'
import { rain } from './support/content'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await demoDatabase()
})
afterAll(() => test.drop())

async function asked(now = Date.now(), subject: FittingAsked['subject'] = null): Promise<FittingAsked> {
  const box = areaOf('main-side', 'side')
  if (box === undefined) throw new Error('The frame has a side.')
  const known = await knownSite(test.db)
  const entry = entryAskedOnce(test.db, known, { now, page: subject, visit: '' })
  return { db: test.db, known, now, box, trail: [], subject, entry, listed: () => Promise.resolve(null) }
}

async function pageAt(path: string): Promise<number> {
  const row = await test.db
    .selectFrom('pages')
    .select('id')
    .where('path', '=', path)
    .executeTakeFirstOrThrow()
  return row.id
}

const all = (terms: readonly LinkedTerm[]): readonly LinkedTerm[] =>
  terms.flatMap((term) => [term, ...all(term.children)])

/** Of each term's address, how many entries visitors may see have it or what is nested in it, off the entries. */
async function counted(now: number): Promise<ReadonlyMap<string, number>> {
  const at = sql`${new Date(now)}::timestamptz`
  const { rows } = await sql<{ address: string; entries: number }>`
    with recursive above as (
      select id, id as ancestor from terms
      union select above.id, t.parent_id from above join terms t on t.id = above.ancestor where t.parent_id is not null
    )
    select '/' || f.slug || '/' || t.slug as address, count(distinct e.id)::integer as entries
    from entry_terms et
    join above on above.id = et.term_id join terms t on t.id = above.ancestor join facets f on f.id = t.facet_id
    join entries e on e.id = et.entry_id join collections c on c.id = e.collection_id
    where e.status = 'published' and e.deleted_at is null and c.deleted_at is null and f.deleted_at is null
      and e.published_at <= ${at} and (e.expires_at is null or e.expires_at > ${at})
    group by f.slug, t.slug`.execute(test.db)
  return new Map(rows.map((row) => [row.address, row.entries]))
}

async function indexOf(
  settings: Partial<ChosenFitting<'terms'>>,
  now?: number,
): Promise<FittingContents['terms']> {
  return (await fittingContent(
    { ...newFitting('terms'), ...settings },
    await asked(now),
  )) as FittingContents['terms']
}

describe('an index of terms', () => {
  it.each([
    ['nested', { nested: true }],
    ['flat', { nested: false, order: 'most-used' }],
  ] as const)('has each term that an entry has, with as many as there are: %s', async (_, settings) => {
    const now = Date.now()
    const index = await indexOf({ ...settings, first: 3 }, now)
    const shown = all(index.flatMap((facet) => [...facet.first, ...facet.others]))
    expect(new Map(shown.map((term) => [term.address, term.count]))).toEqual(await counted(now))
    expect(shown.length).toBeGreaterThan(30)
    for (const facet of index) expect(facet.first.length).toBeLessThanOrEqual(3)
  })

  it('counts what is published by the clock from its moment on', async () => {
    const { id: collectionId } = await test.db
      .selectFrom('collections')
      .select('id')
      .where('slug', '=', 'field-notes')
      .executeTakeFirstOrThrow()
    const term = await test.db
      .selectFrom('terms as t')
      .innerJoin('facets as f', 'f.id', 't.facet_id')
      .select(['t.id', 't.slug', 'f.slug as facet'])
      .where('f.slug', '=', 'topic')
      .orderBy('t.id')
      .executeTakeFirstOrThrow()
    const writer = await test.db.selectFrom('accounts').select('id').executeTakeFirstOrThrow()
    const now = Date.now()
    const soon = now + 3_600_000
    await addEntry(
      test.db,
      collectionId,
      { ...rain, slug: 'to-come', publishedAt: soon, authorId: null, termIds: [term.id] },
      writer,
    )
    const countAt = async (at: number) =>
      all((await indexOf({}, at)).flatMap((facet) => [...facet.first, ...facet.others])).find(
        (one) => one.address === `/${term.facet}/${term.slug}`,
      )?.count ?? 0
    expect(await countAt(soon)).toBe((await countAt(now)) + 1)
    expect(await countAt(soon)).toBe((await counted(soon)).get(`/${term.facet}/${term.slug}`))
  })

  it('has the facets that are named, in their order, and no others', async () => {
    const rows = await test.db.selectFrom('facets').select(['id', 'name']).orderBy('name', 'desc').execute()
    const wanted = rows.slice(0, 2)
    const index = await indexOf({ facets: [...wanted.map((row) => row.id), 999_999] })
    expect(index.map((facet) => facet.name)).toEqual(wanted.map((row) => row.name))
  })
})

describe('a picture', () => {
  it('comes in the widths of its place, and is nothing where there is none any more', async () => {
    const { id } = await test.db
      .selectFrom('media')
      .select('id')
      .where('kind', '=', 'picture')
      .orderBy('width', 'desc')
      .executeTakeFirstOrThrow()
    const picture = async (chosen: number | null) =>
      (await fittingContent(
        { ...newFitting('picture'), picture: chosen },
        await asked(),
      )) as FittingContents['picture']
    expect((await picture(id))?.sizes).toContain('300px')
    expect(await picture(null)).toBeNull()
    expect(await picture(999_999)).toBeNull()
  })
})

describe('an index of months', () => {
  it('counts, in the site’s zone, what counting entry by entry does, and leads to pages that show as many', async () => {
    const now = Date.now()
    const { id, address } = await test.db
      .selectFrom('collections')
      .select(['id', 'address'])
      .where('slug', '=', 'field-notes')
      .executeTakeFirstOrThrow()
    const years = await fittingContent(
      { ...newFitting('months'), collection: id, order: 'newest' },
      await asked(now),
    )
    const told = new Map(
      (years as FittingContents['months']).flatMap((year) =>
        year.months.map((month) => [month.address, month.count] as const),
      ),
    )
    const rows = await test.db
      .selectFrom('entries')
      .select('published_at')
      .where('collection_id', '=', id)
      .where('status', '=', 'published')
      .where('deleted_at', 'is', null)
      .where('published_at', '<=', new Date(now))
      .where((where) => where.or([where('expires_at', 'is', null), where('expires_at', '>', new Date(now))]))
      .execute()
    const { zone } = (await knownSite(test.db)).site
    // By Intl, which knows nothing of how they are counted (ECMA-402; `sv` writes years and months as ISO 8601).
    const format = new Intl.DateTimeFormat('sv', { timeZone: zone, year: 'numeric', month: '2-digit' })
    const counted = new Map<string, number>()
    for (const row of rows) {
      const at = `${address.slice(0, address.indexOf('/{'))}/${format.format(row.published_at ?? 0).replace('-', '/')}`
      counted.set(at, (counted.get(at) ?? 0) + 1)
    }
    expect(told).toEqual(counted)
    const [first] = told.keys()
    const page = await publicDocument(test.db, first ?? '', { now, page: null, visit: '' })
    expect(page.status).toBe(200)
  })

  it('shows nothing of a collection that is gone, or not chosen yet', async () => {
    for (const collection of [null, 9_999_999])
      expect(await fittingContent({ ...newFitting('months'), collection }, await asked())).toEqual([])
  })
})

describe('an author’s box', () => {
  it('tells of whoever wrote the entry of the page, or whose page it is, and of nobody elsewhere', async () => {
    const entry = await test.db
      .selectFrom('entries as e')
      .innerJoin('authors as a', 'a.id', 'e.author_id')
      .innerJoin('entry_index as i', 'i.entry_id', 'e.id')
      .select(['e.id', 'a.id as author', 'a.name', 'a.slug', 'a.about'])
      .executeTakeFirstOrThrow()
    const box = newFitting('author')
    const ofEntry = await fittingContent(box, await asked(Date.now(), { kind: 'entry', id: entry.id }))
    expect(ofEntry).toMatchObject({ name: entry.name, about: entry.about, address: `/authors/${entry.slug}` })
    const ofAuthor = await fittingContent(box, await asked(Date.now(), { kind: 'author', id: entry.author }))
    expect(ofAuthor).toMatchObject({ name: entry.name, address: null })
    const quiet = { ...box, about: false, linked: false, portrait: false }
    const little = await fittingContent(quiet, await asked(Date.now(), { kind: 'entry', id: entry.id }))
    expect(little).toEqual({ name: entry.name, about: '', portrait: null, address: null })
    expect(await fittingContent(box, await asked())).toBeNull()
    expect(await fittingContent(box, await asked(Date.now(), { kind: 'entry', id: 9_999_999 }))).toBeNull()
  })
})

describe('the entry', () => {
  const kinds = (content: unknown) => (content as FittingContents['entry'])?.parts.map((one) => one.part)

  it('is laid out in its parts on its own page, and shown to nobody who may not see it', async () => {
    const film = await test.db
      .selectFrom('entries as e')
      .innerJoin('collections as c', 'c.id', 'e.collection_id')
      .innerJoin('entry_index as i', 'i.entry_id', 'e.id')
      .select(['e.id', 'e.title'])
      .where('c.slug', '=', 'lessons')
      .executeTakeFirstOrThrow()
    const whole = await fittingContent(
      newFitting('entry'),
      await asked(Date.now(), { kind: 'entry', id: film.id }),
    )
    expect(whole).toMatchObject({ title: film.title, address: null })
    const all = ['title', 'summary', 'facts', 'film', 'all-fields', 'whole-text', 'way-back'] as const
    expect(kinds(whole)).toEqual(expect.arrayContaining([...all]))
    const some = await fittingContent(
      { name: 'entry', parts: [{ part: 'title', on: true, level: 2 }] },
      await asked(Date.now(), { kind: 'entry', id: film.id }),
    )
    expect(kinds(some)).toEqual(['title'])
    expect(await fittingContent(newFitting('entry'), await asked())).toBeNull()
    const ofAuthor = await asked(Date.now(), { kind: 'author', id: film.id })
    expect(await fittingContent(newFitting('entry'), ofAuthor)).toBeNull()
    const unseen = await test.db.selectFrom('entries').select('id').where('status', '=', 'draft').execute()
    expect(unseen.length).toBeGreaterThan(0)
    for (const { id } of [...unseen, { id: 9_999_999 }]) {
      const hidden = await asked(Date.now(), { kind: 'entry', id })
      expect(await fittingContent(newFitting('entry'), hidden)).toBeNull()
    }
    const before = await asked(Date.UTC(1990, 0, 1), { kind: 'entry', id: film.id })
    expect(await fittingContent(newFitting('entry'), before)).toBeNull()
  })
})

describe('earlier and later', () => {
  it('lead through every entry of a collection that visitors may see, in the order of publication', async () => {
    const now = Date.now()
    const entries = await test.db
      .selectFrom('entries as e')
      .innerJoin('collections as c', 'c.id', 'e.collection_id')
      .select(['e.id', 'e.title'])
      .where('c.address', '=', '/field-notes/{slug}')
      .where('e.status', '=', 'published')
      .where('e.deleted_at', 'is', null)
      .where('e.published_at', '<=', new Date(now))
      .where((where) =>
        where.or([where('e.expires_at', 'is', null), where('e.expires_at', '>', new Date(now))]),
      )
      .orderBy('e.published_at')
      .orderBy('e.id')
      .execute()
    expect(entries.length).toBeGreaterThan(20)
    const contents = await Promise.all(
      entries.map(async ({ id }) =>
        fittingContent(newFitting('neighbours'), await asked(now, { kind: 'entry', id })),
      ),
    )
    const titles = contents.map((one) => {
      const { earlier, later } = one as FittingContents['neighbours']
      return [earlier?.title ?? null, later?.title ?? null]
    })
    expect(titles).toEqual(
      entries.map((_, at) => [entries[at - 1]?.title ?? null, entries[at + 1]?.title ?? null]),
    )
    const nothing = { earlier: null, later: null }
    expect(await fittingContent(newFitting('neighbours'), await asked())).toEqual(nothing)
    const gone = await asked(now, { kind: 'entry', id: 9_999_999 })
    expect(await fittingContent(newFitting('neighbours'), gone)).toEqual(nothing)
  })
})

describe('a menu', () => {
  it('has the links of the site’s menu, or its own to pages that visitors have', async () => {
    const here = { ...(await asked()), trail: [{ title: 'Plots', path: '/plots' }] }
    const own: ChosenFitting<'menu'> = {
      ...newFitting('menu'),
      of: 'own',
      links: [
        {
          id: randomUUID(),
          title: 'Beds',
          to: { is: 'page', page: await pageAt('/plots') },
          isWithin: false,
        },
        { id: randomUUID(), title: '', to: { is: 'page', page: 999_999 }, isWithin: false },
      ],
    }
    expect(await fittingContent(own, here)).toEqual({
      links: [{ title: 'Beds', path: '/plots', under: [] }],
      path: '/plots',
    })
    const site = await navigation(test.db)
    expect(await fittingContent({ ...own, of: 'head' }, here)).toEqual({ links: site.head, path: '/plots' })
    expect(await fittingContent({ ...own, of: 'foot' }, here)).toEqual({ links: site.foot, path: '/plots' })
  })
})

describe('breadcrumbs', () => {
  it('lead from the front page over what stands above; the front page has none', async () => {
    const place = newFitting('breadcrumbs')
    const trail = await trailOf(test.db, '/field-notes/2026/03', 'March 2026')
    const steps = await fittingContent(place, { ...(await asked()), trail })
    expect(steps).toEqual([
      { title: 'Home', path: '/' },
      { title: 'Field notes', path: '/field-notes' },
      { title: 'March 2026', path: '/field-notes/2026/03' },
    ])
    const home = await fittingContent(place, { ...(await asked()), trail: await trailOf(test.db, '/', '') })
    expect(home).toEqual([])
  })
})
