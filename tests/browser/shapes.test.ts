import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { newListing } from '~~/core/listing/definition'
import { areaOf, boxWidthOn } from '~~/core/pages/frames'
import { widthsOf } from '~~/core/pictures/picture'
import { pictureWidthsOf, shapeOf, shapes } from '~~/core/shapes'
import type { ShapeChoice, ShapeName } from '~~/core/shapes'
import { shapeNamed } from '../support/shape-arbitraries'
import { startApp, visitor } from './support/app'
import type { App } from './support/app'
import { firstListing, firstListingOf, shapeWith } from './support/first-listing'
import type { FirstListing } from './support/first-listing'
import { violations } from './support/violations'

let app: App
let collection: number
let publish: FirstListing['publish']
let open: FirstListing['open']
beforeAll(async () => {
  app = await startApp()
  ;({ collection, publish, open } = await firstListingOf(app))
})
afterAll(() => app.stop())

const main = areaOf('main-side', 'main')
if (main === undefined) throw new Error('The frame has a main area.')
const area = main

/**
 * The box of the listing, and of each card from its group's corner (its own height) with the box it
 * lies in (`item`).
 */
function measured(page: Page) {
  return page.evaluate(() => {
    const listing = document.querySelector('[data-area=main] .listing')
    const boxOf = (element: Element | null, from: DOMRect): Box => {
      const own = element?.getBoundingClientRect() ?? new DOMRect()
      return { left: own.left - from.left, top: own.top - from.top, width: own.width, height: own.height }
    }
    interface Box {
      left: number
      top: number
      width: number
      height: number
    }
    const groups = listing?.querySelectorAll('.group:not([hidden]) > .group-cards') ?? []
    const roots = groups.length > 0 ? Array.from(groups) : [listing?.querySelector('ul')]
    return {
      width: listing?.getBoundingClientRect().width ?? 0,
      groups: roots.map((root) => {
        const corner = root?.getBoundingClientRect() ?? new DOMRect()
        return Array.from(root?.children ?? [], (item) => ({
          item: boxOf(item, corner),
          card: boxOf(item.firstElementChild, corner),
          room: corner.width,
        }))
      }),
    }
  })
}

/** Each side of a card that is over half a pixel from where the core says, in words. */
function misplaced(shape: ShapeChoice, found: Awaited<ReturnType<typeof measured>>): string[] {
  return found.groups.flatMap((cards) => {
    const placed = shapeOf(shape).layout(
      shape,
      cards.map((one) => one.card.height),
      found.width,
    )
    return cards.flatMap((one, at) => {
      const wanted = placed[at]
      // A grid stretches what a card lies in; a list parts rows by space of their own.
      const box = shape.name === 'list' || shape.name === 'masonry' ? one.card : one.item
      // A panel beside tabs or titles is measured from its own corner.
      const room = shape.name === 'tabs' || shape.name === 'index' ? one.room : found.width
      const start = shape.direction === 'rtl' ? room - box.left - box.width : box.left
      const left = shape.name === 'index' ? start + (wanted?.left ?? 0) : start
      return (['left', 'top', 'width', 'height'] as const).flatMap((side) => {
        const value = { ...box, left }[side]
        const isThere = Math.abs(value - (wanted?.[side] ?? NaN)) <= 0.5
        return isThere ? [] : [`${side} of ${at}: ${value}, not ${wanted?.[side] ?? 'anywhere'}`]
      })
    })
  })
}

const widths = [340, 700, 1000, 1280]
/** Shapes that show all there is; a calendar shows a month of it. */
const ofAll = shapes.names.filter((name) => name !== 'calendar')
const laidOut = ['grid', 'masonry', 'list', 'slides', 'tabs', 'index', 'grouped'] as const

