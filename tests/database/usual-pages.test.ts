import { randomUUID } from 'node:crypto'
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { newFitting } from '~~/core/fittings'
import type { FittingChoice } from '~~/core/fittings'
import { entryLayouts } from '~~/core/fittings/entry-layouts'
import { withPlacementsAt } from '~~/core/pages/moves'
import { spotsOf } from '~~/core/pages/standing'
import { monthInstants } from '~~/core/time/zones'
import { addEntry } from '~~/server/content/entries'
import { addCollection } from '~~/server/content/collections'
import { addAuthor } from '~~/server/people/authors'
import { dependenciesOf, touchesPage } from '~~/server/live/page-dependencies'
import { editedPage, saveDraft } from '~~/server/pages/pages'
import { publishPage } from '~~/server/pages/publishing'
import { publicDocument } from '~~/server/pages/public-document'
import { publishedMonths } from '~~/server/pages/subjects/published'
import { setUpUsualPage, unmadePages } from '~~/server/pages/usual-pages'
import { problemOf, rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let idle: number
const now = Date.UTC(2026, 10, 20, 12)
/** The first and the last minute of March in Auckland, and the minutes beside them. */
const edges = monthInstants(2026, 3, 'Pacific/Auckland')
const minute = 60_000

beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
  await test.db.updateTable('site').set({ time_zone: 'Pacific/Auckland' }).execute()
  idle = (await addAuthor(test.db, { name: 'Idle Hands', about: '', portraitId: null })).id
  const instants = [
    (edges.from ?? 0) - minute,
    edges.from ?? 0,
    (edges.before ?? 0) - minute,
    edges.before ?? 0,
    now - minute,
    now + minute,
  ]
  for (const [at, publishedAt] of instants.entries())
    await addEntry(
      test.db,
      site.collectionId,
      {
        ...rain,
        title: `Rain ${at}`,
        slug: `rain-${at}`,
        status: 'published',
        publishedAt,
        authorId: site.authorId,
        termIds: at === 1 ? [site.soil] : [],
      },
      site.writer,
    )
})
afterAll(() => test.drop())
afterEach(() => test.db.deleteFrom('pages').execute())

async function visit(path: string, query = '') {
  const asked = { now, page: null, visit: '' }
  const answer = await publicDocument(test.db, path, asked, undefined, new URLSearchParams(query))
  const html = answer.status === 301 ? '' : answer.html
  const shown = Array.from(html.matchAll(/Rain (\d)/g), ([, at]) => Number(at))
  const heading = /<h1[^>]*>([^<]*)</.exec(html)?.[1] ?? ''
  return { status: answer.status, shown: [...new Set(shown)].sort(), heading, html }
}

