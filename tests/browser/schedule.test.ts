import type { Page } from 'puppeteer-core'
import { sql } from 'kysely'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { entryInputOf } from '~~/core/content/entry-input'
import { readCalendar } from '~~/core/icalendar/read'
import { addEntry, loadEntry, saveEntry } from '~~/server/content/entries'
import { asPublished, framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { chooseRadio, press, setNumber, turn, waitFor, waitForText } from './support/hands'
import { violations } from './support/violations'
import { written } from './support/written'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const name = 'The long swap, hour by hour'
const titles = ['Handles and edges', 'Tin, wire and spelling'] as const

async function opened(width = 1280, script = true): Promise<Page> {
  const page = await visitor(app, { script })
  await page.setViewport({ width, height: 900 })
  await page.goto(`${app.address}/swap-days`)
  if (script) await page.waitForSelector('.schedule.driven')
  await page.evaluate(() => document.fonts.ready)
  return page
}

async function entryNamed(title: string) {
  const account = await app.db.selectFrom('accounts').select(['id', 'role']).executeTakeFirstOrThrow()
  const { id } = await app.db
    .selectFrom('entries')
    .select('id')
    .where('title', '=', title)
    .executeTakeFirstOrThrow()
  return { entry: await loadEntry(app.db, id), account }
}

/** Gives an entry another summary, as its writer would. */
async function summarise(title: string, summary: string): Promise<void> {
  const { entry, account } = await entryNamed(title)
  await saveEntry(app.db, entry.id, entry.version, { ...entryInputOf(entry), summary }, account)
}

/** Adds an entry like another, so many hours later. */
async function another(like: string, title: string, hoursLater: number): Promise<void> {
  const { entry, account } = await entryNamed(like)
  const input = entryInputOf(entry)
  const isMoment = (value: unknown): value is number => typeof value === 'number' && value > 1e12
  const values = Object.fromEntries(
    Object.entries(input.values).map(([field, value]) => [
      field,
      isMoment(value) ? value + hoursLater * 3_600_000 : value,
    ]),
  )
  const slug = title.toLowerCase().replaceAll(/\W+/g, '-')
  await addEntry(app.db, entry.collectionId, { ...input, title, slug, values }, account)
}

/** What is seen of the schedule: the title, the time and the place of each. */
function seen(page: Page) {
  return page.$$eval('.schedule-item', (items) =>
    items.flatMap((item) => {
      const { left, right, top, bottom } = item.getBoundingClientRect()
      const title = item.querySelector('.title')?.textContent.trim() ?? ''
      const time = item.querySelector('.schedule-when time')?.textContent ?? ''
      return right > left ? [{ title, time, left, right, top, bottom }] : []
    }),
  )
}

it.each([1280, 390])(
  'has nothing over anything else, and what begins together on one line: at %i',
  async (width) => {
    const page = await opened(width)
    const items = await seen(page)
    expect(items.length).toBeGreaterThan(15)
    for (const [at, one] of items.entries())
      for (const other of items.slice(at + 1)) {
        const across = one.left < other.right - 0.5 && other.left < one.right - 0.5
        const down = one.top < other.bottom - 0.5 && other.top < one.bottom - 0.5
        expect(across && down, `${one.title}, ${other.title}`).toBe(false)
        if (one.time.slice(0, 5) === other.time.slice(0, 5))
          expect(Math.abs(one.top - other.top), `${one.title}, ${other.title}`).toBeLessThan(0.5)
      }
    // In the order of time for whoever hears it.
    const starts = items.map(({ time }) => time.slice(0, 5))
    expect(starts).toEqual(starts.toSorted())
    const [first, second] = titles.map((title) => items.find((one) => one.title === title))
    expect(second?.left).toBeGreaterThan(first?.left ?? Infinity)
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth),
    ).toBe(true)
    expect(await violations(page)).toEqual([])
    await page.close()
  },
)

it('is by the hour to scale where cards have room, to half a pixel', async () => {
  const page = await opened()
  const hour = 500
  await page.$eval(
    '.schedule-frame',
    (frame, to) => {
      const rows = (frame as HTMLElement).style.getPropertyValue('--rows')
      ;(frame as HTMLElement).style.setProperty(
        '--rows',
        rows.replace(/([\d.]+)px/g, (_, length: string) => `${(Number(length) / 96) * to}px`),
      )
    },
    hour,
  )
  const minutes = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5))
  const items = (await seen(page)).map((one) => {
    const [from = '', to = ''] = one.time.split('–')
    return { ...one, from: minutes(from), to: minutes(to) }
  })
  const [first] = items
  for (const one of items) {
    // The gap to what follows is the card's own.
    expect(one.top - (first?.top ?? 0)).toBeCloseTo(((one.from - (first?.from ?? 0)) / 60) * hour, 0)
    expect(one.bottom - one.top).toBeCloseTo(((one.to - one.from) / 60) * hour - 4, 0)
  }
  await page.close()
})

