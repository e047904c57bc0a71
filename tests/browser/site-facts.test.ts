import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { fill, press, setNumber, use, waitFor, waitForNoDialog, waitForText } from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

describe.each([
  ['mouse', 'The seed hill', 'Welsh', 'cy', 'Pacific/Apia'],
  ['keys', 'The hill', 'German (Switzerland)', 'de-CH', 'Pacific/Chatham'],
])('what the site says of itself, by the %s', (hand, name, language, tag, zone) => {
  /** Chooses from a field that is typed into to find what is in it. */
  async function find(page: Page, label: string, option: string): Promise<void> {
    const field = await waitFor(page, 'combobox', label)
    await (hand === 'mouse' ? field.click({ count: 3 }) : field.focus())
    await page.keyboard.down('Control')
    await page.keyboard.press('KeyA')
    await page.keyboard.up('Control')
    await page.keyboard.type(option)
    if (hand === 'mouse') await press(page, 'option', option)
    else {
      await waitFor(page, 'option', option)
      await page.keyboard.press('Enter')
    }
  }

  it('is changed for visitors at once, and refused where it makes no sense', async () => {
    const page = await signedIn(app)
    await press(page, 'link', 'Site')
    await use(page, hand, 'Change')
    await fill(page, 'Name', name)
    await fill(page, 'In a few words', 'Take one, bring one.')
    await fill(page, 'Address', 'hill.example/shop')
    await find(page, 'Language', language)
    await find(page, 'Time zone', zone)
    await setNumber(page, 'Words read in a minute', 180)
    expect(await violations(page)).toEqual([])
    await use(page, hand, 'Save')
    await waitForText(page, '[role=dialog]', 'Type it as in “https://example.org”')
    await fill(page, 'Address', 'https://hill.example/')
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await waitForText(page, 'dl', zone)
    expect(await violations(page)).toEqual([])
    const plain = await visitor(app, { script: false })
    await plain.goto(`${app.address}/plots`)
    expect(await plain.$eval('html', (html) => html.lang)).toBe(tag)
    expect(await plain.title()).toBe(`Plots · ${name}`)
    expect(await plain.$eval('link[rel=canonical]', (link) => link.getAttribute('href'))).toBe(
      'https://hill.example/plots',
    )
    const robots = await (await fetch(`${app.address}/robots.txt`)).text()
    expect(robots).toContain('Sitemap: https://hill.example/sitemap.xml')
    await Promise.all([plain.close(), page.close()])
  })
})
