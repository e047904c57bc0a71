import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { asPublished, framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { entryInputOf } from '~~/core/content/entry-input'
import { addEntry, loadEntry } from '~~/server/content/entries'
import { drag, pickBy, setNumber, turn, waitFor, waitForText } from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const title = (page: Page) => page.$eval('.calendar-title', (one) => one.textContent)
/** The day that has the focus; null where none has. */
const dayHeld = (page: Page) => page.evaluate(() => document.activeElement?.getAttribute('data-day') ?? null)
const pressed = async (page: Page, name: string) => {
  const link = await page.waitForSelector(`.calendar ::-p-aria([name="${name}"][role="link"])`)
  await link?.click()
}
/** A month so many after this one, as the calendar is titled. */
const month = (after: number) => {
  const now = new Date()
  return new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    Date.UTC(now.getUTCFullYear(), now.getUTCMonth() + after, 1),
  )
}

async function opened(path = '/swap-days', width = 1280): Promise<Page> {
  const page = await visitor(app)
  await page.setViewport({ width, height: 900 })
  await page.goto(`${app.address}${path}`)
  await page.waitForSelector('.calendar.driven')
  return page
}

it('is turned by its links without leaving the page, each month with an address, Back to the one before', async () => {
  const page = await opened()
  await page.evaluate(() => document.body.setAttribute('data-stays', ''))
  expect(await title(page)).toBe(month(0))
  await pressed(page, month(1))
  await expect.poll(() => title(page)).toBe(month(1))
  const address = page.url()
  await pressed(page, month(2))
  await expect.poll(() => title(page)).toBe(month(2))
  await page.evaluate(() => history.back())
  await expect.poll(() => title(page)).toBe(month(1))
  expect(page.url()).toBe(address)
  expect(await page.$eval('body', (body) => body.hasAttribute('data-stays'))).toBe(true)
  await pressed(page, 'Today')
  await expect.poll(() => title(page)).toBe(month(0))
  const other = await opened(address.slice(app.address.length))
  expect(await title(other)).toBe(month(1))
  await page.close()
  await other.close()
})

it('is a grid of one stop that is walked by keys, and turned where they leave it', async () => {
  const page = await opened('/swap-days?at=x')
  expect(await page.$$eval('.calendar td[tabindex="0"]', (all) => all.length)).toBe(1)
  await page.focus('.calendar td[tabindex="0"]')
  const today = await dayHeld(page)
  const from = (days: number) =>
    new Date(Date.parse(today ?? '') + days * 86_400_000).toISOString().slice(0, 10)
  await page.keyboard.press('PageDown')
  await expect.poll(() => title(page)).toBe(month(1))
  await expect.poll(() => dayHeld(page)).not.toBeNull()
  await page.keyboard.press('PageUp')
  await expect.poll(() => title(page)).toBe(month(0))
  await expect.poll(() => dayHeld(page)).not.toBeNull()
  const held = (await dayHeld(page)) ?? ''
  const step = async (key: 'ArrowRight' | 'ArrowLeft' | 'ArrowDown' | 'ArrowUp', days: number) => {
    const before = Date.parse((await dayHeld(page)) ?? '')
    await page.keyboard.press(key)
    const wanted = new Date(before + days * 86_400_000).toISOString().slice(0, 10)
    await expect.poll(() => dayHeld(page)).toBe(wanted)
  }
  for (let week = 0; week < 6; week += 1) await step('ArrowDown', 7)
  expect(await title(page)).not.toBe(month(0))
  for (let week = 0; week < 6; week += 1) await step('ArrowUp', -7)
  await step('ArrowRight', 1)
  await step('ArrowLeft', -1)
  expect(await dayHeld(page)).toBe(held)
  await page.keyboard.press('Home')
  const monday = await dayHeld(page)
  await page.keyboard.press('End')
  const days = (Date.parse((await dayHeld(page)) ?? '') - Date.parse(monday ?? '')) / 86_400_000
  expect(days).toBe(6)
  expect(new Date(monday ?? '').getUTCDay()).toBe(1)
  expect(from(0)).toBe(today)
  await page.close()
})

