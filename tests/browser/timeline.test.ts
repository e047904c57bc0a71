import fc from 'fast-check'
import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { areaOf, boxWidthOn } from '~~/core/pages/frames'
import { timelinePlaces } from '~~/core/shapes/timeline'
import type { TimelineSettings } from '~~/core/shapes/timeline'
import type { TimeLine } from '~~/core/shapes/timeline-line'
import { shapeNamed } from '../support/shape-arbitraries'
import { asPublished, framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { firstListing, firstListingOf, shapeWith } from './support/first-listing'
import type { FirstListing } from './support/first-listing'
import { chooseRadio, pickBy, press, setNumber, turn, waitFor, waitForText } from './support/hands'
import { violations } from './support/violations'

let app: App
let publish: FirstListing['publish']
let open: FirstListing['open']
beforeAll(async () => {
  app = await startApp()
  ;({ publish, open } = await firstListingOf(app))
})
afterAll(() => app.stop())

const area = areaOf('main-side', 'main')
if (area === undefined) throw new Error('The frame has a main area.')
const main = area

/** The line as the page has it, and where Chromium puts what stands on it, from the line's own corner. */
function measured(page: Page) {
  return page.$eval(`${firstListing} .timeline-line`, (line) => {
    const corner = line.getBoundingClientRect()
    const isRtl = getComputedStyle(line).direction === 'rtl'
    const numberOf = (element: HTMLElement, name: string) => Number(element.style.getPropertyValue(name))
    const all = (selector: string, root: Element = line) =>
      Array.from(root.querySelectorAll<HTMLElement>(selector))
    const tracks = (line as HTMLElement).style.getPropertyValue('--tracks').split(' ')
    return {
      line: {
        tracks: tracks.map((track) => (track === 'auto' ? 'auto' : parseFloat(track))),
        bars: all('.timeline-bar').map((bar) => ({ lane: numberOf(bar, '--lane') })),
        groups: all('.timeline-group').map((group) => ({
          heading:
            all('.timeline-heading', group).map((one) => ({
              from: numberOf(one, '--from'),
              to: numberOf(one, '--to'),
            }))[0] ?? null,
          items: all('.timeline-item', group).map((item) => ({
            from: numberOf(item, '--from'),
            to: numberOf(item, '--to'),
            next: numberOf(item, '--next'),
            side: item.classList.contains('at-start') ? 'start' : 'end',
          })),
        })),
      },
      heading: all('.timeline-heading')[0]?.getBoundingClientRect().height ?? 0,
      places: all('.timeline-item').map((item) => {
        const own = item.getBoundingClientRect()
        const card = item.querySelector('article')?.getBoundingClientRect() ?? own
        const left = isRtl ? corner.right - own.right : own.left - corner.left
        return { left, top: own.top - corner.top, width: card.width, height: own.height }
      }),
    }
  })
}

const settled: Partial<TimelineSettings> = { headings: 'none' }

it('is laid out by Chromium as the core says, to half a pixel, upright and lying, in both directions', async () => {
  const page = await visitor(app)
  const shapes = [
    ...fc.sample(shapeNamed('timeline'), { numRuns: 10, seed: 41 }),
    ...(['ltr', 'rtl'] as const).flatMap((direction) =>
      (['upright', 'lying'] as const).map((lay) =>
        shapeWith('timeline', { lay, sides: 'both', spacing: 'scale', headings: 'year', direction }),
      ),
    ),
  ]
  for (const shape of shapes) {
    const settings = shape as unknown as TimelineSettings
    // Headings of lines that lie are as wide as their text, and columns stand under theirs.
    const own = settings.lay === 'upright' ? settings : { ...settings, ...settled }
    await publish({ ...shape, ...own } as typeof shape)
    for (const width of [360, 720, 1280]) {
      await open(page, width)
      const { line, places, heading } = await measured(page)
      const wanted = timelinePlaces(
        own,
        line as unknown as TimeLine,
        places.map((one) => one.height),
        boxWidthOn(main, width),
        heading,
      )
      const misplaced = places.flatMap((one, at) =>
        (['left', 'top', 'width', 'height'] as const)
          .filter((side) => !(Math.abs(one[side] - (wanted[at]?.[side] ?? NaN)) <= 0.5))
          .map((side) => `${side} of ${at}: ${one[side]}, not ${wanted[at]?.[side] ?? 'anywhere'}`),
      )
      expect(places).toHaveLength(7)
      expect(misplaced, `${JSON.stringify(own)} at ${width}`).toEqual([])
    }
  }
  await page.close()
})

it('lies across the page where there is room, and is moved by arrows and by keys', async () => {
  await publish(shapeWith('timeline', { lay: 'lying', wideFrom: 500, atOnce: 3 }))
  const page = await visitor(app)
  await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }])
  await open(page, 1280)
  const scrolled = () => page.$eval(`${firstListing} .timeline`, (row) => Math.round(row.scrollLeft))
  const arrow = (name: string) =>
    page.waitForSelector(`${firstListing} ::-p-aria([name="${name}"][role="button"])`)
  const forward = await arrow('Next')
  const back = await arrow('Before')
  const isDisabled = (button: typeof back) => button?.evaluate((one) => (one as HTMLButtonElement).disabled)
  expect(await isDisabled(back)).toBe(true)
  await forward?.click()
  await expect.poll(scrolled).toBeGreaterThan(200)
  const after = await scrolled()
  await back?.click()
  await expect.poll(scrolled).toBe(0)
  await expect.poll(() => isDisabled(forward)).toBe(false)
  await forward?.focus()
  await page.keyboard.press('Enter')
  await expect.poll(scrolled).toBe(after)
  await page.focus(`${firstListing} .timeline`)
  await page.keyboard.press('ArrowLeft')
  await expect.poll(scrolled).toBeLessThan(after)
  expect(await violations(page)).toEqual([])
  await open(page, 420)
  const lefts = await page.$$eval(`${firstListing} .timeline-item`, (all) =>
    all.map((one) => one.getBoundingClientRect().left),
  )
  expect(new Set(lefts).size).toBe(1)
  await page.close()
})

