import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { listingsStandingOn, placementsAt } from '~~/core/pages/standing'
import { readPage } from '~~/server/pages/stored-page'
import { inBench, openCollection, pageDraft, signedIn, startApp } from './support/app'
import type { App } from './support/app'
import { drag, press, waitFor, waitForStatus } from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** What has the focus, as a screen reader names it. */
const focused = (page: Page) =>
  page.evaluate(
    () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '',
  )
const announced = (page: Page) =>
  page.$eval('[aria-live=polite].unseen', (told) => told.textContent?.trim() ?? '')

/** The names of what can be moved, from top to bottom. */
function order(page: Page): Promise<readonly string[]> {
  return page.$$eval('[data-move]', (all) =>
    all.map((one) => /^Move (.*): arrow keys$/.exec(one.getAttribute('aria-label') ?? '')?.[1] ?? ''),
  )
}

/** Presses a key on a handle and waits until what it moves stands elsewhere, with the focus on it and said aloud. */
async function moves(
  page: Page,
  name: string,
  key: 'ArrowUp' | 'ArrowDown' | 'ArrowRight',
  place: string,
): Promise<void> {
  await page.keyboard.press(key)
  await expect.poll(() => announced(page), { timeout: 15_000 }).toBe(`${name}: ${place}`)
  expect(await focused(page)).toBe(`Move ${name}: arrow keys`)
}

async function focusHandle(page: Page, name: string): Promise<void> {
  await (await waitFor(page, 'button', `Move ${name}: arrow keys`)).focus()
}

describe('what is moved by keys keeps the focus, and where it stands is said', () => {
  it('for the listings of a page', async () => {
    const page = await inBench(app, 'From the hill')
    await waitFor(page, 'button', 'Latest notes 6')
    await focusHandle(page, 'Latest notes')
    await moves(page, 'Latest notes', 'ArrowDown', 'place 2 of 3, Main, band 1')
    await moves(page, 'Latest notes', 'ArrowDown', 'place 3 of 3, Main, band 1')
    await moves(page, 'Latest notes', 'ArrowUp', 'place 2 of 3, Main, band 1')
    const side = (await page.$$('section[aria-label=Side] li')).length
    for (const place of [
      'place 3 of 3, Main, band 2, column 1',
      'place 2 of 2, Main, band 2, column 2',
      `place ${side + 1} of ${side + 1}, Side`,
    ])
      await moves(page, 'Latest notes', 'ArrowRight', place)
    await waitForStatus(page, 'Saved')
    await page.close()
  })

  it('for what a listing is ordered by', async () => {
    const page = await inBench(app, 'Plots')
    await press(page, 'button', 'All plots 20')
    await page.keyboard.press('2')
    await press(page, 'button', 'Add another')
    await expect.poll(async () => (await order(page)).length).toBeGreaterThan(1)
    const rows = () =>
      page.$$eval('ol [data-move]', (all) => all.map((one) => one.getAttribute('aria-label') ?? ''))
    const [first = ''] = await rows()
    const name = /^Move (.*): arrow keys$/.exec(first)?.[1] ?? ''
    await focusHandle(page, name)
    await moves(page, name, 'ArrowDown', 'place 2 of 2')
    await moves(page, name, 'ArrowUp', 'place 1 of 2')
    await page.close()
  })

  it('for the fields of a collection, when the server has answered', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Seed shelf')
    await press(page, 'link', 'Set up')
    await waitFor(page, 'heading', 'Seed shelf: set up')
    await expect.poll(async () => (await order(page)).length).toBeGreaterThan(2)
    const [name = '', , ...others] = await order(page)
    await focusHandle(page, name)
    await moves(page, name, 'ArrowDown', `place 2 of ${others.length + 2}`)
    await moves(page, name, 'ArrowDown', `place 3 of ${others.length + 2}`)
    await page.close()
  })
})

describe('what is dragged by its handle comes to lie there', () => {
  it('for the listings of a page, from the main area to the side', async () => {
    const page = await inBench(app, 'Orchard')
    await waitFor(page, 'button', 'Orchard notes 6')
    const side = await page.waitForSelector('section[aria-label=Side] ul')
    if (side === null) throw new Error('There is no side.')
    const there = () =>
      page.$$eval('section[aria-label=Side] .choose', (all) =>
        all.some((one) => one.textContent?.includes('Orchard notes')),
      )
    await drag(page, 'Move Orchard notes: arrow keys', side, there)
    await waitForStatus(page, 'Saved')
    const { draft } = await app.db
      .selectFrom('pages')
      .select('draft')
      .where('path', '=', '/orchard')
      .executeTakeFirstOrThrow()
    const names = await app.db.selectFrom('listings').select(['id', 'draft']).execute()
    const inSide = listingsStandingOn(readPage(draft)).filter((one) => one.area.name === 'side')
    expect(
      inSide.map(({ placement }) => names.find(({ id }) => id === placement.listing)?.draft.name),
    ).toContain('Orchard notes')
    await page.close()
  })

  it('for a listing, to another band and to the shelf', async () => {
    const page = await inBench(app, 'From the hill', { width: 1280, height: 1000 })
    const lies = (place: string) => () =>
      page.$$eval(`[aria-label="${place}"] .choose`, (all) =>
        all.some((one) => one.textContent?.includes('Over the gate')),
      )
    for (const [place, spot] of [
      ['Main, band 2, column 1', '3/0'],
      ['Shelf', 'shelf'],
    ] as const) {
      const list = await page.waitForSelector(`[aria-label="${place}"] ul`)
      if (list === null) throw new Error('There is no such place.')
      await drag(page, 'Move Over the gate: arrow keys', list, lies(place))
      await waitForStatus(page, 'Saved')
      const draft = await pageDraft(app, '/')
      const names = await app.db.selectFrom('listings').select(['id', 'draft']).execute()
      const there = placementsAt(draft, spot).map(
        (one) => one.kind === 'listing' && names.find(({ id }) => id === one.listing)?.draft.name,
      )
      expect(there, place).toContain('Over the gate')
    }
    await page.close()
  })
})
