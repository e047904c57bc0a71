import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { asPublished, framed, inBench, startApp } from './support/app'
import type { App } from './support/app'
import {
  clear,
  fill,
  isThere,
  press,
  use,
  waitFor,
  waitForNoDialog,
  waitForStatus,
  waitForText,
} from './support/hands'
import { chooseTarget, computed, middle, pressState, type } from './support/look'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())
beforeEach(async () => {
  for (const name of ['Orchard notes', 'Wildlife notes']) await asPublished(app, name)
})

const [accent, leaf] = ['rgb(161, 61, 23)', 'rgb(40, 98, 74)']
const title = '.part[data-part="title"] .title'
const ground = 'Ground of what lies over the picture'

/** Presses a colour of the palette, of the letters or of the ground. */
async function pressColour(page: Page, hand: string, of: 'Colour' | 'Ground', name: string): Promise<void> {
  const palette = await waitFor(page, 'group', `${of}: of the site’s palette`)
  const sample = await palette.waitForSelector(`::-p-aria([name="${name}"][role="button"])`)
  await (hand === 'mouse' ? sample?.click() : sample?.press('Enter'))
}

/** Chooses what is styled: the mouse presses it on the page, at its edge, the keys go through all there is. */
async function chooseAt(
  page: Page,
  hand: string,
  selector: string,
  name: string,
  from: string,
): Promise<void> {
  if (hand === 'keys') return chooseTarget(page, hand, name, from)
  const { x, y } = await middle(page, selector, 0.03)
  await page.mouse.click(x, y)
  await waitFor(page, 'button', `What of it: ${name}`)
}

describe.each(['mouse', 'keys'])('what of a listing is chosen by the %s', (hand) => {
  it('is an overlay, a title and how that is pointed at, all of it undone', async () => {
    const page = await inBench(app, 'Orchard')
    await press(page, 'button', 'Orchard notes 6')
    await page.keyboard.press('5')
    await press(page, 'button', 'Ready-made cards')
    await press(page, 'button', 'Title on the picture')
    await waitForNoDialog(page)
    await (await framed(page)).waitForSelector('[data-placement] .card-over')
    await page.keyboard.press('6')
    await waitFor(page, 'button', 'What of it: Card')
    const [before, size] = await Promise.all([
      computed(page, '.card-over', 'background-color'),
      computed(page, title, 'font-size'),
    ])

    await chooseAt(page, hand, '.card-over', ground, 'Card')
    await use(page, hand, 'Colour')
    await pressColour(page, hand, 'Ground', 'Leaf')
    await expect.poll(() => computed(page, '.card-over', 'background-color')).toBe(leaf)
    await pressState(page, hand, 'Pointed at')
    await pressColour(page, hand, 'Ground', 'Accent')
    await expect.poll(() => computed(page, '.card-over', 'background-color')).toBe(accent)
    await pressState(page, hand, 'At rest')
    await expect.poll(() => computed(page, '.card-over', 'background-color')).toBe(leaf)

    await chooseAt(page, hand, title, 'Title', ground)
    await use(page, hand, 'Letters')
    await type(page, 'Size', '31')
    await expect.poll(() => computed(page, title, 'font-size')).toBe('31px')
    await page.keyboard.press('Escape')
    while (!(await isThere(page, 'button', 'Undo: Card “Title on the picture”')))
      await press(page, 'button', 'Undo: Look')
    await expect.poll(() => computed(page, '.card-over', 'background-color')).toBe(before)
    expect(await computed(page, title, 'font-size')).toBe(size)
    await page.close()
  })

  it('is of the palette in two listings, which both follow where that changes once', async () => {
    const page = await inBench(app, 'Orchard')
    for (const listing of ['Orchard notes 6', 'Wildlife notes 5']) {
      await press(page, 'button', listing)
      await use(page, hand, 'How it looks: the site’s look')
      await chooseTarget(page, hand, 'Title', await targetOf(page))
      if (!(await isThere(page, 'group', 'Colour: of the site’s palette'))) await use(page, hand, 'Colour')
      await pressColour(page, hand, 'Colour', 'Accent')
      await waitForText(page, 'section[aria-label="The listing in words"]', 'with title of its own')
    }
    await waitForStatus(page, 'Saved')
    expect(await titles(page)).toEqual([accent, accent])

    await press(page, 'link', 'Looks')
    await use(page, hand, 'Change the palette')
    await clear(page, 'Accent on light pages')
    await fill(page, 'Accent on light pages', '#7a1f5c')
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await page.close()
    const again = await inBench(app, 'Orchard')
    await expect.poll(() => titles(again)).toEqual(['rgb(122, 31, 92)', 'rgb(122, 31, 92)'])

    await press(again, 'link', 'Looks')
    await use(again, hand, 'Change the palette')
    await use(again, hand, 'Put back the usual ones')
    await use(again, hand, 'Save')
    await waitForNoDialog(again)
    await again.close()
  })
})

it('is of the listing that is pressed, while the look of another is open', async () => {
  const page = await inBench(app, 'Orchard')
  await press(page, 'button', 'Orchard notes 6')
  await use(page, 'mouse', 'How it looks: the site’s look')
  await waitFor(page, 'button', 'What of it: Card')
  const placements = await (
    await framed(page)
  ).$$eval('main [data-placement]', (all) => all.flatMap((one) => one.getAttribute('data-placement') ?? []))
  const { x, y } = await middle(page, title, 0.1, `[data-placement="${placements[1]}"]`)
  await page.mouse.click(x, y)
  await waitFor(page, 'button', 'What of it: Title')
  await press(page, 'button', 'Colour')
  await pressColour(page, 'mouse', 'Colour', 'Leaf')
  await expect.poll(async () => (await titles(page)).indexOf(leaf)).toBe(1)
  expect((await titles(page)).filter((colour) => colour === leaf)).toHaveLength(1)
  await page.close()
})

/** What is styled now, as the drawer calls it. */
async function targetOf(page: Page): Promise<string> {
  return (await isThere(page, 'button', 'What of it: Title')) ? 'Title' : 'Card'
}

/** The colours of the first titles of the page's two listings. */
async function titles(page: Page): Promise<readonly string[]> {
  const frame = await framed(page)
  return frame.$$eval('[data-placement]', (all) =>
    all.flatMap((one) => {
      const first = one.querySelector('.part[data-part="title"] .title')
      return first === null ? [] : [getComputedStyle(first).color]
    }),
  )
}
