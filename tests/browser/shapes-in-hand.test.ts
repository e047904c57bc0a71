import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { defaultCard } from '~~/core/cards/card'
import { startApp, visitor } from './support/app'
import type { App } from './support/app'
import { firstListing, firstListingOf, shapeWith } from './support/first-listing'
import type { FirstListing } from './support/first-listing'
import { waitFor } from './support/hands'

let app: App
let publish: FirstListing['publish']
let open: FirstListing['open']
beforeAll(async () => {
  app = await startApp()
  ;({ publish, open } = await firstListingOf(app))
})
afterAll(() => app.stop())

describe('slides', () => {
  /** Which cards are fully in sight, by their places. */
  const inSight = (page: Page) =>
    page.$eval('.slides', (row) => {
      const box = row.getBoundingClientRect()
      return Array.from(row.children).flatMap((item, at) => {
        const own = item.getBoundingClientRect()
        return own.left >= box.left - 1 && own.right <= box.right + 1 ? [at] : []
      })
    })

  it('are moved by arrows, by dots and by keys, and say where they end', async () => {
    const page = await visitor(app)
    await publish(shapeWith('slides'))
    await open(page)
    const group = await waitFor(page, 'group', 'Latest notes')
    expect(await group.evaluate((element) => element.getAttribute('aria-roledescription'))).toBe('slides')
    expect(await inSight(page)).toEqual([0, 1, 2])
    const before = await waitFor(page, 'button', 'Before')
    expect(await before.evaluate((button) => (button as HTMLButtonElement).disabled)).toBe(true)
    await (await waitFor(page, 'button', 'Next')).press('Enter')
    await expect.poll(() => inSight(page)).toEqual([3, 4, 5])
    await (await waitFor(page, 'button', 'Go to 3')).press('Enter')
    await expect.poll(() => inSight(page)).toEqual([4, 5, 6])
    await expect
      .poll(() => page.$eval(`${firstListing} [aria-current]`, (dot) => dot.getAttribute('aria-label')))
      .toBe('Go to 3')
    const row = await page.$('.slides')
    await row?.focus()
    await page.keyboard.press('Home')
    await expect.poll(() => inSight(page)).toEqual([0, 1, 2])
    await page.keyboard.press('ArrowRight')
    await expect.poll(() => inSight(page)).toEqual([3, 4, 5])
    await page.close()
  })

  it('go on from the last to the first where they may, and by one where that is wanted', async () => {
    const page = await visitor(app)
    await publish(shapeWith('slides', { loop: true, step: 'one', direction: 'rtl' }))
    await open(page)
    await (await waitFor(page, 'button', 'Before')).press('Enter')
    await expect.poll(() => inSight(page)).toEqual([4, 5, 6])
    await (await waitFor(page, 'button', 'Next')).press('Enter')
    await expect.poll(() => inSight(page)).toEqual([0, 1, 2])
    await (await waitFor(page, 'button', 'Next')).press('Enter')
    await expect.poll(() => inSight(page)).toEqual([1, 2, 3])
    await page.close()
  })

  it('move by themselves only until somebody stops them, and never where less motion is wanted', async () => {
    await publish(shapeWith('slides', { autoplay: 2 }))
    const page = await visitor(app)
    await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'no-preference' }])
    await open(page)
    const row = () => page.$eval('.slides', (element) => element.getAttribute('aria-live'))
    expect(await row()).toBe('off')
    await expect.poll(() => inSight(page), { timeout: 20_000 }).not.toEqual([0, 1, 2])
    await (await waitFor(page, 'button', 'Stand still')).press('Enter')
    expect(await row()).toBe('polite')
    await waitFor(page, 'button', 'Move on by itself')
    await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }])
    await open(page)
    await waitFor(page, 'button', 'Move on by itself')
    await page.close()
  })
})

