import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { isPlainAddress } from '~~/core/pages/shared-address'
import { entryInputOf } from '~~/core/content/entry-input'
import type { EntryInput } from '~~/core/content/entry-input'
import { addEntry, loadEntry, saveEntry } from '~~/server/content/entries'
import { startApp, visitor } from './support/app'
import type { App } from './support/app'
import { waitForStillness } from './support/hands'

/** Layout shift as browsers measure it (Layout Instability, W3C draft): each shift with what moved. */
interface Shift {
  readonly value: number
  readonly moved: readonly string[]
}

let app: App
let writer: { readonly id: string }
let paths: readonly string[]
beforeAll(async () => {
  app = await startApp()
  writer = await app.db.selectFrom('accounts').select('id').executeTakeFirstOrThrow()
  const pages = await app.db
    .selectFrom('pages')
    .select('path')
    .where('published', 'is not', null)
    .orderBy('position')
    .execute()
  const entries = await app.db
    .selectFrom('entry_index as i')
    .innerJoin('collections as c', 'c.id', 'i.collection_id')
    .innerJoin('entries as e', 'e.id', 'i.entry_id')
    .select(['c.address', 'e.slug'])
    .where('i.published_at', '<=', new Date())
    .distinctOn('c.id')
    .execute()
  paths = [
    ...pages.map((page) => page.path).filter(isPlainAddress),
    ...entries
      .map(({ address, slug }) => address.replace('{slug}', slug))
      .filter((path) => !path.includes('{')),
  ]
})
afterAll(() => app.stop())

/** A page that notes every shift from its beginning on. */
async function watched(width: number, height: number): Promise<Page> {
  const page = await visitor(app)
  await page.setViewport({ width, height })
  await page.evaluateOnNewDocument(() => {
    const shifts: Shift[] = []
    Object.assign(globalThis, { shifts })
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as (PerformanceEntry & {
        value: number
        sources: { node: Node | null }[]
      })[])
        shifts.push({
          value: entry.value,
          moved: entry.sources.map(
            ({ node }) => `${node?.nodeName ?? ''} ${node?.textContent?.slice(0, 40) ?? ''}`,
          ),
        })
    }).observe({ type: 'layout-shift', buffered: true })
  })
  return page
}

/** The shifts so far, once what was drawn last has been looked at. */
async function shiftsOf(page: Page): Promise<readonly Shift[]> {
  await waitForStillness(page)
  return page.evaluate(async () => {
    for (let frames = 0; frames < 2; frames += 1)
      await new Promise((resolve) => requestAnimationFrame(resolve))
    return (globalThis as unknown as { shifts: Shift[] }).shifts
  })
}

/** Goes to the end of the page and back as somebody who reads it does, a part of a window at a time. */
async function scrollThrough(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const frames = async () => {
      for (let frame = 0; frame < 3; frame += 1)
        await new Promise((resolve) => requestAnimationFrame(resolve))
    }
    const step = innerHeight / 3
    for (let top = 0; top < document.documentElement.scrollHeight; top += step) {
      scrollTo({ top, behavior: 'instant' })
      await frames()
    }
    for (let top = scrollY; top > 0; top -= step) {
      scrollTo({ top, behavior: 'instant' })
      await frames()
    }
  })
}

describe('a public page', () => {
  it('is measured: what is put above a text is seen to move it', async () => {
    const page = await watched(1280, 900)
    await page.goto(`${app.address}/`, { waitUntil: 'networkidle2' })
    await page.evaluate(() => {
      const block = document.createElement('div')
      block.textContent = 'Something'
      block.style.setProperty('height', '120px')
      document.getElementById('content')?.prepend(block)
    })
    expect((await shiftsOf(page)).reduce((sum, shift) => sum + shift.value, 0)).toBeGreaterThan(0.01)
    await page.close()
  })

  it.each([
    [1280, 900],
    [390, 800],
  ])('stays where it is while it loads and while it is read, at %i × %i', async (width, height) => {
    expect(paths.length).toBeGreaterThan(15)
    const found: Record<string, readonly Shift[]> = {}
    for (const path of paths) {
      // Each as somebody's first page of the site: nothing is kept from the one before.
      const page = await watched(width, height)
      await page.goto(app.address + path)
      // The stream of changes stays open, so that the line is never quite idle.
      await page.waitForNetworkIdle({ idleTime: 200, concurrency: 2 })
      await scrollThrough(page)
      const shifts = await shiftsOf(page)
      if (shifts.length > 0) found[path] = shifts
      await page.browserContext().close()
    }
    expect(found).toEqual({})
  })

  it.each(['/', '/field-notes', '/gardens-we-made', '/growers-words', '/our-years', '/lessons'])(
    'lets what moves glide to its place when an entry comes, changes and goes: %s',
    async (path) => {
      const page = await watched(1280, 900)
      await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'no-preference' }])
      const heard = page.waitForRequest((request) => request.url().includes('/live'))
      await page.goto(app.address + path, { waitUntil: 'networkidle2' })
      await heard
      const first = await page.$eval('[data-area=main] [data-entry]', (card) =>
        // What stands on one of its dates is named by entry and date.
        parseInt((card as HTMLElement).dataset.entry ?? '', 10),
      )
      const shown = await loadEntry(app.db, first)
      const change: EntryInput = {
        ...entryInputOf(shown),
        title: 'Come in between',
        slug: `come-in-between-${first}-${path.length}`,
        publishedAt: Date.now() - 1000,
      }
      const titles = () =>
        page.$$eval('[data-area=main] [data-entry] .title', (all) =>
          all.map((one) => one.textContent?.trim()),
        )
      const added = await addEntry(app.db, shown.collectionId, change, writer)
      await expect.poll(titles, { timeout: 20_000 }).toContain('Come in between')
      const longer = 'Changed to a title that takes a good deal more room than the one before'
      const changed = await saveEntry(app.db, added.id, added.version, { ...change, title: longer }, writer)
      await expect.poll(titles, { timeout: 20_000 }).toContain(longer)
      await page.evaluate(() => scrollTo({ top: 400, behavior: 'instant' }))
      await saveEntry(
        app.db,
        added.id,
        changed.version,
        { ...change, title: longer, status: 'archived' },
        writer,
      )
      await expect.poll(titles, { timeout: 20_000 }).not.toContain(longer)
      expect(await shiftsOf(page)).toEqual([])
      await page.close()
    },
  )
})