it('keeps the names of the rooms in sight, and shows one room at a time where it is narrow', async () => {
  const page = await opened()
  await page.$eval('.schedule-item:nth-of-type(12)', (item) => item.scrollIntoView())
  const tops = await page.$$eval('.schedule-head', (all) => all.map((one) => one.getBoundingClientRect().top))
  expect(tops).toEqual([0, 0, 0])
  await page.close()

  const narrow = await opened(390)
  await narrow.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }])
  const here = () =>
    narrow.$$eval('.schedule-head', (all) =>
      all
        .filter((one) => {
          const { left, right } = one.getBoundingClientRect()
          return left >= 60 && right <= innerWidth + 1
        })
        .map((one) => one.textContent.trim()),
    )
  expect(await here()).toEqual(['Long shed'])
  await press(narrow, 'button', 'Next')
  await expect.poll(here).toEqual(['Workshop'])
  const next = await waitFor(narrow, 'button', 'Next')
  await next.press('Enter')
  await expect.poll(here).toEqual(['Orchard tent'])
  await narrow.close()
})

it('keeps names, hours, and what lies across all tracks in sight where those scroll, both ways', async () => {
  for (const direction of ['ltr', 'rtl']) {
    const page = await opened(390)
    await page.evaluate((to) => document.documentElement.setAttribute('dir', to), direction)
    await page.$eval('.schedule-item:nth-of-type(12)', (item) => item.scrollIntoView())
    await page.$eval('.schedule-row', (row) => {
      const sign = getComputedStyle(row).direction === 'rtl' ? -1 : 1
      row.scrollTo({ left: sign * (row.scrollWidth - row.clientWidth), behavior: 'instant' })
    })
    const boxes = (selector: string) =>
      page.$$eval(selector, (all) =>
        all.map((one) => {
          const { left, right, top } = one.getBoundingClientRect()
          return { left, right, top }
        }),
      )
    // Each name stands above its own column, in whichever place that has come to.
    await expect
      .poll(async () => {
        const [names, starts] = [await boxes('.schedule-head'), await boxes('.schedule-start')]
        const side = direction === 'rtl' ? 'right' : 'left'
        return names.map((name, at) => Math.round(name[side] - (starts[at]?.[side] ?? 0)))
      })
      .toEqual([0, 0, 0])
    expect((await boxes('.schedule-head')).map(({ top }) => top)).toEqual([0, 0, 0])
    expect((await boxes('.schedule-head')).at(-1)).toMatchObject(
      direction === 'rtl' ? { left: 20 } : { right: 370 },
    )
    for (const selector of ['.across', '.across .schedule-mark', '.schedule-hour > span'])
      for (const { left, right } of await boxes(selector)) {
        expect(left, selector).toBeGreaterThanOrEqual(20)
        expect(right, selector).toBeLessThanOrEqual(370)
      }
    await page.close()
  }
})

it('keeps the words of a break in sight where tracks scroll', async () => {
  await another('The oldest packet', 'The embers', 4)
  const page = await opened(390)
  const words = await page.$('.schedule-break > span')
  const within = () =>
    words?.evaluate((one) => {
      const { left, right } = one.getBoundingClientRect()
      return left >= 84 && right <= 370
    })
  expect(await within()).toBe(true)
  await page.$eval('.schedule-row', (row) => row.scrollTo({ left: row.scrollWidth, behavior: 'instant' }))
  expect(await within()).toBe(true)
  await page.close()
})

it('has the same marked in each window of a browser', async () => {
  const first = await opened()
  const second = await first.browserContext().newPage()
  await second.goto(`${app.address}/swap-days`)
  await second.waitForSelector('.schedule.driven')
  const marked = (page: Page) =>
    page.$$eval('[data-going]', (all) =>
      all.map((one) => one.querySelector('.title')?.textContent.trim() ?? ''),
    )
  await first.bringToFront()
  await press(first, 'button', `I am going: ${titles[0]}`)
  await expect.poll(() => marked(second)).toEqual([titles[0]])
  await second.bringToFront()
  await press(second, 'button', `I am going: ${titles[1]}`)
  for (const page of [first, second]) {
    await page.bringToFront()
    await expect.poll(() => marked(page)).toEqual([...titles])
    await waitFor(page, 'button', 'Only what I am going to (2)')
  }
})