describe('tabs and the index', () => {
  const shownTitles = (page: Page) =>
    page.$$eval(`${firstListing} .group:not([hidden]) .title`, (all) =>
      all.map((one) => one.textContent?.trim() ?? ''),
    )
  const chosenTab = (page: Page) =>
    page.$eval(`${firstListing} [role=tab][aria-selected=true]`, (tab) => tab.textContent ?? '')

  it('are walked through with the arrow keys', async () => {
    await publish(shapeWith('tabs', { by: 'entry' }))
    const page = await visitor(app)
    await open(page)
    const tabs = await page.$$eval(`${firstListing} [role=tab]`, (all) =>
      all.map((one) => one.textContent ?? ''),
    )
    expect(tabs).toHaveLength(7)
    expect(await shownTitles(page)).toEqual([tabs[0]])
    await (await page.$(`${firstListing} [role=tab][aria-selected=true]`))?.focus()
    for (const [key, at] of [
      ['ArrowRight', 1],
      ['End', 6],
      ['ArrowRight', 0],
      ['ArrowLeft', 6],
      ['Home', 0],
    ] as const) {
      await page.keyboard.press(key)
      expect(await chosenTab(page), key).toBe(tabs[at])
      expect(await shownTitles(page)).toEqual([tabs[at]])
    }
    // One step of the Tab key leads from the tab to what it shows.
    await page.keyboard.press('Tab')
    expect(await page.evaluate(() => document.activeElement?.getAttribute('role'))).toBe('tabpanel')
    await page.close()
  })

  it('put together what belongs together, and turn with the reading direction', async () => {
    await publish(shapeWith('tabs', { by: 'term', direction: 'rtl' }))
    const page = await visitor(app)
    await open(page)
    const names = await page.$$eval(`${firstListing} [role=tab]`, (all) =>
      all.map((one) => one.textContent ?? ''),
    )
    expect(new Set(names).size).toBe(names.length)
    await (await page.$(`${firstListing} [role=tab][aria-selected=true]`))?.focus()
    await page.keyboard.press('ArrowLeft')
    expect(await chosenTab(page)).toBe(names[1])
    await page.close()
  })

  it('show the chosen entry beside the titles, below them where it is narrow', async () => {
    await publish(shapeWith('index'))
    const page = await visitor(app)
    const boxes = () =>
      page.$$eval(`${firstListing} :is(.tab-list, .group:not([hidden]))`, (all) =>
        all.map((one) => ({ left: one.getBoundingClientRect().left, top: one.getBoundingClientRect().top })),
      )
    await open(page, 1280)
    const [names, preview] = await boxes()
    expect(preview?.left).toBeGreaterThan((names?.left ?? 0) + 200)
    expect(preview?.top).toBeCloseTo(names?.top ?? -1, 0)
    await (await page.$(`${firstListing} [role=tab][aria-selected=true]`))?.focus()
    await page.keyboard.press('ArrowDown')
    expect(await shownTitles(page)).toEqual([await chosenTab(page)])
    await open(page, 390)
    const [narrowNames, narrowPreview] = await boxes()
    expect(narrowPreview?.left).toBe(narrowNames?.left)
    expect(narrowPreview?.top).toBeGreaterThan(narrowNames?.top ?? Infinity)
    await page.close()
  })
})

it('lays a card out beside its picture, with its foot at the end of the row', async () => {
  const parts = [
    { part: 'picture', on: true, ratio: '1:1', share: 30, side: 'end' },
    { part: 'title', on: true, level: 3, zone: 'beside' },
    { part: 'button', on: true, text: 'Read on', form: 'button', titled: true, zone: 'foot' },
  ] as const
  await publish(shapeWith('grid', { stops: [{ from: 0, columns: 2, columnGap: 20, rowGap: 20 }] }), {
    card: { ...defaultCard, parts },
  })
  const page = await visitor(app)
  await open(page)
  const cards = await page.$$eval(`${firstListing} .card`, (all) =>
    all.map((card) => {
      const [box, picture, title, foot] = [
        card,
        card.querySelector('.card-picture'),
        card.querySelector('.title'),
        card.querySelector('.card-foot'),
      ].map((one) => one?.getBoundingClientRect() ?? new DOMRect())
      return {
        share: (picture?.width ?? 0) / (box?.width ?? 1),
        isAfter: (picture?.left ?? 0) > (title?.left ?? 0),
        foot: Math.round((box?.bottom ?? 0) - (foot?.bottom ?? 0)),
      }
    }),
  )
  for (const card of cards)
    expect(card).toEqual({ share: expect.closeTo(0.3, 2) as unknown, isAfter: true, foot: 0 })
  const link = await page.$eval('.way a', (one) => one.textContent)
  expect(link).toMatch(/^Read on: ./)
})
