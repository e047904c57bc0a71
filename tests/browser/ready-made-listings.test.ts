import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { suitedListings } from '~~/core/listing/ready-made'
import { asPublished, framed, inBench, startApp } from './support/app'
import type { App } from './support/app'
import { chooseFrom, isThere, press, use, waitFor, waitForNoDialog, waitForText } from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())
beforeEach(() => asPublished(app, 'Orchard notes'))

const sentence = 'section[aria-label="The listing in words"]'

async function inShape(): Promise<Page> {
  const page = await inBench(app, 'Orchard')
  await press(page, 'button', 'Orchard notes 6')
  await page.waitForSelector('aside[data-clause]')
  await page.keyboard.press('4')
  await waitFor(page, 'button', 'Ready-made listings')
  return page
}

/** The titles of entries that each sample shows. */
function sampled(page: Page): Promise<readonly (readonly string[])[]> {
  return page.$$eval('[role=dialog] iframe', (frames) =>
    frames.map((frame) => [
      ...new Set(
        Array.from(frame.contentDocument?.querySelectorAll('[data-entry] .title') ?? [], (title) =>
          (title.textContent ?? '').trim(),
        ),
      ),
    ]),
  )
}

describe.each(['mouse', 'keys'])('a listing started over by the %s', (hand) => {
  it('is shown as each ready-made one with its own entries, takes one, and is back by one Undo', async () => {
    const page = await inShape()
    const before = await page.$eval(sentence, (one) => one.textContent?.trim() ?? '')
    const frame = await framed(page)
    const first = await frame.$eval('[data-entry] .title', (title) => title.textContent?.trim())
    await use(page, hand, 'Ready-made listings')
    await waitFor(page, 'dialog', 'Ready-made listings')
    const offered = suitedListings('article', false).length
    await expect
      .poll(async () => (await sampled(page)).filter((titles) => titles.length > 0).length)
      .toBe(offered)
    for (const titles of await sampled(page)) expect(titles).toContain(first)
    expect(await violations(page)).toEqual([])
    await use(page, hand, 'Wall of mounted prints')
    await waitForNoDialog(page)
    await waitForText(page, sentence, 'in Print in a mount.')
    const after = await page.$eval(sentence, (one) => one.textContent?.trim() ?? '')
    expect(after).toContain('as masonry of')
    // What is shown, in what order and how many, stays: the words before the shape.
    expect(after.split(', as ')[0]).toBe(before.split(', as ')[0])
    await use(page, hand, 'Undo: Start over as “Wall of mounted prints”')
    await expect.poll(() => page.$eval(sentence, (one) => one.textContent?.trim())).toBe(before)
    await page.close()
  })

  it('is one that was placed just now, which begins as a ready-made one', async () => {
    const page = await inBench(app, 'Orchard')
    await chooseFrom(page, hand, 'Add to Main', 'Plots')
    await waitForText(page, sentence, 'all plots')
    await use(page, hand, 'Ready-made listings')
    await waitFor(page, 'dialog', 'Ready-made listings')
    await expect
      .poll(async () => (await sampled(page)).filter((titles) => titles.length > 0).length)
      .toBeGreaterThan(10)
    await use(page, hand, 'Wall of mounted prints')
    await waitForNoDialog(page)
    await waitForText(page, sentence, 'in Print in a mount.')
    // Of a listing that has long been there, it is said with its shape.
    await press(page, 'button', 'Orchard notes 6')
    expect(await isThere(page, 'button', 'Ready-made listings')).toBe(false)
    await page.close()
  })
})
