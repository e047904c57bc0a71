import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Frame, Page } from 'puppeteer-core'
import { inBench, startApp } from './support/app'
import type { App } from './support/app'
import {
  drag,
  press,
  waitFor,
  waitForNoDialog,
  waitForNoText,
  waitForStatus,
  waitForStillness,
  waitForText,
} from './support/hands'
import { written } from './support/written'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const sentence = 'section[aria-label="The listing in words"]'

/** Opens the home page in the bench, as it was published, with its first listing in hand. */
async function atWork(): Promise<{ readonly page: Page; readonly shown: Frame }> {
  await app.db
    .updateTable('listings')
    .set({ draft: sql`published` })
    .where('published', 'is not', null)
    .execute()
  const page = await inBench(app, 'From the hill', { width: 1280, height: 900 })
  await press(page, 'button', 'Latest notes 6')
  await waitForText(page, sentence, 'Show all field notes')
  const frame = await page.waitForSelector('::-p-aria([name="From the hill, the page as visitors get it"])')
  const shown = await frame?.contentFrame()
  if (!shown) throw new Error('The page is not shown.')
  return { page, shown }
}

const first = '[data-area=main] [data-placement]:first-child'

/** What each card of the first listing shows, by the kinds of its parts, from top to bottom. */
function partsShown(shown: Frame) {
  return shown.$eval(`${first} article`, (card) =>
    Array.from(card.querySelectorAll('[data-part]'), (part) => part.getAttribute('data-part')),
  )
}

async function undo(page: Page): Promise<void> {
  await page.keyboard.down('Control')
  await page.keyboard.press('KeyZ')
  await page.keyboard.up('Control')
}

describe('the card', () => {
  it('is set up from the page: a part that is pressed opens its settings, and is outlined', async () => {
    const { page, shown } = await atWork()
    await shown.$eval(`${first} [data-part=date]`, (part) => (part as HTMLElement).click())
    await waitFor(page, 'button', 'Settings of date')
    await waitForText(page, sentence, 'date')
    expect(
      await shown.$$eval(`${first} .bench-part`, (all) => all.map((one) => one.getAttribute('data-part'))),
    ).toEqual(Array.from({ length: 6 }, () => 'date'))
    await press(page, 'combobox', 'Written as')
    await press(page, 'option', 'November 2026')
    await expect
      .poll(() => shown.$eval(`${first} time`, (time) => time.textContent))
      .toMatch(/^\p{L}+ \d{4}$/u)
    await press(page, 'button', 'Settings of title')
    await expect
      .poll(() => shown.$eval(`${first} .bench-part`, (one) => one.getAttribute('data-part')))
      .toBe('title')
  })

  it('has parts that are moved from zone to zone with the keys, and others added to it', async () => {
    const { page, shown } = await atWork()
    await page.keyboard.press('5')
    expect(await partsShown(shown)).toEqual(['picture', 'topic', 'title', 'date'])
    const handle = await waitFor(page, 'button', 'Move terms: arrow keys')
    await handle.focus()
    await page.keyboard.press('ArrowUp')
    await expect
      .poll(() => shown.$$eval(`${first} .card-beside [data-part=topic]`, (all) => all.length))
      .toBe(6)
    for (let steps = 0; steps < 2; steps += 1) await page.keyboard.press('ArrowUp')
    await expect.poll(() => partsShown(shown)).toEqual(['topic', 'picture', 'title', 'date'])
    await press(page, 'button', 'Add a part')
    await press(page, 'menuitem', 'Row of facts')
    await expect.poll(async () => (await partsShown(shown)).at(-1)).toBe('facts')
    await waitForText(page, sentence, 'row of 2 facts')
    await press(page, 'button', 'Add a part')
    await press(page, 'menuitem', 'Label')
    await press(page, 'combobox', 'Only if')
    await press(page, 'option', 'It is pinned')
    await waitForText(page, sentence, '“New” if pinned')
    await waitForStatus(page, 'Saved')
  })

  it('has parts that are dragged from zone to zone', async () => {
    const { page, shown } = await atWork()
    await page.keyboard.press('5')
    const foot = await page.waitForSelector('section[aria-label="Foot"] ul')
    if (foot === null) throw new Error('There is no foot.')
    await drag(page, 'Move title: arrow keys', foot, async () =>
      page.$$eval('section[aria-label="Foot"] [data-key=title]', (all) => all.length > 0),
    )
    await expect
      .poll(() => shown.$$eval(`${first} .card-foot [data-part=title]`, (all) => all.length))
      .toBe(6)
  })

  it('takes a ready-made card, shown with its own entries, and gives it back', async () => {
    const { page, shown } = await atWork()
    await page.keyboard.press('5')
    const before = await partsShown(shown)
    await press(page, 'button', 'Ready-made cards')
    const samples = () =>
      page.$$eval('[role=dialog] iframe', (all) => all.map((one) => (one as HTMLIFrameElement).srcdoc))
    await expect.poll(async () => (await samples()).length).toBeGreaterThanOrEqual(12)
    expect((await samples()).every((one) => one.includes('<article'))).toBe(true)
    await press(page, 'button', 'Title on the picture')
    await waitForNoDialog(page)
    await expect
      .poll(() => shown.$$eval(`${first} .card-over [data-part=title]`, (all) => all.length))
      .toBe(6)
    await undo(page)
    await expect.poll(() => partsShown(shown)).toEqual(before)
  })

  it('can be another for the first', async () => {
    const { page, shown } = await atWork()
    await page.keyboard.press('5')
    await press(page, 'radio', 'For the first')
    await waitForText(page, sentence, 'another for the first')
    await press(page, 'radio', 'The other')
    await (await waitFor(page, 'checkbox', 'Show picture')).click()
    await expect
      .poll(() =>
        shown.$$eval(`${first} article`, (all) =>
          all.map((card) => card.querySelector('[data-part=picture]') !== null),
        ),
      )
      .toEqual([false, true, true, true, true, true])
  })
})