it.each(['mouse', 'keys'])(
  'lets visitors mark what they are going to, see that alone, and take it as a calendar: by %s',
  async (hand) => {
    const page = await opened()
    const use = async (button: string) =>
      hand === 'mouse'
        ? press(page, 'button', button)
        : (await waitFor(page, 'button', button)).press('Space')
    for (const title of titles) await use(`I am going: ${title}`)
    expect(await violations(page)).toEqual([])
    await page.reload()
    await page.waitForSelector('.schedule.driven')
    await use('Only what I am going to (2)')
    expect((await seen(page)).map(({ title }) => title)).toEqual([...titles])
    const link = await waitFor(page, 'link', 'Take it as a calendar file')
    const file = await fetch(await link.evaluate((one) => (one as HTMLAnchorElement).href))
    const { events, faults } = readCalendar(await file.text(), 'UTC')
    expect(faults).toEqual([])
    expect(events.map(({ title }) => title).toSorted()).toEqual([...titles])
    // What comes meanwhile leaves it so.
    const summary = `Brought up to date by ${hand}.`
    await summarise(titles[1], summary)
    const summaries = () =>
      page.$$eval('[data-going] .summary', (all) => all.map((one) => one.textContent.trim()))
    await expect.poll(summaries, { timeout: 20_000 }).toContain(summary)
    expect((await seen(page)).map(({ title }) => title)).toEqual([...titles])
    await use(`I am going: ${titles[0]}`)
    expect((await seen(page)).map(({ title }) => title)).toEqual([titles[1]])
    await use('Only what I am going to (1)')
    expect((await seen(page)).length).toBeGreaterThan(15)
    await page.close()
  },
)

it('is walked by arrow keys along time and along rooms', async () => {
  const page = await opened()
  const held = () =>
    page.evaluate(
      () =>
        document.activeElement?.closest('.schedule-item')?.querySelector('.title')?.textContent.trim() ?? '',
    )
  await (await waitFor(page, 'link', 'Reading a seed packet')).focus()
  for (const [key, title] of [
    ['ArrowRight', 'A whip and a tongue'],
    ['ArrowRight', 'Bees in winter'],
    ['ArrowLeft', 'A whip and a tongue'],
    ['ArrowDown', 'Soup from whatever came'],
  ] as const) {
    await page.keyboard.press(key)
    expect(await held()).toBe(title)
  }
  await page.close()
})

/** The day as it is seen at a moment of it: so much of the way from one line of the hours to the next. */
async function seenAt(line: number, share: number): Promise<Page> {
  const page = await opened()
  const moment = await page.$eval(
    '.schedule-grid',
    (grid, at, part) => {
      const moments = ((grid as HTMLElement).dataset.moments ?? '').split(',').map(Number)
      const [from = 0, to = 0] = moments.slice(at)
      return from + (to - from) * part
    },
    line,
    share,
  )
  await page.close()
  const later = await visitor(app)
  await later.evaluateOnNewDocument((now: number) => {
    Date.now = () => now
  }, moment)
  await later.goto(`${app.address}/swap-days`)
  await later.waitForSelector('.schedule-now:not([hidden])')
  return later
}

it('never has the word at the present minute over the name of an hour', async () => {
  for (const share of [0.02, 0.5, 0.98]) {
    const page = await seenAt(2, share)
    const seen = await page.$$eval('.schedule-hour > span, .schedule-now b', (all) =>
      all
        .filter((one) => getComputedStyle(one).visibility === 'visible')
        .map((one) => {
          const { top, bottom } = one.getBoundingClientRect()
          return { top, bottom, word: one.textContent }
        })
        .toSorted((a, b) => a.top - b.top),
    )
    expect(seen.map(({ word }) => word)).toContain('now')
    for (const [at, { top }] of seen.slice(1).entries())
      expect(top).toBeGreaterThanOrEqual(seen[at]?.bottom ?? Infinity)
    await page.close()
  }
})

it('marks the present minute while something of the day goes on, and only then', async () => {
  const page = await visitor(app)
  await page.goto(`${app.address}/swap-days`)
  await page.waitForSelector('.schedule.driven')
  const isSeen = () => page.$eval('.schedule-now', (line) => line.getClientRects().length > 0)
  expect(await isSeen()).toBe(false)
  const later = await seenAt(0, 0.5)
  const [line, item] = await Promise.all(
    ['.schedule-now > span', '.schedule-item'].map((selector) =>
      later.$eval(selector, (one) => {
        const { top, height } = one.getBoundingClientRect()
        return { top, height }
      }),
    ),
  )
  expect(line?.top).toBeGreaterThan(item?.top ?? Infinity)
  expect(line?.top).toBeLessThan((item?.top ?? 0) + (item?.height ?? 0))
  await page.close()
  await later.close()
})

