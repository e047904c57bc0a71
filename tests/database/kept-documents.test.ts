import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { entryInputOf } from '~~/core/content/entry-input'
import type { EntryInput } from '~~/core/content/entry-input'
import { noCss } from '~~/core/looks/own-css/own-css'
import { withPlacementChanged } from '~~/core/pages/moves'
import { withShared } from '~~/core/pages/shared-areas'
import { placementsOf } from '~~/core/pages/standing'
import { setCollectionDeleted } from '~~/server/content/collections'
import { addEntry, loadEntry, saveEntry, setEntryDeleted } from '~~/server/content/entries'
import { mergeTerm, saveTerm, undoTermChange } from '~~/server/content/terms'
import { openDatabase } from '~~/server/db/client'
import type { Db } from '~~/server/db/client'
import { askingAnew, askingKept } from '~~/server/listings/ask'
import { ChangeFeed } from '~~/server/live/change-feed'
import { DependentCache } from '~~/server/live/dependent-cache'
import { saveMedia } from '~~/server/media/media'
import { KeptDocuments } from '~~/server/pages/kept-documents'
import type { PublicAnswer } from '~~/server/pages/public-answer'
import { editedPage, saveDraft } from '~~/server/pages/pages'
import { publishPage } from '~~/server/pages/publishing'
import { addSharedArea } from '~~/server/pages/shared-areas'
import { publicDocument } from '~~/server/pages/public-document'
import { setPageDeleted } from '~~/server/pages/making-pages'
import { setUpUsualPage } from '~~/server/pages/usual-pages'
import { saveAuthor, setAuthorDeleted } from '~~/server/people/authors'
import { saveLook, sharedLooks } from '~~/server/looks/looks'
import { saveSiteValues, siteValues } from '~~/server/site/values'
import { saveMenus, siteMenus } from '~~/server/site/menus'
import { saveSiteFacts, siteFacts } from '~~/server/site/site-facts'
import { saveSiteSettings } from '~~/server/site/site-settings'
import { demoDatabase } from './support/database'
import { handOn } from './support/pages'
import type { TestDatabase } from './support/database'

/** A second server on the same database, which answers visitors and keeps their documents. */
let test: TestDatabase
let other: Db
let feed: ChangeFeed
let documents: KeptDocuments
let made = 0
let writer: { readonly id: string }
let newest: { readonly id: number; readonly address: string; readonly collection: number }

const soon = { timeout: 30_000, interval: 5 }
/** Only notices and the clock wake the feed, or a lost notice would be made good before anybody saw. */
const looksNever = 3600_000
const none = new URLSearchParams()

beforeAll(async () => {
  test = await demoDatabase()
  other = openDatabase(test.url, 4)
  feed = new ChangeFeed(other, test.url, looksNever)
  await feed.start()
  await vi.waitFor(() => expect(feed.isListening()).toBe(true), soon)
  const asker = askingKept(other, new DependentCache(feed), () => feed.seen())
  documents = new KeptDocuments(feed, (path, query, now, visit) => {
    made += 1
    return publicDocument(other, path, { now, page: null, visit }, asker, query)
  })
  writer = await test.db.selectFrom('accounts').select('id').executeTakeFirstOrThrow()
  const entry = await test.db
    .selectFrom('entries as e')
    .innerJoin('collections as c', 'c.id', 'e.collection_id')
    .select(['e.id', 'e.slug', 'e.collection_id'])
    .where('c.slug', '=', 'field-notes')
    .where('e.status', '=', 'published')
    .where('e.published_at', '<=', new Date())
    .where('e.author_id', 'is not', null)
    .where('e.picture_id', 'is not', null)
    .orderBy('e.published_at', 'desc')
    .executeTakeFirstOrThrow()
  newest = { id: entry.id, address: `/field-notes/${entry.slug}`, collection: entry.collection_id }
})
afterAll(async () => {
  await feed.stop()
  await other.destroy()
  await test.drop()
})

/** What an answer says, whenever it was made. */
const said = (answer: PublicAnswer) =>
  answer.status === 301
    ? answer.address
    : `${answer.status} ${answer.html.replace(/ data-(?:seen|at)="[^"]*"/g, '')}`

const fresh = async (path: string) =>
  said(await publicDocument(test.db, path, { now: Date.now(), page: null, visit: '' }, askingAnew(test.db)))

async function kept(path: string, query = none): Promise<string> {
  const answer = await documents.answer(path, query, Date.now())
  if (answer.kind === 'other') return said(answer.answer)
  if (answer.kind === 'by visit') return answer.kind
  const html = (await answer.document.body('identity')).toString()
  return said({ status: 200, html, css: '', lastsAVisit: false, dependence: { collections: [], until: 0 } })
}

/**
 * Does something on one server, and asks the other until it answers as nobody keeps it. Gives how
 * long that took.
 */
