import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { newFitting } from '~~/core/fittings'
import { documentOfText } from '~~/core/content/rich-text/document'
import { newListing } from '~~/core/listing/definition'
import type { Placement } from '~~/core/pages/definition'
import { withFurniture } from '~~/core/pages/furniture'
import { withBandChanged, withPlacementsAt } from '~~/core/pages/moves'
import { furnitureAddress, furnitureAt, furnitureNames } from '~~/core/pages/shared-address'
import type { FurnitureName } from '~~/core/pages/shared-address'
import { placementsAt, placementsOf, spotsOf } from '~~/core/pages/standing'
import { dependenciesOf } from '~~/server/live/page-dependencies'
import { addEntry } from '~~/server/content/entries'
import { setPageDeleted } from '~~/server/pages/making-pages'
import { editedPage } from '~~/server/pages/pages'
import type { DraftInput } from '~~/server/pages/pages'
import { askingAnew } from '~~/server/listings/ask'
import { draftDocument, publicDocument } from '~~/server/pages/public-document'
import { sharedAreas } from '~~/server/pages/shared-areas'
import { siteMap } from '~~/server/pages/site-map'
import { setUpUsualPage, unmadePages } from '~~/server/pages/usual-pages'
import { rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { handOn } from './support/pages'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let hand: ReturnType<typeof handOn>
let front: number
const now = Date.now()
/** A page made by hand, an entry, a term, everything of a collection, a search, and nothing. */
const addresses = ['/', '/notes/rain', '/topic/soil', '/notes', '/search', '/nowhere']

beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
  hand = handOn(test.db, site.writer)
  const published = { ...rain, slug: 'rain', status: 'published' as const, publishedAt: now - 60_000 }
  await addEntry(test.db, site.collectionId, { ...published, termIds: [site.soil] }, site.writer)
})
afterAll(() => test.drop())
beforeEach(async () => {
  await hand.clear()
  front = await hand.add('Front', '/')
  await hand.publish(front)
})

async function visit(path: string) {
  const answer = await publicDocument(test.db, path, { now, page: null, visit: '' })
  if (answer.status === 301) throw new Error('It has moved.')
  const part = (name: string) => new RegExp(`<${name}[ >].*?</${name}>`, 's').exec(answer.html)?.[0] ?? ''
  return { answer, head: part('header'), foot: part('footer') }
}

const textOf = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

const setUp = (kind: FurnitureName) =>
  setUpUsualPage(test.db, { kind, of: null }, site.writer).then((made) => made.id)

/** Puts something after what stands there. */
async function add(id: number, thing: Placement, listings: DraftInput['listings'] = []): Promise<void> {
  const { page } = await editedPage(test.db, id)
  const spot = spotsOf(page)[0] ?? 'shelf'
  await hand.save(id, withPlacementsAt(page, spot, [...placementsAt(page, spot), thing]), listings)
}

const note = (text: string): Placement => ({
  kind: 'fitting',
  id: randomUUID(),
  heading: '',
  fitting: { ...newFitting('note'), text: documentOfText(text) },
})

async function lastChange() {
  return test.db
    .selectFrom('changes')
    .select(['kind', 'subject_id'])
    .orderBy('id', 'desc')
    .limit(1)
    .executeTakeFirst()
}

