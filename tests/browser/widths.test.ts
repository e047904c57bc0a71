import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { inBench, startApp } from './support/app'
import type { App } from './support/app'
import { isThere, press, setNumber, waitFor, waitForStatus, waitForText } from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** The drawer of how a grid of the demo is laid out. */
async function shapeDrawer(): Promise<Page> {
  const page = await inBench(app, 'From the hill', { width: 1500, height: 900 })
  await press(page, 'button', 'Latest notes 6')
  await press(page, 'button', 'How they are laid out: a grid of 3 columns, 2 · 1')
  await waitFor(page, 'spinbutton', 'Column gap')
  return page
}

const fields = (page: Page, label: string) =>
  page.$$(`::-p-aria([role="spinbutton"][name="${label}"])`).then((all) => all.length)

/** The gaps of the chosen grid as the page in the frame draws them. */
async function drawn(page: Page): Promise<string> {
  const frame = await (await page.$('iframe'))?.contentFrame()
  const grid = await frame?.$('::-p-aria([role="region"][name="Latest notes"]) ul')
  return (await grid?.evaluate((list) => getComputedStyle(list).gap)) ?? ''
}

describe('the space between cards', () => {
  it('is set once for all widths, and once both ways when its two numbers are linked', async () => {
    const page = await shapeDrawer()
    expect(await fields(page, 'Column gap')).toBe(1)
    await setNumber(page, 'Column gap', 40)
    await setNumber(page, 'Row gap', 12)
    await expect.poll(() => drawn(page)).toBe('12px 40px')
    await (await waitFor(page, 'button', 'The same gap between columns and rows')).focus()
    await page.keyboard.press('Enter')
    await expect.poll(() => drawn(page)).toBe('40px')
    await setNumber(page, 'Gap', 18)
    await expect.poll(() => drawn(page)).toBe('18px')
    expect(await fields(page, 'Row gap')).toBe(0)
    await press(page, 'button', 'The same gap between columns and rows')
    await setNumber(page, 'Row gap', 30)
    await expect.poll(() => drawn(page)).toBe('30px 18px')
    await waitForStatus(page, 'Saved')
    await page.close()
  })

  it('is each width’s own where that is wanted, and that of the widest again where it is not', async () => {
    const page = await shapeDrawer()
    await (await waitFor(page, 'checkbox', 'Other gaps at each width')).focus()
    await page.keyboard.press('Space')
    await expect.poll(() => fields(page, 'Column gap')).toBe(3)
    // The widest stands first.
    await setNumber(page, 'Column gap', 50)
    await expect.poll(async () => (await drawn(page)).endsWith(' 50px')).toBe(true)
    await (await waitFor(page, 'checkbox', 'Other gaps at each width')).click()
    await expect.poll(() => fields(page, 'Column gap')).toBe(1)
    await press(page, 'button', 'Narrow')
    await expect.poll(async () => (await drawn(page)).endsWith(' 50px')).toBe(true)
    await page.close()
  })
})

/** Waits until the sentence of the listing says something. */
const says = (page: Page, text: string) => waitForText(page, '[aria-label="The listing in words"]', text)

describe('the width of a listing', () => {
  it('is told as its own, with the page on which it has it, and what it never comes to is said', async () => {
    const page = await shapeDrawer()
    await waitForText(page, 'output', '1280 pxlisting 812 px')
    await says(page, 'a grid of 3 columns · 2 · 1')
    await press(page, 'button', 'Narrow')
    await waitForText(page, 'output', '390 pxlisting 350 px')
    await says(page, 'a grid of 1 column · 2 columns where wider; 3 columns where wider')
    await press(page, 'button', 'Wide')
    await setNumber(page, 'From', 900)
    await says(page, 'a grid of 2 columns · 1 where narrower; 3 columns where wider')
    await waitForText(page, 'fieldset', 'Where it stands, first on a page of 964 px')
    await setNumber(page, 'From', 950)
    await says(
      page,
      'a grid of 2 columns · 1 where narrower; 3 columns only from 950 px, which it never is here',
    )
    await waitForText(page, 'fieldset', 'Never where it stands: it gets 935 px there at most')
    await page.close()
  })
})

describe('the columns beside the page', () => {
  it.each(['mouse', 'keys'])(
    'fold away, so that the page is seen larger, and come back: by %s',
    async (hand) => {
      const page = await inBench(app, 'Plots', { width: 1280, height: 800 })
      const shownWidth = () =>
        page.$eval('iframe', (frame) => Math.round(frame.getBoundingClientRect().width))
      const isOpen = async (name: string) =>
        (await waitFor(page, 'button', name)).evaluate((button) => button.getAttribute('aria-expanded'))
      const fold = (name: string, key: ',' | '.') =>
        hand === 'mouse' ? press(page, 'button', name) : page.keyboard.press(key)
      const [areas, settings] = ['Areas of this page', 'Settings beside the page']
      const beside = await shownWidth()
      await fold(areas, ',')
      await expect.poll(() => isOpen(areas)).toBe('false')
      expect(await isThere(page, 'navigation', areas)).toBe(false)
      await fold(settings, '.')
      // As wide as the window lets it be, but for the space around it.
      await expect.poll(shownWidth).toBe(1240)
      expect(beside).toBeLessThan(760)
      await page.keyboard.press('4')
      expect(await isOpen(settings)).toBe('false')
      await fold(areas, ',')
      await press(page, 'button', 'All plots 20')
      await page.keyboard.press('4')
      await waitFor(page, 'heading', 'How they are laid out')
      expect(await isOpen(settings)).toBe('true')
      await expect.poll(shownWidth).toBe(beside)
      await page.close()
    },
  )
})
