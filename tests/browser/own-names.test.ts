import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { placementsOf } from '~~/core/pages/standing'
import { framed, inBench, pageDraft, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  clear,
  fill,
  press,
  publish,
  use,
  waitFor,
  waitForNoText,
  waitForStatus,
  waitForText,
} from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** Opens the names of something placed, if they are folded away. */
async function openNames(page: Page, hand: string): Promise<void> {
  await use(page, hand, 'Names of its own')
  await waitFor(page, 'textbox', 'Name in the address')
}

describe.each([
  ['mouse', 'Plots', '/plots', 'All plots 20', 'Most read 5'],
  ['keys', 'Field notes', '/field-notes', 'All notes 57', 'Most read 5'],
] as const)('names of something placed by the %s', (hand, title, path, listing, other) => {
  it('are kept once they are right, and stand on the page that visitors get', async () => {
    const page = await inBench(app, title, { width: 1280, height: 1000 })
    await press(page, 'button', listing)
    await openNames(page, hand)
    await fill(page, 'Name in the address', 'All of Them')
    await waitForText(page, 'aside', 'Use small letters, digits and single hyphens')
    await clear(page, 'Name in the address')
    await fill(page, 'Name in the address', 'all-of-them')
    await waitForNoText(page, 'aside', 'Use small letters')
    await fill(page, 'Classes', 'spring, outdoors')
    await waitForText(page, 'aside', 'find it by “own-spring”')
    await waitForStatus(page, 'Saved')
    const [named] = placementsOf(await pageDraft(app, path)).filter((one) => one.anchor !== undefined)
    expect(named).toMatchObject({ anchor: 'all-of-them', classes: ['spring', 'outdoors'] })
    await expect.poll(async () => (await framed(page)).$$eval('#all-of-them', (all) => all.length)).toBe(1)

    await press(page, 'button', other)
    await openNames(page, hand)
    await fill(page, 'Name in the address', 'all-of-them')
    await waitForText(page, 'aside', 'Something else on this page has this name.')
    await waitForStatus(page, 'Saved')
    const drafted = placementsOf(await pageDraft(app, path))
    expect(drafted.filter((one) => one.anchor === 'all-of-them')).toHaveLength(1)

    await publish(page, hand)
    await waitForText(page, 'body', 'is live')
    const reader = await visitor(app, { script: false })
    await reader.goto(`${app.address}${path}#all-of-them`)
    const found = await reader.$eval(':target', (one) => [one.className, one.getAttribute('data-placement')])
    expect(found).toEqual(['placement own-spring own-outdoors', named?.id])
    await reader.close()

    await page.close()
  })
})
