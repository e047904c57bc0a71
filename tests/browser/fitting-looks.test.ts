import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { placementsOf } from '~~/core/pages/standing'
import { framed, inBench, pageDraft, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  press,
  publish,
  use,
  waitFor,
  waitForNoText,
  waitForStatus,
  waitForText,
} from './support/hands'
import { chooseTarget, computed, middle, pressState, type } from './support/look'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const [accent, leaf] = ['rgb(161, 61, 23)', 'rgb(40, 98, 74)']
const button = '.search-form button'

/** Presses a colour of the palette. */
async function pressColour(page: Page, hand: string, of: 'Colour' | 'Ground', name: string): Promise<void> {
  const palette = await waitFor(page, 'group', `${of}: of the site’s palette`)
  const sample = await palette.waitForSelector(`::-p-aria([name="${name}"][role="button"])`)
  await (hand === 'mouse' ? sample?.click() : sample?.press('Enter'))
}

/** How often the bench has asked for the page so far. */
const previews = (page: Page) =>
  page.evaluate(
    () => performance.getEntriesByType('resource').filter(({ name }) => name.endsWith('/preview')).length,
  )

const stylesOn = async (path: string) =>
  placementsOf(await pageDraft(app, path)).flatMap((one) =>
    one.kind === 'fitting' && one.fitting.name === 'search' ? [one.styles ?? []] : [],
  )

describe.each([
  ['mouse', 'Orchard', '/orchard'],
  ['keys', 'Plots', '/plots'],
])('how a fitting looks, by the %s,', (hand, title, path) => {
  it('is set by its things and states, shown at once, undone, and what visitors get', async () => {
    const page = await inBench(app, title, { width: 1280, height: 900 })
    await chooseFrom(page, hand, 'Add to Side', 'Search box')
    await (await framed(page)).waitForSelector('.fitting .search-form')
    const [ground, field] = await Promise.all([
      computed(page, button, 'background-color'),
      computed(page, '.search-form input', 'font-size'),
    ])
    await waitForStatus(page, 'Saved')
    await use(page, hand, 'Look')
    await waitFor(page, 'button', 'What of it: Field')
    const asked = await previews(page)

    if (hand === 'mouse') {
      const { x, y } = await middle(page, button)
      await page.mouse.click(x, y)
    } else await chooseTarget(page, hand, 'Button', 'Field')
    await waitFor(page, 'button', 'What of it: Button')
    await use(page, hand, 'Colour')
    await pressColour(page, hand, 'Ground', 'Leaf')
    await expect.poll(() => computed(page, button, 'background-color')).toBe(leaf)
    await pressState(page, hand, 'Pointed at')
    await pressColour(page, hand, 'Ground', 'Accent')
    await expect.poll(() => computed(page, button, 'background-color')).toBe(accent)
    await pressState(page, hand, 'At rest')
    await expect.poll(() => computed(page, button, 'background-color')).toBe(leaf)

    await chooseTarget(page, hand, 'Field', 'Button')
    await use(page, hand, 'Letters')
    await type(page, 'Size', '9999')
    await waitForText(page, 'aside', 'Give a length from 6 to 200 px.')
    await type(page, 'Size', '21')
    await expect.poll(() => computed(page, '.search-form input', 'font-size')).toBe('21px')
    await waitForText(page, 'aside', '2 styled')
    expect(await previews(page)).toBe(asked)
    await waitForStatus(page, 'Saved')
    expect(await stylesOn(path)).toEqual([
      [
        { target: 'search-button', state: null, below: null, set: { ground: 'leaf' } },
        { target: 'search-button', state: 'pointed', below: null, set: { ground: 'accent' } },
        { target: 'search-field', state: null, below: null, set: { letterSize: '21px' } },
      ],
    ])

    await publish(page, hand)
    await waitForText(page, 'body', `“${title}” is live.`)
    const live = await visitor(app, { script: false })
    await live.goto(app.address + path)
    const colourOf = () => live.$eval(`main ${button}`, (one) => getComputedStyle(one).backgroundColor)
    expect(await colourOf()).toBe(leaf)
    await live.hover(`main ${button}`)
    await expect.poll(colourOf).toBe(accent)
    await live.close()

    await use(page, hand, 'What of it: Field')
    await press(page, 'radio', 'Button, styled')
    await pressColour(page, hand, 'Colour', 'Leaf')
    await page.locator('::-p-text(Checks)').click()
    await waitForText(page, 'aside', 'Button has 1.0 to 1 with its ground')
    await use(page, hand, 'Take the nearest colour that can be read: Search box')
    await waitForNoText(page, 'aside', 'Button has 1.0 to 1 with its ground')
    await press(page, 'button', 'Undo: Take the nearest colour that can be read')
    await press(page, 'button', 'Undo: Look')

    for (let steps = 0; steps < 3; steps += 1) await press(page, 'button', 'Undo: Look')
    await expect.poll(() => computed(page, button, 'background-color')).toBe(ground)
    expect(await computed(page, '.search-form input', 'font-size')).toBe(field)
    await page.close()
  })
})

describe.each([
  ['mouse', 'Gardens we made', 'All gardens we made'],
  ['keys', 'Plots', 'All plots'],
])('what visitors can do, looked at by the %s,', (hand, title, listing) => {
  it('is told where it can’t be read in a state that it is not in, and mended there', async () => {
    const page = await inBench(app, title, { width: 1280, height: 900 })
    await page.locator(`::-p-text(${listing})`).click()
    await waitForText(page, '[aria-label=Tally]', 'shown')
    await page.keyboard.press('6')
    await chooseTarget(page, hand, 'Choice to press')
    await use(page, hand, 'Colour')
    await pressState(page, hand, 'Pointed at')
    await pressColour(page, hand, 'Colour', 'Paper')
    await page.locator('::-p-text(Checks)').click()
    const told = 'Choice to press has 1.0 to 1 with its ground where it is pointed at'
    await waitForText(page, 'aside', told)
    await use(page, hand, `Take the nearest colour that can be read: ${listing}`)
    await waitForNoText(page, 'aside', told)
    await press(page, 'button', 'Undo: Take the nearest colour that can be read')
    await waitForText(page, 'aside', told)
    await press(page, 'button', 'Undo: Look')
    await waitForNoText(page, 'aside', told)
    await page.close()
  })
})

describe.each([
  ['mouse', 'Our years'],
  ['keys', 'Seed shelf'],
])('a fitting whose letters are too small, by the %s,', (hand, title) => {
  it('is told by the checks, and gets the least that can be read', async () => {
    const page = await inBench(app, title, { width: 1280, height: 900 })
    await chooseFrom(page, hand, 'Add to Main', 'Search box')
    await (await framed(page)).waitForSelector('.fitting .search-form')
    await use(page, hand, 'Look')
    await waitFor(page, 'button', 'What of it: Field')
    await use(page, hand, 'Letters')
    await type(page, 'Size', '9')
    await page.locator('::-p-text(Checks)').click()
    const told = 'Field has letters of 9 px: 12 is the least that all can read.'
    await waitForText(page, 'aside', told)
    await use(page, hand, 'Set 12 px: Search box')
    await waitForNoText(page, 'aside', told)
    await expect.poll(() => computed(page, '.search-form input', 'font-size')).toBe('12px')
    await page.close()
  })
})