it('is seen by week and as a list, and of one term alone', async () => {
  const page = await opened()
  await pressed(page, 'Week')
  await expect.poll(() => page.$$eval('.calendar tbody tr', (all) => all.length)).toBe(1)
  await pressed(page, 'List')
  await expect.poll(() => page.$('.calendar-sheet')).toBeNull()
  await pressed(page, month(1))
  await expect.poll(() => title(page)).toBe(month(1))
  const listed = () => page.$$eval('.calendar-list > section li', (all) => all.length)
  const all = await listed()
  expect(all).toBeGreaterThan(3)
  await pressed(page, 'Workshop')
  await expect.poll(listed).toBeLessThan(all)
  const titles = await page.$$eval('.calendar-list .title', (own) => own.map((one) => one.textContent.trim()))
  expect(new Set(titles)).toContain('Wednesday menders')
  await pressed(page, 'Workshop')
  await expect.poll(listed).toBe(all)
  await page.close()
})

it('says when the next thing is where a month has nothing, and leads there', async () => {
  const page = await opened()
  const address = await page.$eval('[data-turn=before]', (link) => (link as HTMLAnchorElement).href)
  const long = new URL(address)
  const [name = ''] = [...long.searchParams.keys()]
  long.searchParams.set(name, 'month-1999-05')
  await page.goto(long.href)
  expect(await title(page)).toBe('May 1999')
  expect(await page.$eval('.calendar-nothing', (one) => one.textContent)).toContain('The next is on')
  await page.waitForSelector('.calendar.driven')
  await page.click('[data-turn=later]')
  await expect.poll(() => page.$('.calendar-nothing')).toBeNull()
  expect(await page.$$eval('.calendar-thing', (all) => all.length)).toBeGreaterThan(0)
  await page.close()
})

it.each([1280, 390])(
  'gives a checker nothing to find, and has days in full or marks and a list: at %i',
  async (width) => {
    const page = await opened('/swap-days', width)
    await pressed(page, month(1))
    await expect.poll(() => title(page)).toBe(month(1))
    const seen = (selector: string) =>
      page.$$eval(selector, (all) => all.filter((one) => one.getClientRects().length > 0).length)
    const [things, marks, list] = [
      await seen('.calendar-thing'),
      await seen('.calendar-marks'),
      await seen('.calendar-list li'),
    ]
    expect([things > 0, marks > 0, list > 0]).toEqual(
      width > 1000 ? [true, false, false] : [false, true, true],
    )
    expect(await violations(page)).toEqual([])
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth),
    ).toBe(true)
    await page.close()
  },
)

it('is turned without script too, and right to left', async () => {
  const page = await visitor(app, { script: false })
  await page.goto(`${app.address}/swap-days`)
  await page.click('[data-turn=after]')
  await page.waitForFunction(() => location.search.includes('at='))
  expect(await title(page)).toBe(month(1))
  await page.$eval('.calendar', (one) => one.closest('.listing')?.setAttribute('dir', 'rtl'))
  const lefts = await page.$$eval('.calendar thead th[abbr]', (all) =>
    all.map((one) => one.getBoundingClientRect().left),
  )
  expect(lefts).toEqual(lefts.toSorted((a, b) => b - a))
  await page.close()
})

it('is as narrow as a side area, turned by itself, with marks and a list: beside another listing', async () => {
  const page = await visitor(app)
  await page.setViewport({ width: 1280, height: 900 })
  await page.goto(`${app.address}/field-notes`)
  await page.waitForSelector('.small-calendar .driven')
  const own = (selector: string) =>
    page.$$eval(`.small-calendar ${selector}`, (all) =>
      all.filter((one) => one.getClientRects().length > 0).map((one) => one.textContent.trim()),
    )
  expect(await own('.calendar-title')).toEqual([month(0)])
  const titles = await page.$$eval('[data-area=main] .title', (all) =>
    all.map((one) => one.textContent.trim()),
  )
  await pressed(page, month(1))
  await expect.poll(() => own('.calendar-title')).toEqual([month(1)])
  const [marked, listed] = [await own('.calendar-marks'), await own('.calendar-list > section')]
  expect(listed.length).toBeGreaterThan(3)
  expect(marked.length).toBeGreaterThanOrEqual(listed.length)
  expect(await own('.calendar-thing')).toEqual([])
  expect(
    await page.$$eval('[data-area=main] .title', (all) => all.map((one) => one.textContent.trim())),
  ).toEqual(titles)
  expect(await violations(page)).toEqual([])
  const again = await visitor(app, { script: false })
  await again.goto(page.url())
  expect(await again.$eval('.small-calendar .calendar-title', (one) => one.textContent)).toBe(month(1))
  await page.close()
  await again.close()
})