it('says its dates in order without script and without styles', async () => {
  await publish(shapeWith('timeline', { spacing: 'scale', headings: 'year', tells: 'day' }))
  const page = await visitor(app, { script: false })
  await page.goto(`${app.address}/`)
  const dates = await page.$$eval(`${firstListing} .timeline-when`, (all) =>
    all.map((one) => one.textContent),
  )
  expect(dates).toHaveLength(7)
  const times = dates.map((date) => Date.parse(date))
  expect(times).toEqual(times.toSorted((a, b) => a - b))
  await page.$$eval('style, link[rel=stylesheet]', (all) => all.forEach((one) => one.remove()))
  const tops = await page.$$eval(`${firstListing} .timeline-item`, (all) =>
    all.map((one) => one.getBoundingClientRect().top),
  )
  expect(tops).toEqual(tops.toSorted((a, b) => a - b))
  await page.close()
})

const sentence = 'section[aria-label="The listing in words"]'

it.each(['mouse', 'keys'])('is set in the bench, whatever it was before: by %s', async (hand) => {
  await asPublished(app, 'All our years')
  const page = await inBench(app, 'Our years', { width: 1280, height: 800 })
  const frame = await framed(page)
  const count = (selector: string) => frame.$$eval(selector, (all) => all.length)
  /** How many pairs of cards lie over each other. */
  const overlaps = () =>
    frame.$$eval('.timeline-item article', (all) => {
      const boxes = all.map((one) => one.getBoundingClientRect())
      return boxes.flatMap((one, at) =>
        boxes
          .slice(at + 1)
          .filter(
            (other) =>
              one.left < other.right - 1 &&
              other.left < one.right - 1 &&
              one.top < other.bottom - 1 &&
              other.top < one.bottom - 1,
          ),
      ).length
    })
  const lefts = () =>
    frame.$$eval('.timeline-item', (all) => all.map((one) => one.getBoundingClientRect().left))
  await press(page, 'button', 'All our years 18')
  await waitForText(page, sentence, 'a timeline across the page, on both sides, to scale')
  await page.keyboard.press('4')
  await waitFor(page, 'radiogroup', 'The line')
  expect(await overlaps()).toBe(0)

  const tracks = () => frame.$eval('.timeline-line', (line) => line.getAttribute('style'))
  for (const change of [
    () => setNumber(page, 'Room for each, on average', 320),
    () => setNumber(page, 'Upright and on one side below', 500),
    () => turn(page, hand, 'Mark the present'),
    () => turn(page, hand, 'Cut long empty stretches short'),
  ])
    await change()
  await expect.poll(tracks).not.toContain('150')
  await pickBy(page, hand, 'Above each card', 'No date')
  await expect.poll(() => count('.timeline-when')).toBe(0)
  const first = () => frame.$eval('.timeline-item .title', (title) => title.textContent)
  const oldest = await first()
  await chooseRadio(page, hand, 'Begins with', 'The newest')
  await expect.poll(first).not.toBe(oldest)
  await setNumber(page, 'Seen at once', 2)
  await expect.poll(overlaps).toBe(0)

  await chooseRadio(page, hand, 'The line', 'Columns')
  await waitForText(page, sentence, 'a timeline in columns of years')
  // A column of its own for each year.
  const columns = async () => [new Set(await lefts()).size, await count('.timeline-group')]
  await expect.poll(columns).toEqual([17, 17])
  expect(await overlaps()).toBe(0)
  await chooseRadio(page, hand, 'Headings', 'Decades')
  await expect.poll(() => count('.timeline-group')).toBe(3)

  await chooseRadio(page, hand, 'The line', 'Upright')
  await waitForText(page, sentence, 'a timeline down the page, on both sides, to scale')
  await expect.poll(async () => new Set(await lefts()).size).toBe(2)
  expect(await overlaps()).toBe(0)
  await chooseRadio(page, hand, 'Cards', 'On one side')
  await chooseRadio(page, hand, 'Spaced', 'Evenly')
  await waitForText(page, sentence, 'a timeline down the page')
  await expect.poll(async () => new Set(await lefts()).size).toBe(1)
  expect(await overlaps()).toBe(0)
  await page.close()
})
