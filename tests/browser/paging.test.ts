import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { asPublished, framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { chooseFrom, fill, pick, press, publish, setNumber, waitFor, waitForText } from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const entriesOn = (page: Page, listing: string) =>
  page.$$eval(`section[aria-labelledby] [data-entry]`, (all, name) =>
    all
      .filter((one) => one.closest('section')?.querySelector('nav')?.ariaLabel === `Pages: ${name}`)
      .map((one) => one.getAttribute('data-entry')), listing)

/** Follows a link of the page by the mouse, or by the keys from where that finds it. */
async function follow(page: Page, hand: string, name: string): Promise<void> {
  if (hand === 'mouse') return press(page, 'link', name)
  await (await waitFor(page, 'link', name)).press('Enter')
}