/** Whether that handle is the first of its list. */
const comesFirst = async (page: Page, name: string) =>
  (await waitFor(page, 'button', name)).evaluate(
    (handle) => handle.closest('li') === handle.closest('ol, ul')?.firstElementChild,
  )

/** Puts two more things where the month that it is has one. */
async function fillADay(name: string): Promise<void> {
  const page = await opened()
  const seen = await page.$eval('.calendar-list [data-entry]', (one) => one.getAttribute('data-entry') ?? '')
  await page.close()
  const entry = await loadEntry(app.db, parseInt(seen, 10))
  const writer = await app.db.selectFrom('accounts').select('id').executeTakeFirstOrThrow()
  for (const slug of [`${name}-one-more`, `${name}-and-another`])
    await addEntry(app.db, entry.collectionId, { ...entryInputOf(entry), slug }, writer)
}

const sentence = 'section[aria-label="The listing in words"]'

it.each(['mouse', 'keys'])('is set in the bench: by %s', async (hand) => {
  await asPublished(app, 'All swap days')
  await fillADay(hand)
  const page = await inBench(app, 'Swap days', { width: 1280, height: 800 })
  const frame = await framed(page)
  const all = (selector: string) =>
    frame.$$eval(selector, (found) =>
      found.filter((one) => one.getClientRects().length > 0).map((one) => one.textContent.trim()),
    )
  // How many dates there are depends on the day.
  await (
    await page.waitForSelector('::-p-xpath(//button[starts-with(normalize-space(.), "All swap days")])')
  )?.click()
  await waitForText(page, sentence, 'a calendar by month, week, list')
  await page.keyboard.press('4')

  const list = 'Move List: arrow keys'
  const month = await waitFor(page, 'button', 'Move Month: arrow keys')
  if (hand === 'mouse') await drag(page, list, month, () => comesFirst(page, list))
  else {
    await (await waitFor(page, 'button', list)).focus()
    await page.keyboard.press('ArrowUp')
    await waitForText(page, sentence, 'a calendar by month, list, week')
    await page.keyboard.press('ArrowUp')
  }
  await waitForText(page, sentence, 'a calendar by list, month, week')
  await expect.poll(() => all('.calendar-views a')).toEqual(['List', 'Month', 'Week'])
  await turn(page, hand, 'Week')
  await turn(page, hand, 'List')
  await waitForText(page, sentence, 'a calendar by month')
  await expect.poll(() => all('.calendar-views')).toEqual([])
  // The last one stays.
  expect(await (await waitFor(page, 'checkbox', 'Month')).evaluate((box) => box.matches(':disabled'))).toBe(
    true,
  )

  const firstDay = async () => (await all('.calendar-sheet thead th[abbr]'))[0]
  expect(await firstDay()).toBe('Mon')
  await pickBy(page, hand, 'Weeks begin on', 'Sunday')
  await expect.poll(firstDay).toBe('Sun')
  const columns = async () => (await all('.calendar-sheet thead th')).length
  const without = await columns()
  await turn(page, hand, 'Numbers of weeks')
  await expect.poll(columns).toBe(without - 1)

  const unfolding = async () => (await all('.calendar-sheet summary')).length
  await setNumber(page, 'Seen of a day, the others unfold', 1)
  await expect.poll(unfolding).toBeGreaterThan(0)
  await setNumber(page, 'Seen of a day, the others unfold', 12)
  await expect.poll(unfolding).toBe(0)

  const legend = async () => (await all('.calendar-legend a')).length
  expect(await legend()).toBeGreaterThan(0)
  await turn(page, hand, 'Names of the colours above it')
  await expect.poll(legend).toBe(0)
  await turn(page, hand, 'Names of the colours above it')
  await expect.poll(legend).toBeGreaterThan(0)
  await pickBy(page, hand, 'A colour for each term of', 'No colours')
  await expect.poll(legend).toBe(0)
  const colours = () =>
    frame.$$eval('.calendar [data-colour]', (items) => items.map((one) => one.getAttribute('data-colour')))
  await expect.poll(async () => new Set(await colours()).size).toBe(1)

  await setNumber(page, 'Days in full from', 1500)
  await expect.poll(async () => (await all('.calendar-list')).length).toBe(1)
  expect(await all('.calendar-thing')).toEqual([])
  await page.close()
})