describe('what no hand made', () => {
  it('is everything of a collection, a month, a term, an author, and what a search finds', async () => {
    expect(await visit('/notes')).toMatchObject({ status: 200, shown: [0, 1, 2, 3, 4], heading: 'Notes' })
    expect(await visit('/notes/2026/03')).toMatchObject({ status: 200, heading: 'March 2026' })
    expect(await visit('/topic/soil')).toMatchObject({ status: 200, shown: [1], heading: 'soil' })
    const { slug, name } = await test.db
      .selectFrom('authors')
      .select(['slug', 'name'])
      .where('id', '=', site.authorId)
      .executeTakeFirstOrThrow()
    expect(await visit(`/authors/${slug}`)).toMatchObject({
      status: 200,
      shown: [0, 1, 2, 3, 4],
      heading: name,
    })
    expect(await visit('/search', 'words=rain')).toMatchObject({ status: 200, shown: [0, 1, 2, 3, 4] })
    expect((await visit('/search', 'words=drought')).html).toContain('Nothing here has “drought” in it.')
    expect(await visit('/search')).toMatchObject({ status: 200, shown: [] })
  })

  it('leads from each entry to those next to it', async () => {
    const ways = async (path: string) =>
      Array.from((await visit(path)).html.matchAll(/rel="(prev|next)" href="([^"]*)"/g), ([, rel, to]) => [
        rel,
        to,
      ])
    expect(await ways('/notes/rain-1')).toEqual([
      ['prev', '/notes/rain-0'],
      ['next', '/notes/rain-2'],
    ])
    expect(await ways('/notes/rain-0')).toEqual([['next', '/notes/rain-1']])
  })

  it('begins and ends a month with that of the site’s zone', async () => {
    expect((await visit('/notes/2026/02')).shown).toEqual([0])
    expect((await visit('/notes/2026/03')).shown).toEqual([1, 2])
    expect((await visit('/notes/2026/04')).shown).toEqual([3])
  })

  it.each([
    '/notes/2026/05',
    '/notes/2026/00',
    '/notes/2026/13',
    '/notes/0000/01',
    '/notes/9999/12',
    '/notes/2026/3',
    '/nothing/2026/03',
    '/topic/compost',
    '/topic/nothing',
    '/authors/idle-hands',
    '/authors/nobody',
    '/authors',
  ])('is nothing at %s, which says where to go on', async (path) => {
    const { status, html } = await visit(path)
    expect(status).toBe(404)
    expect(html).toContain('role="search"')
    expect(html).toContain('action="/search"')
    expect(idle).toBeGreaterThan(0)
  })

  it('is listed with its address, and leaves the list when it is set up', async () => {
    const before = await unmadePages(test.db)
    expect(before.map((page) => page.path)).toEqual([
      '/notes',
      '/notes/{slug}',
      '/notes/{year}/{month}',
      '/topic/{slug}',
      '/authors/{slug}',
      '/search',
      'areas/main/site-head',
      'areas/main/site-foot',
    ])
    for (const { kind, of } of before) {
      const made = await setUpUsualPage(test.db, { kind, of }, site.writer)
      expect(await setUpUsualPage(test.db, { kind, of }, site.writer)).toEqual(made)
    }
    expect(await unmadePages(test.db)).toEqual([])
  })

  it.each([
    ['collection', '/notes', ''],
    ['month', '/notes/2026/03', ''],
    ['term', '/topic/soil', ''],
    ['author', null, ''],
    ['search', '/search', 'words=rain'],
  ] as const)('begins as the visitors had it: %s', async (kind, at, query) => {
    const { slug } = await test.db
      .selectFrom('authors')
      .select('slug')
      .where('id', '=', site.authorId)
      .executeTakeFirstOrThrow()
    const path = at ?? `/authors/${slug}`
    const usual = (await unmadePages(test.db)).find((page) => page.kind === kind)
    const before = await visit(path, query)
    const { id } = await setUpUsualPage(test.db, { kind, of: usual?.of ?? null }, site.writer)
    const edited = await editedPage(test.db, id)
    expect(edited.path).toBe(usual?.path)
    const many = kind === 'month' || kind === 'term' || kind === 'author'
    expect(edited.subject === null).toBe(!many)
    if (edited.subject) expect((await visit(edited.subject.sample?.address ?? '')).status).toBe(200)
    expect((await visit(path, query)).shown).toEqual(before.shown)
    const seen = Object.fromEntries(edited.listings.map((one) => [one.id, one.version]))
    await publishPage(test.db, id, { version: edited.version, listings: seen }, site.writer)
    const after = await visit(path, query)
    expect(after).toMatchObject({ status: 200, shown: before.shown, heading: before.heading })
  })

  it('shows the entry of a page of entries once, under one heading, whether it is laid out there or not', async () => {
    const headings = (html: string) => Array.from(html.matchAll(/<h1[^>]*>/g)).length
    const articles = (html: string) => Array.from(html.matchAll(/<article /g)).length
    const path = '/notes/rain-2'
    const title = { part: 'title', on: true, level: 2 } as const
    const unmade = await visit(path)
    expect([unmade.status, headings(unmade.html), articles(unmade.html)]).toEqual([200, 1, 1])
    const { id } = await setUpUsualPage(test.db, { kind: 'entry', of: site.collectionId }, site.writer)
    const laidOut: readonly (readonly [readonly FittingChoice[], number])[] = [
      [[newFitting('entry')], 1],
      [[newFitting('author')], 1],
      [[{ name: 'entry', parts: [title] }], 1],
      [
        [
          { name: 'entry', parts: entryLayouts.head },
          { name: 'entry', parts: entryLayouts.text },
        ],
        2,
      ],
    ]
    for (const [choices, pieces] of laidOut) {
      const { version, page } = await editedPage(test.db, id)
      const placements = choices.map((fitting) => ({
        kind: 'fitting' as const,
        id: randomUUID(),
        heading: '',
        fitting,
      }))
      const next = withPlacementsAt(page, spotsOf(page)[0] ?? 'shelf', placements)
      const saved = await saveDraft(test.db, id, { version, page: next, listings: [] }, site.writer)
      await publishPage(test.db, id, { version: saved.version, listings: {} }, site.writer)
      const { html, status } = await visit(path)
      const names = choices.map((one) => one.name).join()
      expect([status, headings(html), articles(html)], names).toEqual([200, 1, pieces])
      expect(html.includes('<title>Rain 2'), names).toBe(true)
    }
  })

  it('is told of any entry, where it is that of each entry, also where nothing on it shows the entry', async () => {
    const { id } = await setUpUsualPage(test.db, { kind: 'entry', of: site.collectionId }, site.writer)
    const { version, page } = await editedPage(test.db, id)
    const bare = withPlacementsAt(page, spotsOf(page)[0] ?? 'shelf', [])
    const saved = await saveDraft(test.db, id, { version, page: bare, listings: [] }, site.writer)
    await publishPage(test.db, id, { version: saved.version, listings: {} }, site.writer)
    const behind = await dependenciesOf(test.db, id)
    expect(touchesPage({ kind: 'collection', subjectId: site.collectionId }, behind)).toBe(true)
  })

  it('is refused for what is not there', async () => {
    const refused = async (input: unknown) =>
      (await problemOf(setUpUsualPage(test.db, input, site.writer))).status
    expect(await refused({ kind: 'entry', of: 9_999_999 })).toBe(404)
    expect(await refused({ kind: 'spiral', of: null })).toBe(422)
    expect(await refused(null)).toBe(422)
  })

  it('is there for a collection at once', async () => {
    await addCollection(test.db, {
      name: 'Tools',
      singular: 'Tool',
      plural: 'Tools',
      icon: 'leaf',
      kind: 'product',
      address: '/tools/{slug}',
      facets: [],
    })
    expect(await visit('/tools')).toMatchObject({ status: 200, heading: 'Tools' })
    await test.db.deleteFrom('collections').where('slug', '=', 'tools').execute()
  })
})

describe('the months of a collection', () => {
  it('are counted in any zone as counting them one by one does', async () => {
    const rows = await test.db
      .selectFrom('entries')
      .select('published_at')
      .where('published_at', '<=', new Date(now))
      .execute()
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(
          'Pacific/Auckland',
          'Europe/London',
          'America/St_Johns',
          'Asia/Kolkata',
          'Pacific/Kiritimati',
          'UTC',
        ),
        async (zone) => {
          // By Intl, which knows of nothing here (ECMA-402).
          const format = new Intl.DateTimeFormat('en', { timeZone: zone, year: 'numeric', month: 'numeric' })
          const counts = new Map<string, number>()
          for (const row of rows) {
            const month = format.format(row.published_at ?? 0)
            counts.set(month, (counts.get(month) ?? 0) + 1)
          }
          const months = await publishedMonths(test.db, site.collectionId, zone, now)
          expect(new Map(months.map(({ year, month, count }) => [`${month}/${year}`, count]))).toEqual(counts)
        },
      ),
      { numRuns: 12 },
    )
  })
})