describe.each(furnitureNames)('the %s of every page', (kind) => {
  it('says the same when it is set up as it did before, and stands on every kind of page', async () => {
    const before = textOf((await visit('/'))[kind])
    expect(before).not.toBe('')
    const id = await setUp(kind)
    expect((await unmadePages(test.db)).map((one) => one.kind)).not.toContain(kind)
    await hand.publish(id)
    expect(textOf((await visit('/'))[kind])).toBe(before)
    await add(id, note('Come by on Saturday.'))
    expect(textOf((await visit('/'))[kind])).toBe(before)
    await hand.publish(id)
    for (const path of addresses) {
      const { answer, ...parts } = await visit(path)
      expect(answer.status, path).toBe(path === '/nowhere' ? 404 : 200)
      expect(parts[kind], path).toContain('Come by on Saturday.')
      expect(answer.html.match(/Come by on Saturday\./g), path).toHaveLength(1)
    }
  })

  it('tells of every page when it changes, is deleted and put back', async () => {
    const id = await setUp(kind)
    const usual = (await visit('/'))[kind]
    await add(id, note('Once.'))
    await hand.publish(id)
    expect(await lastChange()).toEqual({ kind: 'site', subject_id: null })
    await setPageDeleted(test.db, id, true)
    expect(await lastChange()).toEqual({ kind: 'site', subject_id: null })
    expect((await visit('/'))[kind]).toBe(usual)
    await setPageDeleted(test.db, id, false)
    expect((await visit('/'))[kind]).toContain('Once.')
    await setPageDeleted(test.db, id, true)
    const next = await setUp(kind)
    await hand.publish(next)
    await setPageDeleted(test.db, id, false)
    expect((await visit('/'))[kind]).not.toContain('Once.')
    const { path } = await editedPage(test.db, id)
    expect(furnitureAt(path)).toBeNull()
    expect((await editedPage(test.db, next)).path).toBe(furnitureAddress(kind))
  })

  it('has bands that are told from those of the page: what is set for one is not set for the other', async () => {
    const id = await setUp(kind)
    const { page } = await editedPage(test.db, id)
    const [band] = page.areas.main ?? []
    const own = (await editedPage(test.db, front)).page.areas.main?.[0]?.id
    expect(band?.id).toBe(own)
    const green = { is: 'colour', colour: '#28624a' } as const
    await hand.save(
      id,
      withBandChanged(page, band?.id ?? 0, (one) => ({ ...one, background: green })),
    )
    await hand.publish(id)
    const pageOf = (await editedPage(test.db, front)).page
    await hand.save(front, withPlacementsAt(pageOf, spotsOf(pageOf)[0] ?? 'shelf', [note('Welcome.')]))
    await hand.publish(front)
    const { answer, ...parts } = await visit('/')
    const css = 'css' in answer ? answer.css : ''
    const coloured = Array.from(css.matchAll(/data-band="(\d+)"\][^}]*--ground/g), ([, number]) => number)
    expect(coloured).toHaveLength(1)
    expect(parts[kind]).toContain(`data-band="${coloured[0]}"`)
    expect(/<main.*<\/main>/s.exec(answer.html)?.[0]).not.toContain(`data-band="${coloured[0]}"`)
  })

  it('is seen once while it is drafted, without what is live of it', async () => {
    const id = await setUp(kind)
    const { page } = await editedPage(test.db, id)
    const green = { is: 'colour', colour: '#28624a' } as const
    const band = page.areas.main?.[0]?.id ?? 0
    await hand.save(
      id,
      withBandChanged(page, band, (one) => ({ ...one, background: green })),
    )
    await hand.publish(id)
    const [line] = placementsOf(page)
    const draft = { page, listings: new Map(), path: furnitureAddress(kind) }
    const html = await draftDocument(test.db, askingAnew(test.db), draft, { now, page: null, visit: '' })
    expect(html.split(`data-placement="${line?.id}"`)).toHaveLength(2)
    expect(html.includes(kind === 'head' ? '<header' : '<footer')).toBe(false)
    expect(html).not.toContain('--ground:')
  })

  it('leads through its longer listings page by page, where it stands', async () => {
    const listing = randomUUID()
    const id = await setUp(kind)
    const titles = ['Hail', 'Snow', 'Sleet']
    for (const [at, title] of titles.entries()) {
      const published = { status: 'published' as const, publishedAt: now - 120_000 * (at + 1) }
      const input = { ...rain, title, slug: `${title}-${kind}`.toLowerCase(), ...published }
      await addEntry(test.db, site.collectionId, input, site.writer)
    }
    const all = newListing('Weather', site.collectionId)
    const definition = { ...all, amount: { ...all.amount, take: 'all' as const, perPage: 1 } }
    const placed: Placement = { kind: 'listing', id: randomUUID(), listing, heading: '' }
    await add(id, placed, [{ id: listing, version: 0, definition }])
    await hand.publish(id)
    const first = (await visit('/'))[kind]
    expect(first).toContain('/notes/rain')
    const next = /href="([^"]*\.after=[^"]*)"/.exec(first)?.[1]?.replaceAll('&amp;', '&') ?? ''
    const query = new URLSearchParams(next.slice(next.indexOf('?')).replace(/#.*/, ''))
    const asked = { now, page: null, visit: '' }
    const second = await publicDocument(test.db, '/', asked, undefined, query)
    const part = kind === 'head' ? 'header' : 'footer'
    const shown = new RegExp(`<${part}.*</${part}>`, 's').exec('html' in second ? second.html : '')?.[0]
    expect(shown).toContain('Hail')
    expect(shown).not.toContain('href="/notes/rain"')
  })

  it('is set up once by two who do so at the same moment', async () => {
    const [one, other] = await Promise.all([setUp(kind), setUp(kind)])
    expect(one).toBe(other)
    expect(await sharedAreas(test.db)).toHaveLength(1)
  })

  it('is left out of a page that is without it, by hand and of each entry, and of no other', async () => {
    const ofEach = (await setUpUsualPage(test.db, { kind: 'entry', of: site.collectionId }, site.writer)).id
    for (const id of [front, ofEach]) {
      const { page } = await editedPage(test.db, id)
      await hand.save(id, withFurniture(page, kind, false))
      await hand.publish(id)
    }
    for (const [path, isThere] of [
      ['/', false],
      ['/notes/rain', false],
      ['/notes', true],
      ['/nowhere', true],
    ] as const) {
      const { head, foot } = await visit(path)
      expect([head !== '', foot !== ''], path).toEqual([
        kind === 'foot' || isThere,
        kind === 'head' || isThere,
      ])
    }
  })

  it('is known by what its listings ask, and is no page to go to', async () => {
    const id = await setUp(kind)
    const listing = randomUUID()
    const placed: Placement = { kind: 'listing', id: randomUUID(), listing, heading: 'Newest' }
    const definition = newListing('Newest', site.collectionId)
    await add(id, placed, [{ id: listing, version: 0, definition }])
    await hand.publish(id)
    const { answer, ...parts } = await visit('/')
    expect(parts[kind]).toContain('href="/notes/rain"')
    expect(answer).toMatchObject({ dependence: { collections: [site.collectionId] } })
    expect((await dependenciesOf(test.db, front)).listings.map((one) => one.name)).toEqual(['Newest'])
    expect('css' in answer && answer.css).toContain(placed.id)
    expect(JSON.stringify(await siteMap(test.db, 'https://example.org', null, now))).not.toContain('site-')
    expect(await sharedAreas(test.db)).toMatchObject([{ id, isOnEvery: true, pages: [] }])
  })

  it('gives an anchor to one thing of a page, whatever says it too: to the page’s own, then at its head', async () => {
    const [head, foot] = [await setUp('head'), await setUp('foot')]
    const named = (text: string): Placement => ({ ...note(text), anchor: 'here' })
    for (const [id, text] of [
      [front, 'On the page'],
      [head, 'At the head'],
      [foot, 'At the foot'],
    ] as const) {
      await add(id, named(text))
      await hand.publish(id)
    }
    const owners = async (path: string) => {
      const { answer, head: top, foot: bottom } = await visit(path)
      const count = (html: string) => html.split(' id="here"').length - 1
      return [count(answer.html), count(top), count(bottom)]
    }
    expect(await owners('/')).toEqual([1, 0, 0])
    expect(await owners('/notes/rain')).toEqual([1, 1, 0])
  })
})
