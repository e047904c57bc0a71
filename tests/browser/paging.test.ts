import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { defaultAmount } from '~~/core/listing/amount'
import { defaultPaging } from '~~/core/listing/paging'
import { asPublished, framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { firstListing, firstListingOf, shapeWith } from './support/first-listing'
import { fill, pick, press, publish, setNumber, waitFor, waitForStatus, waitForText } from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const main = '[data-area=main] [data-placement]:last-of-type'
const entriesIn = (page: Page, within: string) =>
  page.$$eval(`${within} [data-entry]`, (all) =>
    all.filter((one) => one.checkVisibility()).map((one) => one.getAttribute('data-entry')),
  )

/** Follows a link of the page by the mouse, or by the keys from where that finds it. */
async function follow(page: Page, hand: string, name: string): Promise<void> {
  if (hand === 'mouse') return press(page, 'link', name)
  await (await waitFor(page, 'link', name)).press('Enter')
}

/** The same where it leads to another page. */
async function goTo(page: Page, hand: string, name: string): Promise<void> {
  await Promise.all([page.waitForNavigation(), follow(page, hand, name)])
}

describe.each(['mouse', 'keys'])('a longer listing is gone through by the %s', (hand) => {
  it('page by page, back, and by its numbers, each page with what no other has', async () => {
    const page = await visitor(app)
    await page.goto(`${app.address}/field-notes`)
    const first = await entriesIn(page, main)
    expect(first).toHaveLength(12)
    const walked = [...first]
    for (let number = 2; number <= 5; number += 1) {
      await goTo(page, hand, 'Next page')
      walked.push(...(await entriesIn(page, main)))
      expect(await page.$eval('.listing-pages [aria-current]', (one) => one.textContent)).toBe(String(number))
    }
    expect(new Set(walked).size).toBe(walked.length)
    expect(await violations(page)).toEqual([])
    await goTo(page, hand, 'Previous page')
    expect(await entriesIn(page, main)).toEqual(walked.slice(36, 48))
    await goTo(page, hand, 'Page 1')
    expect(await entriesIn(page, main)).toEqual(first)
    await goTo(page, hand, 'Page 5')
    expect(new URL(page.url()).search).toBe('?all-notes.page=5')
    expect(await entriesIn(page, main)).toEqual(walked.slice(48))
    await page.close()
  })

  it('by adding to what stands, at an address that brings as much, and back', async () => {
    const page = await visitor(app)
    await page.goto(`${app.address}/plots`)
    const few = await entriesIn(page, main)
    expect(few).toHaveLength(6)
    await waitForText(page, main, '6 of 20')
    await follow(page, hand, '6 more')
    await waitForText(page, `${main} nav [role=status]`, '12 of 20')
    expect(new URL(page.url()).search).toBe('?shown=12')
    expect(await page.evaluate(() => document.activeElement?.textContent)).toBe('6 more')
    const more = await entriesIn(page, main)
    expect(more.slice(0, 6)).toEqual(few)
    expect(new Set(more).size).toBe(12)
    expect(await violations(page)).toEqual([])

    const shared = await visitor(app, { script: false })
    await shared.goto(page.url())
    expect(await entriesIn(shared, main)).toEqual(more)
    await Promise.all([shared.waitForNavigation(), (await waitFor(shared, 'link', '6 more')).click()])
    await Promise.all([shared.waitForNavigation(), (await waitFor(shared, 'link', '2 more')).click()])
    expect(await entriesIn(shared, main)).toHaveLength(20)
    expect(await shared.$$('.listing-pages')).toHaveLength(0)
    await shared.close()

    await page.goBack()
    await expect.poll(() => entriesIn(page, main)).toEqual(few)
    await page.close()
  })
})

describe('a longer listing', () => {
  it('says what of its address means nothing, and shows its last page where there are fewer', async () => {
    const page = await visitor(app, { script: false })
    await page.goto(`${app.address}/field-notes?page=999`)
    const last = await entriesIn(page, main)
    expect(last.length).toBeGreaterThan(0)
    expect(await page.$eval('.listing-pages [aria-current]', (one) => one.textContent)).toBe('5')
    await page.goto(`${app.address}/field-notes?page=last`)
    await waitForText(page, main, 'There is nothing called “last” to choose here.')
    expect(await entriesIn(page, main)).toHaveLength(12)
    await page.close()
  })

  it('goes on from the page that an address names', async () => {
    const { publish: put } = await firstListingOf(app)
    const paging = { ...defaultPaging, kind: 'more' } as const
    await put(shapeWith('grid'), { amount: { ...defaultAmount, take: 'all', perPage: 6, paging } })
    const page = await visitor(app, { script: false })
    await page.goto(`${app.address}/?shown=18`)
    const whole = await entriesIn(page, firstListing)
    expect(whole).toHaveLength(18)
    await page.goto(`${app.address}/?page=2`)
    expect(await entriesIn(page, firstListing)).toEqual(whole.slice(6, 12))
    await Promise.all([page.waitForNavigation(), page.click(`${firstListing} .pages-more`)])
    expect(await entriesIn(page, firstListing)).toEqual(whole.slice(6, 18))
    await page.close()
  })

  it('adds to itself as its end is reached, up to a point, so that the foot is reached', async () => {
    const { publish: put, open } = await firstListingOf(app)
    const paging = { ...defaultPaging, kind: 'endless', pages: 3 } as const
    await put(shapeWith('grid'), { amount: { ...defaultAmount, take: 'all', perPage: 6, paging } })
    const page = await visitor(app)
    await open(page)
    const first = await entriesIn(page, firstListing)
    const reach = () => page.$eval('.pages-more', (link) => link.scrollIntoView())
    // Where what was added leaves the end in sight, more comes at once.
    for (const count of [12, 18]) {
      await reach()
      await page.waitForFunction(
        (shown) => Number(new URLSearchParams(location.search).get('shown')) >= shown,
        {},
        count,
      )
    }
    await expect.poll(async () => (await entriesIn(page, firstListing)).length).toBe(18)
    await reach()
    await page.$eval('.site > footer', (foot) => foot.scrollIntoView())
    await waitForText(page, firstListing, '18 of ')
    const all = await entriesIn(page, firstListing)
    expect(all.slice(0, 6)).toEqual(first)

    const [title] = await page.$$(`${firstListing} [data-entry]:nth-child(15) a`)
    await Promise.all([page.waitForNavigation(), title?.press('Enter')])
    await page.goBack()
    await expect.poll(() => entriesIn(page, firstListing)).toEqual(all)
    await press(page, 'link', '6 more')
    await waitForText(page, firstListing, '24 of ')
    await page.close()
  })

  it('shows all of a page where it is so narrow that it shows less, once that is asked for', async () => {
    const { publish: put, open } = await firstListingOf(app)
    const paging = { ...defaultPaging, kind: 'numbers' } as const
    const amount = {
      ...defaultAmount,
      take: 'all',
      perPage: 6,
      paging,
      stops: [{ below: 600, take: 2 }],
    } as const
    await put(shapeWith('grid'), { amount })
    const page = await visitor(app)
    await open(page, 500)
    expect(await entriesIn(page, firstListing)).toHaveLength(2)
    await goTo(page, 'mouse', 'Next page')
    expect(await entriesIn(page, firstListing)).toHaveLength(2)
    await press(page, 'link', 'All 6 of this page')
    await expect.poll(async () => (await entriesIn(page, firstListing)).length).toBe(6)
    await page.close()
  })
})

it('is set how a longer listing is gone through, in own words, seen on the page at once', async () => {
  await asPublished(app, 'All plots')
  const page = await inBench(app, 'Plots', { width: 1280, height: 900 })
  await page.locator('::-p-text(All plots)').click()
  await waitForText(page, '[aria-label=Tally]', 'shown')
  const sentence = '[aria-label="The listing in words"]'
  await press(page, 'button', 'How many: 120, 6 more at each press')
  const frame = await framed(page)
  await fill(page, 'On what adds more', 'Show me more beds')
  await frame.waitForFunction(
    () => document.querySelector('.pages-more')?.textContent === 'Show me more beds',
  )
  await pick(page, 'Those that follow', 'Numbered pages')
  await waitForText(page, sentence, '120 in numbered pages of 6')
  await frame.waitForSelector('.pages-numbers')
  await setNumber(page, 'On each page', 9)
  await waitForText(page, sentence, '120 in numbered pages of 9')
  await pick(page, 'Those that follow', 'Pages to turn')
  await fill(page, 'On what leads on', 'More beds')
  await frame.waitForFunction(() => document.querySelector('.pages-turn')?.textContent === 'More beds')
  expect(await violations(page)).toEqual([])
  await waitForStatus(page, 'Saved')
  await publish(page)
  await waitForText(page, 'body', '“Plots” is live.')
  const live = await visitor(app)
  await live.goto(`${app.address}/plots`)
  await goTo(live, 'mouse', 'More beds')
  expect(await entriesIn(live, main)).toHaveLength(9)
  await live.close()
  await pick(page, 'Those that follow', 'Left out')
  await waitForText(page, sentence, '120 of them')
  await page.close()
})
