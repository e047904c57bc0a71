import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { asPublished, framed, inBench, signedIn, startApp } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  clear,
  fill,
  press,
  use,
  waitFor,
  waitForNoDialog,
  waitForStatus,
  waitForText,
} from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** How large the letters of the framed page's first card are. */
async function letters(page: Page): Promise<string> {
  const frame = await framed(page)
  return frame.$eval('main [data-placement] .card', (card) => getComputedStyle(card).fontSize)
}

/** What stands in the field of how large letters are. */
async function typed(page: Page): Promise<string> {
  return (await waitFor(page, 'textbox', 'Size')).evaluate((field) => (field as HTMLInputElement).value)
}

async function setStep(page: Page, hand: string, step: string, length: string): Promise<void> {
  await use(page, hand, 'Change sizes and spaces')
  await waitFor(page, 'dialog', 'Change sizes and spaces')
  await clear(page, step)
  await fill(page, step, length)
}

describe.each(['mouse', 'keys'])('the scales of a site by the %s', (hand) => {
  it('name what looks set, which follows them', async () => {
    await asPublished(app, 'Orchard notes')
    const page = await inBench(app, 'Orchard')
    await press(page, 'button', 'Orchard notes 6')
    await use(page, hand, 'How it looks: the site’s look')
    await use(page, hand, 'Letters')
    await chooseFrom(page, hand, 'Size: of the site’s scale', 'Large · 32 px')
    await expect.poll(() => letters(page)).toBe('32px')
    expect(await typed(page)).toBe('Large')
    // A step is where it is stepped from.
    await (await waitFor(page, 'textbox', 'Size')).press('ArrowUp')
    await expect.poll(() => letters(page)).toBe('33px')
    const field = await waitFor(page, 'textbox', 'Size')
    await field.click({ count: 3 })
    await page.keyboard.type('large')
    await page.keyboard.press('Enter')
    await expect.poll(() => letters(page)).toBe('32px')
    await field.click({ count: 3 })
    await page.keyboard.type('enormous')
    await page.keyboard.press('Enter')
    await waitForText(page, 'aside', 'Give a length as a number with its unit')
    await page.keyboard.press('Escape')
    await waitForStatus(page, 'Saved')

    await press(page, 'link', 'Looks')
    await setStep(page, hand, 'Large, of sizes of letters', '2.5rem')
    await use(page, hand, 'Add a size')
    await fill(page, 'Name of the step', `Huge by ${hand}`)
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await waitForText(page, 'body', 'Sizes and spaces are changed')
    await page.close()

    const again = await inBench(app, 'Orchard')
    await expect.poll(() => letters(again)).toBe('40px')
    await press(again, 'button', 'Orchard notes 6')
    await use(again, hand, 'How it looks: the site’s look, with card of its own')
    await use(again, hand, 'Letters 1 differs')
    await chooseFrom(again, hand, 'Size: of the site’s scale', `Huge by ${hand} · 20 px`)
    await expect.poll(() => letters(again)).toBe('20px')

    await press(again, 'link', 'Looks')
    await use(again, hand, 'Change sizes and spaces')
    await use(again, hand, 'Put back the usual ones')
    await use(again, hand, 'Save')
    await waitForNoDialog(again)
    await again.close()
  })

  it('say what can’t be a step', async () => {
    const page = await signedIn(app)
    await press(page, 'link', 'Looks')
    await setStep(page, hand, 'Hair, of spaces', 'thin')
    await use(page, hand, 'Save')
    await waitForText(page, '[role=dialog]', 'Give the space as a number with px or rem, up to 2000 px.')
    await use(page, hand, 'Cancel')
    await use(page, hand, 'Leave')
    await page.close()
  })
})
