import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page as BrowserPage } from 'puppeteer-core'
import { newBand } from '~~/core/pages/bands/definition'
import type { Band } from '~~/core/pages/bands/definition'
import { boxWidthOn, frames } from '~~/core/pages/frames'
import type { FrameName } from '~~/core/pages/frames'
import { shownListingsOf } from '~~/core/pages/standing'
import { framed, inBench, pageDraft, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { press, waitFor, waitForStatus, waitForText } from './support/hands'
import { violations } from './support/violations'
import { written } from './support/written'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const draft = () => pageDraft(app, '/')

/** Publishes the home page in a frame, with a listing in each of its areas. */
async function publish(frame: FrameName): Promise<void> {
  const page = await draft()
  const [first] = shownListingsOf(page)
  if (first === undefined) throw new Error('Nothing stands on the page.')
  const areas = frames
    .get(frame)
    .areas.map((area, at): [string, readonly Band[]] => [
      area.name,
      [newBand(at + 1, [{ ...first, id: randomUUID(), heading: area.title }])],
    ])
  const published = JSON.stringify({ ...page, frame, areas: Object.fromEntries(areas) })
  await written(app, (trx) => trx.updateTable('pages').set({ published }).where('path', '=', '/').execute())
}

describe('a frame', () => {
  it.each(frames.names)(
    'has areas as wide as the core says, in page order, and is sound: %s',
    async (name) => {
      await publish(name)
      const page = await visitor(app)
      const { areas } = frames.get(name)
      for (const width of [360, 800, 1100, 1279, 1600]) {
        await page.setViewport({ width, height: 900 })
        await page.goto(`${app.address}/`)
        const boxes = await page.$$eval('[data-area]', (all) =>
          all.map((one) => {
            const { width, top } = one.getBoundingClientRect()
            return { name: (one as HTMLElement).dataset.area, width, top }
          }),
        )
        expect(boxes.map((one) => one.name)).toEqual(areas.map((area) => area.name))
        boxes.forEach((box, at) => {
          const area = areas[at]
          expect(box.width, `${box.name} at ${width}`).toBeCloseTo(area ? boxWidthOn(area, width) : -1, 1)
          // What is read first stands no lower.
          expect(box.top).toBeGreaterThanOrEqual((boxes[at - 1]?.top ?? 0) - 0.5)
        })
      }
      expect(await violations(page)).toEqual([])
      await page.close()
    },
  )
})

describe('the frame of a page', () => {
  /** The names of what stands in a part of the list of areas. */
  const listed = (page: BrowserPage, spot: string) =>
    page.$$eval(`section[aria-label="${spot}"] li`, (rows) => rows.length)

  it.each(['mouse', 'keys'])(
    'is chosen from plans; what has no area in it is kept, and comes back by one press: by %s',
    async (hand) => {
      const before = await draft()
      const page = await inBench(app, before.title)
      const chosen = await waitFor(page, 'radio', 'Main and side')
      expect(await chosen.evaluate((radio) => radio.getAttribute('aria-checked'))).toBe('true')
      const [inSide, shelved] = [
        before.areas.side?.[0]?.columns[0]?.placements.length ?? 0,
        before.shelf.length,
      ]
      if (hand === 'mouse') await press(page, 'radio', 'One column')
      else {
        await chosen.focus()
        await page.keyboard.press('ArrowLeft')
      }
      await waitForText(page, 'body', 'no area in this frame: kept on the shelf.')
      expect(await listed(page, 'Shelf')).toBe(shelved + inSide)
      expect(await page.$('section[aria-label="Side"]')).toBeNull()
      await waitForStatus(page, 'Saved')
      await expect.poll(async () => (await draft()).frame).toBe('one-column')
      // Another frame that has the area does not take from the shelf by itself; Undo does.
      await press(page, 'button', 'Undo')
      await waitFor(page, 'region', 'Side')
      expect(await listed(page, 'Side')).toBe(inSide)
      await expect.poll(draft).toEqual(before)
      await press(page, 'radio', 'Front page')
      for (const area of ['Top', 'Main', 'First half', 'Second half', 'Foot', 'Shelf'])
        await waitFor(page, 'region', area)
      await press(page, 'button', 'Undo: Frame: Front page')
      await expect.poll(draft).toEqual(before)
      await page.close()
    },
  )

  it('shows which area is where: pointed at in the list it is lit on the page, and the other way round', async () => {
    const page = await inBench(app, (await draft()).title)
    const frame = await framed(page)
    const outline = () => frame.$eval('[data-area=side]', (area) => getComputedStyle(area).outlineStyle)
    const edge = (spot: string) =>
      page.$eval(`section[aria-label="${spot}"]`, (section) => getComputedStyle(section).borderColor)
    expect(await outline()).toBe('none')
    await (await page.waitForSelector('section[aria-label="Side"] h2'))?.hover()
    await expect.poll(outline).toBe('dashed')
    await (await waitFor(page, 'button', 'Add to Main, band 1')).focus()
    await page.mouse.move(0, 0)
    await (await waitFor(page, 'button', 'Add to Side')).focus()
    await expect.poll(outline).toBe('dashed')
    await expect.poll(async () => (await edge('Side')) === (await edge('Main'))).toBe(false)
    await (await frame.$('[data-area=main] h2'))?.hover()
    await expect.poll(outline).toBe('none')
    await expect.poll(async () => (await edge('Side')) === (await edge('Main'))).toBe(false)
    await page.close()
  })
})