describe('the shape', () => {
  it('is changed with the arrow keys, on the page and in the sentence at once', async () => {
    const { page, shown } = await atWork()
    await page.keyboard.press('4')
    await (await waitFor(page, 'radio', 'Grid')).focus()
    await page.keyboard.press('ArrowRight')
    await waitForText(page, sentence, 'masonry of 3 columns')
    await shown.waitForSelector(`${first} .masonry.driven`)
    await page.keyboard.press('ArrowRight')
    await waitForText(page, sentence, 'a list, picture before the text')
    await shown.waitForSelector(`${first} .list`)
    await page.keyboard.press('ArrowRight')
    // What moves the slides works here as it does for visitors.
    const next = await shown.waitForSelector(`${first} [data-control=after]`)
    await next?.evaluate((button) => (button as HTMLElement).click())
    await expect.poll(() => shown.$eval(`${first} .slides`, (row) => row.scrollLeft)).toBeGreaterThan(0)
    for (let steps = 0; steps < 3; steps += 1) await undo(page)
    await waitForText(page, sentence, 'a grid of 3 columns')
    await expect
      .poll(() => shown.$eval(`${first} ul`, (list) => [list.className, list.getAttribute('style')]))
      .toEqual(['grid', null])
  })

  it('is seen at three widths side by side, each by its own stops', async () => {
    const { page } = await atWork()
    await press(page, 'button', 'Side by side')
    // Asked in each page's own world: handles of nodes don't outlive the document that a frame begins with.
    const inEach = async (count: (selector: string) => number, selector: string) =>
      Promise.all(
        (await page.$$('iframe')).map(async (one) =>
          (await one.contentFrame()).evaluate(count, `${first} ${selector}`),
        ),
      )
    const columns = (selector: string) =>
      new Set(
        Array.from(document.querySelectorAll(selector), (card) =>
          Math.round(card.getBoundingClientRect().left),
        ),
      ).size
    await expect.poll(() => inEach(columns, '[data-entry]'), { timeout: 30_000 }).toEqual([3, 3, 1])
    await page.keyboard.press('4')
    await press(page, 'radio', 'Table')
    await waitForText(page, sentence, 'a table')
    const tables = (selector: string) => document.querySelectorAll(selector).length
    await expect.poll(() => inEach(tables, 'table'), { timeout: 30_000 }).toEqual([1, 1, 1])
    await press(page, 'button', 'Wide')
    await expect.poll(async () => (await page.$$('iframe')).length, { timeout: 30_000 }).toBe(1)
  })
})

describe('the checks', () => {
  it('find a hole and what is too small, and mend what can be mended', async () => {
    // Whichever notes are the newest when this runs.
    await written(app, (trx) => trx.updateTable('media').set({ width: 240, height: 160 }).execute())
    const { page, shown } = await atWork()
    await page.keyboard.press('3')
    await waitForStillness(page)
    const field = await waitFor(page, 'spinbutton', 'Show')
    await field.click({ count: 3 })
    await field.type('8')
    await expect.poll(() => shown.$$eval(`${first} article`, (all) => all.length)).toBe(8)
    await page.locator('::-p-text(Checks)').click()
    const panel = 'aside[aria-label="What to look at"]'
    await waitForText(page, panel, '8 entries in rows of 3 leave a hole of 1 in the last row.')
    await waitForText(page, panel, 'is stretched to a box')
    await press(page, 'button', 'Show it: Hole in the last row, Latest notes')
    expect(await page.$eval('output', (output) => output.textContent)).toMatch(/^\d+ pxlisting \d+ px$/)
    await press(page, 'button', 'Show 12: Latest notes')
    await waitForNoText(page, panel, 'in rows of 3 leave a hole')
    await expect.poll(() => shown.$$eval(`${first} article`, (all) => all.length)).toBe(12)
    await waitForText(page, sentence, '12 of them')
  })
})