describe('every shape', () => {
  it.each(laidOut)('is laid out by Chromium as the core says, to half a pixel: %s', async (name) => {
    const page = await visitor(app)
    for (const shape of fc.sample(shapeNamed(name), { numRuns: 5, seed: 20 })) {
      await publish(shape)
      for (const width of widths) {
        await open(page, width)
        // Some shapes are finished by the page's script, a frame after the page has come.
        await expect
          .poll(async () => misplaced(shape, await measured(page)), {
            message: `${JSON.stringify(shape)} at ${width}`,
          })
          .toEqual([])
        const { width: box, groups } = await measured(page)
        expect(box).toBeCloseTo(boxWidthOn(area, width), 1)
        expect(groups.length).toBeGreaterThan(0)
        for (const cards of groups) expect(cards.length).toBeGreaterThan(0)
      }
    }
    await page.close()
  })

  it.each(shapes.names)(
    'has pictures as wide as the core says, and fetches the smallest file that is sharp: %s',
    async (name) => {
      const [shape] = fc.sample(shapeNamed(name), { numRuns: 1, seed: 7 })
      if (shape === undefined) throw new Error('There is no such shape.')
      await publish(shape)
      for (const width of [390, 1280]) {
        // Each as somebody's first page: Chromium would rather take a larger file that it has already.
        const context = await app.browser.createBrowserContext()
        const page = await context.newPage()
        await page.setViewport({ width, height: 4000 })
        await page.goto(`${app.address}/`, { waitUntil: 'networkidle2' })
        const pictures = await page.$$eval(`${firstListing} .listing img`, (all) =>
          (all as HTMLImageElement[])
            .filter((one) => one.getClientRects().length > 0 && one.complete && one.naturalWidth > 0)
            .map((one) => ({
              fetched: Number(/\/(\d+)$/.exec(one.currentSrc)?.[1]),
              shown: one.clientWidth,
              original: Number(one.getAttribute('width')),
            })),
        )
        const box = boxWidthOn(area, width)
        const known = pictureWidthsOf(shape).findLast((one) => one.from <= box)
        const expected = (box - (known?.minus ?? 0)) / (known?.parts ?? 1)
        for (const { fetched, shown, original } of pictures) {
          expect(Math.abs(shown - expected), `${name} at ${width}`).toBeLessThanOrEqual(1)
          expect(fetched).toBe(
            widthsOf({ width: original }).find((one) => one >= Math.floor(expected)) ?? original,
          )
        }
        await context.close()
      }
    },
  )

  it.each(ofAll)('is readable without script, and gives a checker nothing to find: %s', async (name) => {
    await publish(shapeWith(name))
    const plain = await visitor(app, { script: false })
    await plain.goto(`${app.address}/`)
    const seen = await plain.$$eval(
      `${firstListing} .title a`,
      (all) => all.filter((one) => one.getClientRects().length > 0).length,
    )
    expect(seen).toBe(7)
    expect(
      await plain.$$eval(
        '[data-area=main] button',
        (all) => all.filter((one) => one.getClientRects().length > 0).length,
      ),
    ).toBe(0)
    const page = await visitor(app)
    await open(page)
    expect(await violations(page)).toEqual([])
    await plain.close()
    await page.close()
  })

  it.each(['grid', 'masonry', 'list', 'slides', 'tabs', 'index', 'grouped', 'table'] as const)(
    'is read from right to left where that is wanted: %s',
    async (name) => {
      await publish(
        shapeWith(name, {
          direction: 'rtl',
          ...(name === 'tabs' ? { by: 'term' } : name === 'grouped' ? { by: 'month' } : {}),
        }),
      )
      const page = await visitor(app)
      await open(page)
      // What comes first stands further to the right: a card, a column, a tab, the picture of a row.
      const first: Readonly<Partial<Record<ShapeName, string>>> = {
        grid: '.grid > li',
        masonry: '.masonry > li',
        slides: '.slides > li',
        grouped: '.group-cards > li',
        tabs: '[role=tab]',
        list: '.list li:first-child :is(.card-picture, .card-below)',
        index: ':is(.tab-list, .group:not([hidden]))',
        table: 'tbody tr:first-child :is(td, th)',
      }
      const lefts = await page.$$eval(`${firstListing} ${first[name] ?? ''}`, (all) =>
        all.map((one) => one.getBoundingClientRect().left),
      )
      const beside = name === 'grouped' ? Math.min(...lefts) : lefts[1]
      expect(lefts[0]).toBeGreaterThan(beside ?? Infinity)
      await page.close()
    },
  )

  it.each(['grid', 'masonry', 'list', 'slides', 'grouped', 'table', 'timeline'] as const)(
    'is walked through with the Tab key in its order: %s',
    async (name) => {
      await publish(shapeWith(name, name === 'grouped' ? { by: 'letter' } : {}))
      const page = await visitor(app)
      await open(page)
      const titles = `${firstListing} .title a`
      const wanted = await page.$$eval(titles, (all) => all.map((one) => one.getAttribute('href')))
      expect(wanted).toHaveLength(7)
      await (await page.$(titles))?.focus()
      const walked: (string | null)[] = []
      for (let steps = 0; steps < 7; steps += 1) {
        walked.push(await page.evaluate(() => document.activeElement?.getAttribute('href') ?? null))
        await page.keyboard.press('Tab')
      }
      expect(walked).toEqual(wanted)
      await page.close()
    },
  )

  it.each(ofAll)('keeps the longest word and an entry without a picture in its place: %s', async (name) => {
    const first = await app.db
      .selectFrom('entries')
      .select(['id', 'title', 'picture_id'])
      .where('collection_id', '=', collection)
      .where('status', '=', 'published')
      .where('published_at', '<=', new Date())
      .orderBy('published_at', 'desc')
      .limit(1)
      .executeTakeFirstOrThrow()
    const page = await visitor(app)
    try {
      await app.db
        .updateTable('entries')
        .set({ title: 'Sproutedseedling'.repeat(9), picture_id: null })
        .where('id', '=', first.id)
        .execute()
      await publish(shapeWith(name), { amount: { ...newListing('', 1).amount, take: 100 } })
      for (const width of [390, 1280]) {
        await open(page, width)
        const beyond = await page.$eval('[data-area=main] .listing', (listing) => {
          const box = listing.getBoundingClientRect()
          const seen = Array.from(
            listing.querySelectorAll(':is(.title, .summary, .fact, .topic, [role=tab])'),
          ).filter((one) => one.getClientRects().length > 0)
          // Slides go on outside the box; each is held by its own.
          const holder = (one: Element) =>
            (one.closest('.slides > li, .timeline-item') ?? listing).getBoundingClientRect()
          const out = seen.filter(
            (one) =>
              one.getBoundingClientRect().right > holder(one).right + 0.5 ||
              one.scrollWidth > one.clientWidth + 1,
          )
          return {
            seen: seen.length > 0,
            inside: box.right <= document.documentElement.clientWidth,
            out: out.map((one) => one.textContent),
          }
        })
        expect(beyond, `at ${width}`).toEqual({ seen: true, inside: true, out: [] })
      }
    } finally {
      await app.db
        .updateTable('entries')
        .set({ title: first.title, picture_id: first.picture_id })
        .where('id', '=', first.id)
        .execute()
      await page.close()
    }
  })

  it('moves pictures only where movement is welcome', async () => {
    await publish(shapeWith('grid'))
    const page = await visitor(app)
    for (const [motion, moves] of [
      ['reduce', false],
      ['no-preference', true],
    ] as const) {
      await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: motion }])
      await open(page)
      await page.hover('[data-area=main] article:has(img)')
      await expect
        .poll(() =>
          page.$eval('[data-area=main] article img', (image) => getComputedStyle(image).transform !== 'none'),
        )
        .toBe(moves)
    }
    await page.close()
  })

  it('shows fewer where it is narrow, in groups too', async () => {
    await publish(shapeWith('grouped', { by: 'letter' }), {
      amount: { ...newListing('', 1).amount, take: 7, stops: [{ below: 500, take: 2 }] },
    })
    const page = await visitor(app)
    const shown = () =>
      page.$$eval(
        `${firstListing} article`,
        (all) => all.filter((one) => one.getClientRects().length > 0).length,
      )
    await open(page, 1280)
    expect(await shown()).toBe(7)
    await open(page, 390)
    expect(await shown()).toBe(2)
    expect(
      await page.$$eval('.group-name', (all) => all.filter((one) => one.getClientRects().length > 0).length),
    ).toBeLessThanOrEqual(2)
    await page.close()
  })
})

