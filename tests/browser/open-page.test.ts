import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { entryInputOf } from '~~/core/content/entry-input'
import type { EditedEntry } from '~~/core/content/answers'
import { loadEntry, saveEntry } from '~~/server/content/entries'
import { startApp, visitor } from './support/app'
import type { App } from './support/app'
import { firstListing, firstListingOf, shapeWith } from './support/first-listing'
import type { FirstListing } from './support/first-listing'
import { waitFor } from './support/hands'

let app: App
let publish: FirstListing['publish']
let writer: { readonly id: string }
beforeAll(async () => {
  app = await startApp()
  ;({ publish } = await firstListingOf(app))
  writer = await app.db.selectFrom('accounts').select('id').executeTakeFirstOrThrow()
})
afterAll(() => app.stop())

/** A visitor's page that hears of changes. */
async function listening(): Promise<Page> {
  const page = await visitor(app)
  await page.setViewport({ width: 1280, height: 900 })
  await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }])
  const heard = page.waitForRequest((request) => request.url().includes('/live'))
  await page.goto(`${app.address}/`)
  await heard
  return page
}

/** The entry at a place of the first listing, as writers have it. */
async function entryAt(page: Page, at: number): Promise<EditedEntry> {
  const ids = await page.$$eval(`${firstListing} [data-entry]`, (all) =>
    all.map((one) => Number((one as HTMLElement).dataset.entry)),
  )
  return loadEntry(app.db, ids[at] ?? 0)
}

/**
 * Changes an entry while a page lies open, waits until the page shows it, and puts it back after
 * what is done with it.
 */
async function whileChanged(
  page: Page,
  entry: EditedEntry,
  change: Partial<EditedEntry>,
  look: (title: string) => Promise<void>,
): Promise<void> {
  const saved = await saveEntry(
    app.db,
    entry.id,
    entry.version,
    entryInputOf({ ...entry, ...change }),
    writer,
  )
  const titles = () =>
    page.$$eval(`${firstListing} .title`, (all) => all.map((one) => one.textContent?.trim()))
  await expect.poll(titles, { timeout: 20_000 }).toContain(saved.title)
  await look(saved.title)
  await saveEntry(app.db, entry.id, saved.version, entryInputOf(entry), writer)
  await expect.poll(titles, { timeout: 20_000 }).toContain(entry.title)
}

/** What has the focus: its words, or where it leads. */
const focused = (page: Page) =>
  page.evaluate(
    () => document.activeElement?.getAttribute('href') ?? document.activeElement?.textContent?.trim(),
  )

describe('an open page that changes', () => {
  it('leaves slides where they are, and their dots and arrows at work', async () => {
    await publish(shapeWith('slides', { autoplay: 20 }))
    const page = await listening()
    const left = () => page.$eval('.slides', (row) => Math.round(row.scrollLeft))
    await (await waitFor(page, 'button', 'Go to 3')).press('Enter')
    await expect.poll(left).toBeGreaterThan(100)
    const [there, dots] = [await left(), await page.$$eval('.slides-dots button', (all) => all.length)]
    await (await waitFor(page, 'button', 'Before')).focus()
    await whileChanged(
      page,
      await entryAt(page, 1),
      { title: 'A title of another length altogether' },
      async () => {
        expect(await left()).toBe(there)
        expect(await page.evaluate(() => document.activeElement?.getAttribute('aria-label'))).toBe('Before')
        expect(await page.$$eval('.slides-dots button', (all) => all.length)).toBe(dots)
        await (await waitFor(page, 'button', 'Go to 1')).press('Enter')
        await expect.poll(left).toBe(0)
        await (await waitFor(page, 'button', 'Next')).press('Enter')
        await expect.poll(left).toBeGreaterThan(100)
        await waitFor(page, 'button', 'Move on by itself')
      },
    )
    await page.close()
  })

  it.each(['tabs', 'index'] as const)(
    'keeps the chosen tab and the focus, also when the tab gets another name: %s',
    async (name) => {
      await publish(shapeWith(name, name === 'tabs' ? { by: 'entry' } : {}))
      const page = await listening()
      const chosen = () =>
        page.$eval(`${firstListing} [role=tab][aria-selected=true]`, (tab) => tab.textContent?.trim())
      const panels = () =>
        page.$$eval(`${firstListing} .group`, (all) =>
          all
            .filter((one) => one.getClientRects().length > 0)
            .map((one) => one.querySelector('.title')?.textContent?.trim()),
        )
      await (await page.$(`${firstListing} [role=tab][aria-selected=true]`))?.focus()
      for (const key of ['ArrowDown', 'ArrowDown'] as const) await page.keyboard.press(key)
      const entry = await entryAt(page, 2)
      expect(await chosen()).toBe(entry.title)
      await whileChanged(page, entry, { title: 'Called otherwise by now' }, async (title) => {
        expect([await chosen(), await focused(page), await panels()]).toEqual([title, title, [title]])
        await page.keyboard.press('ArrowUp')
        expect(await chosen()).toBe((await entryAt(page, 1)).title)
        await page.keyboard.press('ArrowDown')
        // What the tab shows may have the focus, too.
        await page.keyboard.press('Tab')
      })
      expect(await page.evaluate(() => document.activeElement?.getAttribute('role'))).toBe('tabpanel')
      expect(await panels()).toEqual([entry.title])
      await page.close()
    },
  )

  it.each(['grid', 'masonry', 'list', 'grouped', 'table'] as const)(
    'leaves the focus with its entry when another comes before it: %s',
    async (name) => {
      await publish(shapeWith(name, name === 'grouped' ? { by: 'month' } : {}))
      const page = await listening()
      const later = await entryAt(page, 4)
      const links = await page.$$(`${firstListing} .title a`)
      await links[2]?.focus()
      const before = await focused(page)
      expect(before).toMatch(/^\//)
      await whileChanged(
        page,
        later,
        { title: 'Now the first', publishedAt: Date.now() - 60_000 },
        async (title) => {
          expect(await page.$eval(`${firstListing} .title`, (first) => first.textContent?.trim())).toBe(title)
          expect(await focused(page)).toBe(before)
        },
      )
      await page.close()
    },
  )

  it.each([
    ['masonry', 'grid'],
    ['tabs', 'grouped'],
    ['slides', 'grouped'],
    ['slides', 'tabs'],
    ['masonry', 'list'],
    ['index', 'tabs'],
  ] as const)(
    'becomes another shape, with nothing left of what the first one set: %s, then %s',
    async (from, to) => {
      await publish(shapeWith(from))
      const [page, fresh] = [await listening(), await visitor(app)]
      /** Where titles that are seen stand, and what the script set. */
      const laidOut = (one: Page) =>
        one.$eval(firstListing, (placement) => ({
          tops: Array.from(placement.querySelectorAll('.title'), (title) =>
            Math.round(title.getBoundingClientRect().top + scrollY),
          ),
          set: ['.driven', '[role=tabpanel]', '[role=group]', '[hidden]', '[style]'].map(
            (what) => placement.querySelectorAll(`.listing ${what}`).length,
          ),
        }))
      await page.waitForSelector(`${firstListing} .driven`)
      await publish(shapeWith(to))
      await whileChanged(page, await entryAt(page, 0), { title: `Seen as ${to}` }, async () => {
        await fresh.setViewport({ width: 1280, height: 900 })
        await fresh.goto(`${app.address}/`)
        await expect.poll(() => laidOut(page)).toEqual(await laidOut(fresh))
      })
      await Promise.all([page.close(), fresh.close()])
    },
  )
})
