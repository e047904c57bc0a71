import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newFitting } from '~~/core/fittings'
import type { FittingChoice } from '~~/core/fittings'
import { newBand } from '~~/core/pages/bands/definition'
import type { Band } from '~~/core/pages/bands/definition'
import { newPage } from '~~/core/pages/definition'
import type { Page, PlacedFitting } from '~~/core/pages/definition'
import { boxWidthOn, frames } from '~~/core/pages/frames'
import { bandOn } from '~~/core/pages/moves'
import { columnsOn, placementsOf } from '~~/core/pages/standing'
import { inBench, pageDraft, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { chooseFrom, drag, isThere, press, setNumber, waitFor, waitForStatus } from './support/hands'
import { violations } from './support/violations'
import { written } from './support/written'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const placed = (fitting: FittingChoice): PlacedFitting => ({
  kind: 'fitting',
  id: randomUUID(),
  heading: '',
  fitting,
})
const heading = (text: string) => placed({ ...newFitting('heading'), text })

/** Bands of every reach, with and without a background, of several columns. */
function bands(): readonly Band[] {
  const columns = [[1], [1, 1], [2, 1], [1, 2, 1], [1, 1, 1, 6]]
  return (['contained', 'background', 'whole'] as const).flatMap((reach, which) =>
    columns.map((parts, at): Band => ({
      ...newBand(which * 10 + at + 1),
      reach,
      background: at % 2 === 0 ? { is: 'none' } : { is: 'colour', colour: '#28624a' },
      above: at * 8,
      columns: parts.map((one) => ({ parts: one, placements: [heading(`${reach} ${one}`)] })),
    })),
  )
}

async function publish(page: Page): Promise<void> {
  const published = JSON.stringify(page)
  await written(app, (trx) => trx.updateTable('pages').set({ published }).where('path', '=', '/').execute())
}

describe('the columns of a band', () => {
  it.each(frames.names)('are as wide on the page as the core says, and are sound: %s', async (frame) => {
    const empty = newPage('Banded', '', frame)
    const areas = Object.keys(empty.areas).map((area, which) => [
      area,
      bands().map((band) => ({ ...band, id: which * 100 + band.id })),
    ])
    const banded: Page = { ...empty, areas: Object.fromEntries(areas) }
    await publish(banded)
    const page = await visitor(app)
    for (const width of [360, 800, 1100, 1279, 1700]) {
      await page.setViewport({ width, height: 900 })
      await page.goto(`${app.address}/`)
      const widths = await page.$$eval('.column', (all) =>
        all.map((one) => one.getBoundingClientRect().width),
      )
      const told = columnsOn(banded).map((one) => boxWidthOn(one.box, width))
      expect(widths).toHaveLength(told.length)
      widths.forEach((one, at) => expect(one, `column ${at} at ${width}`).toBeCloseTo(told[at] ?? -1, 1))
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
      expect(overflow, `sideways at ${width}`).toBeLessThanOrEqual(0)
    }
    expect(await violations(page)).toEqual([])
    await page.close()
  })

  it('are not there on pages for which the band is hidden', async () => {
    const band: Band = { ...newBand(1, [heading('Only at a desk')]), hiddenAt: ['narrow', 'medium'] }
    await publish({ ...newPage('Hidden', '', 'wide'), areas: { main: [band] } })
    const page = await visitor(app)
    for (const [width, isSeen] of [
      [639, false],
      [999, false],
      [1000, true],
    ] as const) {
      await page.setViewport({ width, height: 900 })
      await page.goto(`${app.address}/`)
      expect(await isThere(page, 'heading', 'Only at a desk'), String(width)).toBe(isSeen)
    }
    await page.close()
  })
})

describe('a band in the bench', () => {
  it.each([
    ['mouse', 'Plots', '/plots'],
    ['keys', 'Lessons', '/lessons'],
  ])(
    'is added, parted, filled, moved and taken off, and nothing is lost: by %s',
    async (hand, title, path) => {
      const before = await pageDraft(app, path)
      const [listing] = before.areas.main?.[0]?.columns[0]?.placements ?? []
      if (listing?.kind !== 'listing') throw new Error('The page begins with a listing.')
      const { name } = await app.db
        .selectFrom('listings')
        .select((has) => has.ref('draft', '->>').key('name').as('name'))
        .where('id', '=', listing.listing)
        .executeTakeFirstOrThrow()
      const page = await inBench(app, title, { width: 1280, height: 900 })
      await chooseFrom(page, hand, 'What to do with Main', 'Add a band below')
      const setUp = 'Main, Band 2'
      if (hand === 'mouse') await press(page, 'button', setUp)
      else await (await waitFor(page, 'button', setUp)).press('Enter')
      const one = await waitFor(page, 'radio', 'One')
      if (hand === 'mouse') await press(page, 'radio', '2 : 1')
      else {
        await one.focus()
        await page.keyboard.press('ArrowRight')
        await page.keyboard.press('ArrowRight')
      }
      await setNumber(page, 'Parts of column 2', 3)
      await chooseFrom(page, hand, 'Add to Main, band 2, column 1', 'Heading')
      await waitFor(page, 'button', 'A heading')
      if (hand === 'mouse') {
        const column = await page.waitForSelector('section[aria-label="Main, band 2, column 2"] ul')
        if (column === null) throw new Error('There is no second column.')
        await drag(page, `Move ${name}: arrow keys`, column, () =>
          page.$eval(
            'section[aria-label="Main, band 2, column 2"]',
            (section, text) => section.textContent?.includes(text) === true,
            String(name),
          ),
        )
      } else {
        await (await waitFor(page, 'button', `Move ${name}: arrow keys`)).focus()
        await page.keyboard.press('ArrowRight')
        await page.keyboard.press('ArrowRight')
      }
      await waitForStatus(page, 'Saved')
      await expect
        .poll(async () =>
          (await pageDraft(app, path)).areas.main?.[1]?.columns.map((c) => c.placements.length),
        )
        .toEqual([1, 1])
      const filled = await pageDraft(app, path)
      expect(filled.areas.main?.[1]?.columns.map((column) => column.parts)).toEqual([2, 3])
      expect(filled.areas.main?.[1]?.columns[1]?.placements).toEqual([listing])
      expect(await violations(page)).toEqual([])

      const second = filled.areas.main?.[1]?.id ?? 0
      const handle = 'Move Main, band 2: arrow keys'
      if (hand === 'mouse') {
        const first = 'section[aria-label=Main] > ol > li'
        const top = await page.waitForSelector(`${first} .band-head`)
        if (top === null) throw new Error('There is no first band.')
        await drag(page, handle, top, () =>
          page.$eval(first, (band) => band.textContent?.includes('A heading') === true),
        )
        await (await waitFor(page, 'button', 'Move Main, band 1: arrow keys')).focus()
      } else {
        await (await waitFor(page, 'button', handle)).focus()
        await page.keyboard.press('ArrowUp')
      }
      await expect.poll(async () => (await pageDraft(app, path)).areas.main?.[0]?.id).toBe(second)
      // By keys, the handle keeps the focus where it went, and moves on from there.
      await page.keyboard.press('ArrowRight')
      await expect.poll(async () => (await pageDraft(app, path)).areas.side?.at(-1)?.id).toBe(second)
      await chooseFrom(page, hand, `What to do with Side, band 2`, 'Take this band off')
      await expect.poll(async () => bandOn(await pageDraft(app, path), second)).toBeUndefined()
      expect((await pageDraft(app, path)).shelf.slice(0, 2).map((thing) => thing.kind)).toEqual([
        'fitting',
        'listing',
      ])
      await press(page, 'button', 'Undo')
      await expect.poll(async () => bandOn(await pageDraft(app, path), second)?.columns.length).toBe(2)
      expect(placementsOf(await pageDraft(app, path))).toHaveLength(placementsOf(before).length + 1)
      await page.close()
    },
  )
})