async function lag(path: string, change: () => Promise<unknown>): Promise<number> {
  const before = await kept(path)
  await change()
  const done = Date.now()
  const now = await fresh(path)
  expect(now, path).not.toEqual(before)
  await vi.waitFor(async () => expect((await kept(path)) === now).toBe(true), soon)
  return Date.now() - done
}

async function edit(id: number, change: Partial<EntryInput>): Promise<void> {
  const entry = await loadEntry(test.db, id)
  await saveEntry(test.db, id, entry.version, { ...entryInputOf(entry), ...change }, writer)
}

async function pageAt(path: string) {
  const { id } = await test.db
    .selectFrom('pages')
    .select('id')
    .where('path', '=', path)
    .executeTakeFirstOrThrow()
  return editedPage(test.db, id)
}

/** Makes a shared area of the side of a page, which has it from then on; its number. */
async function shareSideOf(path: string): Promise<number> {
  const { id, page } = await pageAt(path)
  const made = await addSharedArea(test.db, { title: 'Side', area: 'side', from: id, page }, writer)
  const hand = handOn(test.db, writer)
  await hand.save(id, withShared(page, 'side', made.id))
  await hand.publish(id)
  await feed.settled()
  return made.id
}

/** Gives everything in a shared area another heading, and publishes it. */
async function rename(area: number, heading: string): Promise<void> {
  const { page } = await editedPage(test.db, area)
  const hand = handOn(test.db, writer)
  const renamed = placementsOf(page).reduce(
    (one, { id }) => withPlacementChanged(one, id, (placement) => ({ ...placement, heading })),
    page,
  )
  await hand.save(area, renamed)
  await hand.publish(area)
}

async function publish(path: string, title: string): Promise<void> {
  const before = await pageAt(path)
  const { id } = before
  const saved = await saveDraft(
    test.db,
    id,
    { version: before.version, page: { ...before.page, title }, listings: [] },
    writer,
  )
  const listings = Object.fromEntries(saved.listings.map((one) => [one.id, one.version]))
  await publishPage(test.db, id, { version: saved.version, listings }, writer)
}

