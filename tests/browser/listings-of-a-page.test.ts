import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { inBench, startApp } from './support/app'
import type { App } from './support/app'
import {
  fill,
  isThere,
  press,
  setNumber,
  shownCards,
  waitFor,
  waitForNoText,
  waitForStatus,
  waitForStillness,
  waitForText,
} from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const sentence = 'section[aria-label="The listing in words"]'

async function benchOf(title: string): Promise<Page> {
  const page = await inBench(app, title)
  return page
}

/** The names of the listings in an area, from top to bottom. */
function namesIn(page: Page, area: string): Promise<readonly string[]> {
  return page.$$eval(`section[aria-label="${area}"] .name`, (all) => all.map((one) => one.textContent ?? ''))
}

describe('a listing on its page', () => {
  it('is duplicated with all its settings, each changed by itself from then on', async () => {
    const page = await benchOf('Orchard')
    await waitFor(page, 'button', 'Orchard notes 6')
    const [first = '', ...others] = await namesIn(page, 'Main')
    await press(page, 'button', `What to do with ${first}`)
    await press(page, 'menuitem', 'Duplicate')
    const copy = `${first} 2`
    await expect.poll(() => namesIn(page, 'Main')).toEqual([first, copy, ...others])
    await page.keyboard.press('3')
    await setNumber(page, 'Show', 2)
    await waitFor(page, 'button', `${copy} 2`)
    await waitFor(page, 'button', 'Orchard notes 6')
    await waitForStatus(page, 'Saved')
    const rows = await app.db.selectFrom('listings').select('draft').execute()
    expect(rows.find((row) => row.draft.name === copy)?.draft.amount?.take).toBe(2)
    await page.close()
  })

  it('is chosen, and moves nothing by that', async () => {
    const page = await benchOf('Seed shelf')
    const row = await waitFor(page, 'button', 'All seed shelf 30')
    const before = await row.boundingBox()
    await press(page, 'button', 'All seed shelf 30')
    await waitForText(page, sentence, 'in Seed packet')
    await waitForStillness(page)
    expect(await row.boundingBox()).toEqual(before)
    await page.close()
  })

  it('is renamed where its name stands, by mouse and by key', async () => {
    const page = await benchOf('Seed shelf')
    await (await waitFor(page, 'button', 'All seed shelf 30')).click({ count: 2 })
    await fill(page, 'Name of All seed shelf', 'Everything to sow')
    await page.keyboard.press('Enter')
    await (await waitFor(page, 'button', 'Everything to sow 30')).focus()
    await page.keyboard.press('F2')
    await fill(page, 'Name of Everything to sow', 'Not this')
    await page.keyboard.press('Escape')
    await waitFor(page, 'button', 'Everything to sow 30')
    await press(page, 'button', 'What to do with Everything to sow')
    await press(page, 'menuitem', 'Rename')
    await fill(page, 'Name of Everything to sow', 'All to sow')
    await page.keyboard.press('Enter')
    await waitFor(page, 'button', 'All to sow 30')
    await press(page, 'button', 'Undo: Rename “Everything to sow”')
    await waitFor(page, 'button', 'Everything to sow 30')
    await page.close()
  })

  it('is taken off, and back by the notice', async () => {
    const page = await benchOf('Plots')
    await waitFor(page, 'button', 'All plots 20')
    const before = await shownCards(page, 'All plots')
    expect(before).toBeGreaterThan(5)
    await press(page, 'button', 'What to do with All plots')
    await press(page, 'menuitem', 'Take off this page')
    await waitForText(page, 'body', '“All plots” is off this page.')
    expect(await isThere(page, 'button', 'All plots 20')).toBe(false)
    await expect.poll(() => shownCards(page, 'All plots')).toBe(-1)
    await press(page, 'button', 'Undo')
    await waitFor(page, 'button', 'All plots 20')
    await expect.poll(() => shownCards(page, 'All plots')).toBe(before)
    await page.close()
  })

  it('takes the settings of one clause over from another', async () => {
    const page = await benchOf('Field notes')
    await press(page, 'button', 'All notes 57')
    await page.keyboard.press('2')
    await press(page, 'button', 'More to do with these settings')
    await press(page, 'menuitem', 'Copy these settings')
    await press(page, 'button', 'Most read 5')
    await waitForText(page, sentence, 'most read first')
    await page.keyboard.press('3')
    await press(page, 'button', 'More to do with these settings')
    // Settings of another clause are none of this one's.
    expect(await isThere(page, 'menuitem', 'Put the copied settings here')).toBe(false)
    await page.keyboard.press('Escape')
    await page.keyboard.press('2')
    await press(page, 'button', 'More to do with these settings')
    await press(page, 'menuitem', 'Put the copied settings here')
    await waitForText(page, sentence, 'newest first')
    await page.close()
  })
})

describe('a draft that nobody wants', () => {
  it('goes back to what visitors see, by one edit that Undo takes back', async () => {
    const page = await benchOf('Lessons')
    await press(page, 'button', 'All lessons 8')
    await page.keyboard.press('3')
    await setNumber(page, 'Show', 3)
    await waitFor(page, 'button', 'All lessons 3')
    await waitForStatus(page, 'Changes not live')
    await press(page, 'button', 'More to do with this page')
    await press(page, 'menuitem', 'Go back to the live page')
    await waitFor(page, 'button', 'All lessons 8')
    await waitForStatus(page, 'Saved')
    await waitForNoText(page, '[role=status]', 'Changes not live')
    await press(page, 'button', 'Undo: Go back to the live page')
    await waitFor(page, 'button', 'All lessons 3')
    await page.close()
  })

  it('is saved at once by the key that saves everywhere', async () => {
    const page = await benchOf('Growers’ words')
    await press(page, 'button', 'All growers’ words 22')
    await page.keyboard.press('3')
    await setNumber(page, 'Show', 7)
    await page.keyboard.down('Control')
    await page.keyboard.press('KeyS')
    await page.keyboard.up('Control')
    await waitForStatus(page, 'Saved')
    await page.close()
  })
})