it('is read in order without script and without styles', async () => {
  const page = await opened(1280, false)
  const before = (await seen(page)).map(({ title }) => title)
  expect(before.length).toBeGreaterThan(15)
  await page.$$eval('style, link[rel=stylesheet]', (all) => all.forEach((one) => one.remove()))
  const plain = await seen(page)
  expect(plain.map(({ title }) => title)).toEqual(before)
  expect(plain.map(({ top }) => top)).toEqual(plain.map(({ top }) => top).toSorted((a, b) => a - b))
  expect(
    await page.$$eval('.schedule-item button', (all) => all.every((one) => one.hasAttribute('hidden'))),
  ).toBe(true)
  await page.close()
})

it('scrolls across where more is on at once than has room, and never down within itself', async () => {
  for (let copy = 0; copy < 20; copy += 1) await another('Bees in winter', `Bees again, ${copy}`, 0)
  for (const width of [1280, 390]) {
    const page = await opened(width)
    await page.waitForSelector('.crowded > .schedule-row')
    const box = () =>
      page.$eval('.schedule-row', (row) => ({
        across: row.scrollWidth - row.clientWidth,
        down: row.scrollHeight - row.clientHeight,
      }))
    expect((await box()).across).toBeGreaterThan(1000)
    expect((await box()).down).toBe(0)
    const widths = (await seen(page)).map(({ left, right }) => right - left)
    expect(Math.min(...widths)).toBeGreaterThan(100)
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth),
    ).toBe(true)
    await page.close()
  }
})

it.each(['mouse', 'keys'])('is set in the bench: by %s', async (hand) => {
  await asPublished(app, name)
  const page = await inBench(app, 'Swap days', { width: 1280, height: 800 })
  const frame = await framed(page)
  const sentence = 'section[aria-label="The listing in words"]'
  const height = () => frame.$eval('.schedule', (box) => box.getBoundingClientRect().height)
  const count = (selector: string) =>
    frame.$$eval(selector, (all) => all.filter((one) => one.getClientRects().length > 0).length)
  const button = await page.waitForSelector(
    `::-p-xpath(//button[starts-with(normalize-space(.), "${name}")])`,
  )
  await button?.click()
  await waitForText(page, sentence, 'a schedule by the hour, a day a tab')
  await page.keyboard.press('4')
  const before = await height()
  await setNumber(page, 'An hour takes', 400)
  await expect.poll(height).toBeGreaterThan(before * 1.5)
  await setNumber(page, 'All columns beside each other from', 1600)
  await expect.poll(() => count('.schedule .row-arrows')).toBe(1)
  await turn(page, hand, 'Visitors can mark what they are going to')
  await expect.poll(() => count('.schedule-mark')).toBe(0)
  await turn(page, hand, 'A line at the present minute')
  await expect.poll(() => frame.$('.schedule-now')).toBeNull()
  await turn(page, hand, 'Cut hours without anything short')
  await chooseRadio(page, hand, 'Several days', 'One below the other')
  await waitForText(page, sentence, 'a schedule by the hour')
  await chooseRadio(page, hand, 'A day', 'A list')
  await waitForText(page, sentence, 'a schedule in a list')
  await expect.poll(() => count('.schedule-list')).toBe(1)
  expect(await count('.schedule-grid')).toBe(0)
  await page.close()
})

it.each([1280, 390])(
  'holds all that its cards carry, a long button at their foot too: at %i',
  async (width) => {
    const words = 'Join from afar, whoever you are and wherever you may sit now'
    const button = { part: 'button', on: true, text: words, form: 'button', zone: 'foot' }
    await written(app, (trx) =>
      trx
        .updateTable('listings')
        .set({
          published: sql`jsonb_set(published, '{card,parts}',
          jsonb_path_query_array(published, '$.card.parts[*] ? (@.part != "button")') || ${button}::jsonb)`,
        })
        .where(sql`published ->> 'name'`, '=', name)
        .execute(),
    )
    const page = await opened(width)
    const hanging = await page.$$eval('.schedule-item', (items) =>
      items.flatMap((item) => {
        const box = item.getBoundingClientRect()
        const inner = item.querySelector('.button')?.getBoundingClientRect()
        if (box.width === 0) return []
        const isWithin =
          inner && inner.bottom <= box.bottom && inner.left >= box.left && inner.right <= box.right
        return isWithin === true ? [] : [item.textContent.trim()]
      }),
    )
    expect(hanging).toEqual([])
    await page.close()
  },
)
