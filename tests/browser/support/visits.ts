import type { Page } from 'puppeteer-core'
import { press, waitFor } from './hands'

/** The listing of a page that visitors can do something with. */
export const controlled = 'main [data-controls]'

/** The entries that it shows, in their order. */
export function cardsOn(page: Page): Promise<readonly (string | null)[]> {
  return page.$$eval(`${controlled} [data-entry]`, (all) => all.map((one) => one.getAttribute('data-entry')))
}

/** Their titles. */
export function titlesOn(page: Page): Promise<readonly string[]> {
  return page.$$eval(`${controlled} article`, (all) =>
    all.map((one) => one.querySelector('h2, h3, h4')?.textContent?.trim() ?? ''),
  )
}

/** The price on each of its cards, in pounds, not what it was before; NaN for none. */
export function pricesOn(page: Page): Promise<readonly number[]> {
  return page.$$eval(`${controlled} article`, (all) =>
    all.map((one) => Number([...one.textContent.matchAll(/£([\d.]+)/g)].at(-1)?.[1] ?? NaN)),
  )
}

/** Follows a link of the page by the mouse, or by the keys from where that finds it. */
export async function follow(page: Page, hand: string, name: string): Promise<void> {
  if (hand === 'mouse') return press(page, 'link', name)
  await (await waitFor(page, 'link', name)).press('Enter')
}