describe('a kept document', () => {
  it('is made once, however many ask, and not again while nothing changes', async () => {
    const before = made
    await Promise.all(Array.from({ length: 20 }, () => kept('/field-notes')))
    await kept('/field-notes')
    expect(made - before).toBe(1)
    expect(documents.keptNow('/field-notes', Date.now())).not.toBeNull()
    expect(await kept('/field-notes')).toBe(await fresh('/field-notes'))
  })

  it('is another on the other server after every kind of change, as soon as that is told', async () => {
    const lags: Record<string, number> = {}
    const timed = async (what: string, path: string, change: () => Promise<unknown>) =>
      (lags[what] = await lag(path, change))
    const { id, address } = newest
    await timed('edit on a page', '/', () => edit(id, { title: 'A title of today' }))
    await timed('edit on its own page', address, () => edit(id, { summary: 'A summary of today.' }))
    await timed('no picture', '/', () => edit(id, { pictureId: null }))
    await timed('placeholder of the site', '/', () =>
      saveSiteSettings(test.db, { placeholder: 'letter', brokenRules: 'nothing' }),
    )
    await timed('name of the site', '/', async () =>
      saveSiteFacts(test.db, { ...(await siteFacts(test.db)), name: 'A site of today' }),
    )
    await timed('moved', address, () => edit(id, { slug: 'moved-today' }))
    await timed('deleted', '/field-notes/moved-today', () => setEntryDeleted(test.db, id, true))
    await timed('back', '/field-notes/moved-today', () => setEntryDeleted(test.db, id, false))
    const entry = await loadEntry(test.db, id)
    const author = await test.db
      .selectFrom('authors')
      .selectAll()
      .where('id', '=', entry.authorId ?? 0)
      .executeTakeFirstOrThrow()
    const profile = { name: 'Hob Larkin', about: '', portraitId: null }
    await timed('author', '/field-notes/moved-today', () => saveAuthor(test.db, author.id, profile))
    await timed('author deleted', '/field-notes/moved-today', () =>
      setAuthorDeleted(test.db, author.id, true),
    )
    const terms = await test.db
      .selectFrom('terms as t')
      .innerJoin('facets as f', 'f.id', 't.facet_id')
      .selectAll('t')
      .where('f.slug', '=', 'topic')
      .execute()
    const [one] = terms.filter((term) => entry.termIds.includes(term.id))
    const another = terms.find((term) => term.id !== one?.id && term.parent_id !== one?.id)
    if (one === undefined || another === undefined) throw new Error('The demo has terms.')
    const term = {
      name: 'Named today',
      slug: one.slug,
      description: '',
      pictureId: null,
      icon: '',
      colour: '',
    }
    await timed('term', '/field-notes/moved-today', () => saveTerm(test.db, one.id, term))
    await timed('term on its page', `/topic/${one.slug}`, () =>
      saveTerm(test.db, one.id, { ...term, description: 'Told today.' }),
    )
    let change = ''
    await timed(
      'merge',
      `/topic/${one.slug}`,
      async () => (change = (await mergeTerm(test.db, one.id, another.id, writer)).change),
    )
    await timed('part', `/topic/${one.slug}`, () => undoTermChange(test.db, change))
    await timed('page', '/orchard', () => publish('/orchard', 'The orchard today'))
    await timed('menu', '/', () => publish('/orchard', 'The orchard of today'))
    const area = await shareSideOf('/plots')
    await timed('shared area on a page', '/plots', () => rename(area, 'Read by many'))
    const hand = handOn(test.db, writer)
    let head = 0
    await timed('head of every page', '/plots', async () => {
      head = (await setUpUsualPage(test.db, { kind: 'head', of: null }, writer)).id
      await hand.publish(head)
    })
    await timed('usual head again', '/plots', () => setPageDeleted(test.db, head, true))
    const mapped = { id: randomUUID(), title: 'Map', isWithin: false } as const
    const foot = [{ ...mapped, to: { is: 'address', address: 'https://example.org/map' } }]
    await timed('menus', '/plots', async () => saveMenus(test.db, { ...(await siteMenus(test.db)), foot }))
    await timed('look', '/plots', async () => {
      const look = (await sharedLooks(test.db)).find(({ name }) => name === 'Ledger')
      if (look === undefined) throw new Error('There is no look “Ledger”.')
      const { id, name, version } = look
      await saveLook(test.db, id, { name, styles: [], css: noCss, version })
    })
    await timed('palette', '/', async () =>
      saveSiteValues(test.db, { ...(await siteValues(test.db)), pages: 'dark' }),
    )
    await timed('collection', '/field-notes/moved-today', () =>
      setCollectionDeleted(test.db, newest.collection, true),
    )
    await timed('collection back', '/field-notes/moved-today', () =>
      setCollectionDeleted(test.db, newest.collection, false),
    )
    const picture = await test.db
      .selectFrom('entries as e')
      .innerJoin('media as m', 'm.id', 'e.picture_id')
      .selectAll('m')
      .select('e.slug')
      .where('e.collection_id', '=', newest.collection)
      .where('e.status', '=', 'published')
      .executeTakeFirstOrThrow()
    const described = {
      fileName: picture.file_name,
      alternative: 'Seen today',
      credit: '',
      focalX: 0.5,
      focalY: 0.5,
    }
    await timed('file', `/field-notes/${picture.slug}`, () => saveMedia(test.db, picture.id, described))
    console.log(`Until the other server shows it, ms: ${JSON.stringify(lags)}`)
  })

  it('is another when the clock publishes an entry, and when it ends one', async () => {
    await kept('/')
    const at = Date.now() + 1500
    const end = at + 4000
    const entry = await loadEntry(test.db, newest.id)
    const timed = {
      ...entryInputOf(entry),
      title: 'By the clock',
      slug: 'by-the-clock',
      status: 'published' as const,
      publishedAt: at,
      expiresAt: end,
    }
    await addEntry(test.db, newest.collection, timed, writer)
    await vi.waitFor(async () => expect(await kept('/')).toContain('By the clock'), soon)
    expect(Date.now()).toBeGreaterThanOrEqual(at)
    await kept('/field-notes/by-the-clock')
    await vi.waitFor(async () => expect(await kept('/')).not.toContain('By the clock'), soon)
    await vi.waitFor(async () => expect(await kept('/field-notes/by-the-clock')).toMatch(/^404/), soon)
    expect(Date.now()).toBeGreaterThanOrEqual(end)
  })

  it('has the same tag when it is made anew and says the same, and another when it says something else', async () => {
    const tag = async () => {
      const answer = await documents.answer('/plots', none, Date.now())
      return answer.kind === 'document' ? answer.document.etag : null
    }
    const before = await tag()
    await lag('/', () => publish('/orchard', 'Another orchard'))
    const renamed = await tag()
    expect(renamed).not.toBe(before)
    await saveSiteSettings(test.db, { placeholder: 'letter', brokenRules: 'nothing' })
    await vi.waitFor(() => expect(documents.keptNow('/plots', Date.now())).toBeNull(), soon)
    expect(await tag()).toBe(renamed)
  })

  it('is not pushed out by addresses that nobody asked for before, nor is what is not there kept', async () => {
    await kept('/')
    const before = made
    for (let at = 0; at < 50; at += 1) {
      expect(await kept(`/nothing-${at}`)).toMatch(/^404/)
      await kept('/', new URLSearchParams({ words: `word ${at}` }))
    }
    expect(documents.keptNow('/nothing-1', Date.now())).toBeNull()
    const asked = made
    await kept('/')
    expect(made).toBe(asked)
    expect(asked - before).toBe(100)
  })
})