it('puts no card of a long masonry over another, wherever one has scrolled to', async () => {
  await publish(shapeWith('masonry'), { amount: { ...newListing('', 1).amount, take: 200 } })
  const page = await visitor(app)
  await open(page)
  /** How many pairs of cards overlap, and how many begin above one that comes before them. */
  const faults = () =>
    page.$$eval(`${firstListing} .masonry > li`, (all) => {
      const boxes = all.map((one) => one.getBoundingClientRect())
      const over = boxes.flatMap((one, at) =>
        boxes
          .slice(at + 1)
          .filter(
            (other) =>
              one.left < other.right - 1 &&
              other.left < one.right - 1 &&
              one.top < other.bottom - 1 &&
              other.top < one.bottom - 1,
          ),
      )
      const late = boxes.filter((box, at) => box.top < (boxes[at - 1]?.top ?? -Infinity) - 1)
      return { many: boxes.length > 45, over: over.length, late: late.length }
    })
  const none = { many: true, over: 0, late: 0 }
  await expect.poll(faults).toEqual(none)
  for (const width of [1280, 760, 390]) {
    await page.setViewport({ width, height: 900 })
    for (const key of ['End', 'PageUp', 'PageUp', 'Home', 'PageDown'] as const) {
      await page.keyboard.press(key)
      await expect.poll(faults, { message: `${key} at ${width}` }).toEqual(none)
    }
    expect(
      await page.$eval(
        `${firstListing} .masonry`,
        (list) =>
          Math.max(...Array.from(list.children, (item) => item.getBoundingClientRect().bottom)) -
          list.getBoundingClientRect().bottom,
      ),
    ).toBeLessThan(1)
  }
  await page.close()
})
