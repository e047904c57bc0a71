import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { inBench, startApp } from './support/app'
import type { App } from './support/app'
import { isThere, press, setNumber, shownCards, waitFor, waitForStatus, waitForText } from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const sentence = 'section[aria-label="The listing in words"]'

async function waitForCards(page: Page, listing: string, count: number) {
  await expect.poll(() => shownCards(page, listing)).toBe(count)
}

/** How many a listing shows in the draft that the database holds. */
async function savedAmount(listing: string): Promise<number | 'all' | undefined> {
  const rows = await app.db.selectFrom('listings').select('draft').execute()
  return rows.find((row) => row.draft.name === listing)?.draft.amount?.take
}

describe('the bench', () => {
  it('undoes and redoes on the page, and keeps the draft through a reload', async () => {
    const page = await inBench(app, 'From the hill')
    await press(page, 'button', 'Latest notes 6')
    await press(page, 'button', 'How many: 6 of them')
    await setNumber(page, 'Show', 9)
    await waitForCards(page, 'Latest notes', 9)
    await press(page, 'button', 'Undo: Amount')
    await waitForCards(page, 'Latest notes', 6)
    await press(page, 'button', 'Redo: Amount')
    await waitForCards(page, 'Latest notes', 9)
    await waitForStatus(page, 'Saved')
    await page.reload()
    await waitForCards(page, 'Latest notes', 9)
    await press(page, 'button', 'Undo: Amount')
    await waitForCards(page, 'Latest notes', 6)
    await press(page, 'button', 'Redo: Amount')
    await waitForCards(page, 'Latest notes', 9)
    await waitForStatus(page, 'Changes not live')
  })

  it('says what is wrong with a number and does not take it', async () => {
    const page = await inBench(app, 'Orchard')
    await press(page, 'button', 'Orchard notes 6')
    await press(page, 'button', 'How many: 6 of them')
    await setNumber(page, 'Show', 999)
    await waitForText(page, 'aside', 'Use a whole number from 1 to 200.')
    // Nor are its first digits, which were right as they were typed.
    await waitForText(page, sentence, '6 of them')
    await setNumber(page, 'Show', 12)
    await waitForText(page, sentence, '12 of them')
    await press(page, 'button', 'Put back: Show')
    await waitForText(page, sentence, '6 of them')
  })

  it('keeps a listing on the shelf with all its settings, and puts it back', async () => {
    const page = await inBench(app, 'Orchard')
    await press(page, 'button', 'What to do with Wildlife notes')
    await press(page, 'menuitem', 'Keep on the shelf')
    await waitForText(page, 'section[aria-label="Shelf"]', 'Wildlife notes')
    await press(page, 'button', 'What to do with Wildlife notes')
    await press(page, 'menuitem', 'Move to Side')
    await waitForText(page, 'section[aria-label="Side"]', 'Wildlife notes')
    await press(page, 'button', 'Wildlife notes 5')
    await waitForText(page, sentence, 'Show field notes in Wildlife, newest first, 5 of them')
  })

  it('says how many are left after each rule', async () => {
    const page = await inBench(app, 'Orchard')
    await press(page, 'button', 'Orchard notes 6')
    const counts = await (
      await waitFor(page, 'region', 'Tally')
    ).$$eval('li strong', (all) => all.map((one) => Number(one.textContent)))
    expect(counts).toHaveLength(3)
    expect(counts).toEqual([...counts].sort((a, b) => b - a))
    expect(counts.at(-1)).toBe(6)
  })

  it('tells two people who change one page, and loses nothing of either', async () => {
    const [one, two] = [await inBench(app, 'Field notes'), await inBench(app, 'Field notes')]
    for (const page of [one, two]) {
      await press(page, 'button', 'All notes 57')
      await press(page, 'button', 'How many: 120 in numbered pages of 12')
    }
    await one.bringToFront()
    await setNumber(one, 'Show', 3)
    await expect.poll(() => savedAmount('All notes')).toBe(3)
    await two.bringToFront()
    await setNumber(two, 'Show', 4)
    await press(two, 'button', 'Go on with mine')
    await waitForCards(two, 'All notes', 4)
    await expect.poll(() => savedAmount('All notes')).toBe(4)
    await press(two, 'button', 'Undo: Keep this version')
    await waitForCards(two, 'All notes', 3)
  })

  it('keeps what was done while the server was away', async () => {
    const page = await inBench(app, 'Orchard')
    await press(page, 'button', 'Orchard notes 6')
    await press(page, 'button', 'How many: 6 of them')
    await page.setOfflineMode(true)
    await setNumber(page, 'Skip at the start', 2)
    await waitForStatus(page, 'Not saved: no connection')
    await page.setOfflineMode(false)
    await waitForStatus(page, 'Saved')
    await page.reload()
    await press(page, 'button', 'Orchard notes 5')
    await waitForText(page, sentence, 'skip 2, then 6')
  })

  it('sends people who are not signed in to the sign-in page, and back after it', async () => {
    const page = await (await app.browser.createBrowserContext()).newPage()
    await page.goto(`${app.address}/bench/content`)
    await waitFor(page, 'button', 'Sign in')
    expect(await isThere(page, 'link', 'Content')).toBe(false)
    expect(new URL(page.url()).searchParams.get('next')).toBe('/bench/content')
  })
})
