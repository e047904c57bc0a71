import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { inBench, startApp } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  fillDate,
  fillTime,
  press,
  publish,
  setNumber,
  use,
  waitFor,
  waitForStatus,
  waitForText,
} from './support/hands'
import { violations } from './support/violations'
import { written } from './support/written'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const menu = 'More to do with this page'

async function titleOf(path: string): Promise<string> {
  const html = await (await fetch(`${app.address}${path}`)).text()
  return /<h1[^>]*>([^<]*)</.exec(html)?.[1] ?? ''
}

/** Types another title for the page. */
async function retitle(page: Page, title: string): Promise<void> {
  const field = await page.waitForSelector('aside input')
  await field?.click({ count: 3 })
  await page.keyboard.type(title)
  await waitForStatus(page, 'Saved')
}

async function pageId(path: string): Promise<number> {
  const row = await app.db.selectFrom('pages').select('id').where('path', '=', path).executeTakeFirstOrThrow()
  return row.id
}

describe('publishing a page', () => {
  it('tells before what visitors will get, thing by thing, and gives it to them', async () => {
    const page = await inBench(app, 'Lessons')
    await retitle(page, 'Short lessons')
    await press(page, 'button', 'All lessons 8')
    await page.keyboard.press('3')
    await setNumber(page, 'Show', 5)
    await waitForStatus(page, 'Saved')
    await chooseFrom(page, 'mouse', menu, 'What publishing will change')
    await waitForText(page, '[role=dialog]', 'What “All lessons” shows')
    const said = await page.$eval('[role=dialog]', (dialog) => dialog.textContent ?? '')
    for (const words of ['The title', 'Lessons', 'Short lessons', '8 of them', '5 of them'])
      expect(said).toContain(words)
    expect(await violations(page)).toEqual([])
    const dialog = await page.waitForSelector('[role=dialog] .v-card-actions')
    await (await dialog?.waitForSelector('::-p-aria([name="Publish now"][role="button"])'))?.click()
    await expect.poll(() => titleOf('/lessons')).toBe('Short lessons')
    await page.close()
  })

  it.each([
    ['mouse', 'Plots', '/plots'],
    ['keys', 'Seed shelf', '/seed-shelf'],
  ])('goes back to any time before, with its listings, by the %s', async (hand, title, path) => {
    const page = await inBench(app, title)
    await retitle(page, 'Beds to let')
    await publish(page, hand)
    await expect.poll(() => titleOf(path)).toBe('Beds to let')
    await retitle(page, 'Beds')
    await publish(page, hand)
    await expect.poll(() => titleOf(path)).toBe('Beds')
    await chooseFrom(page, hand, menu, 'History')
    await waitForText(page, '[role=dialog]', 'First published')
    await waitForText(page, '[role=dialog]', 'Live now')
    expect(await violations(page)).toEqual([])
    const back = await page.waitForSelector(
      '[role=dialog] ::-p-xpath(.//button[contains(., "Go back to this")])',
    )
    await (hand === 'mouse' ? back?.click() : back?.press('Enter'))
    await waitFor(page, 'button', 'Undo')
    await waitForText(page, 'body', 'Publish it to make it live.')
    await waitForStatus(page, 'Saved')
    await publish(page, hand)
    await expect.poll(() => titleOf(path)).toBe('Beds to let')
    await page.close()
  })

  it.each([
    ['mouse', 'Our years', '/our-years'],
    ['keys', 'Growers’ words', '/growers-words'],
  ])('comes by the clock, as the page was when that was planned, by the %s', async (hand, title, path) => {
    const page = await inBench(app, title)
    await retitle(page, 'Over the gate')
    await chooseFrom(page, hand, menu, 'Publish at a time')
    await waitFor(page, 'button', 'Plan it')
    await use(page, hand, 'Plan it')
    await waitForText(page, '[role=dialog]', 'Say when.')
    expect(await violations(page)).toEqual([])
    await fillDate(page, 'Goes live on', '01/01/2027')
    await fillTime(page, 'Goes live on', '06:30')
    await use(page, hand, 'Plan it')
    await waitForText(page, 'aside', 'Goes live on 1 Jan 2027, 06:30')
    expect(await violations(page)).toEqual([])
    await retitle(page, 'Not yet for visitors')
    const id = await pageId(path)
    const due = new Date(Date.now() - 1000)
    await written(app, (trx) =>
      trx.updateTable('planned_publications').set({ due }).where('page_id', '=', id).execute(),
    )
    await expect.poll(() => titleOf(path)).toBe('Over the gate')
    await page.close()
  })

  it('is planned no more once that is taken back', async () => {
    const page = await inBench(app, 'Swap days')
    await chooseFrom(page, 'mouse', menu, 'Publish at a time')
    await waitFor(page, 'button', 'Plan it')
    await fillDate(page, 'Goes live on', '01/01/2027')
    await press(page, 'button', 'Plan it')
    await press(page, 'button', 'Take that back')
    await waitForText(page, 'body', 'It no longer goes live by the clock')
    const id = await pageId('/swap-days')
    const rows = await app.db
      .selectFrom('planned_publications')
      .select('due')
      .where('page_id', '=', id)
      .execute()
    expect(rows).toEqual([])
    await page.close()
  })
})
