import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { inBench, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { press, waitFor, waitForNoDialog, waitForText } from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

async function find(page: Page, typed: string): Promise<void> {
  await page.keyboard.down('Control')
  await page.keyboard.press('j')
  await page.keyboard.up('Control')
  await waitFor(page, 'combobox', 'Any word of its name')
  await page.keyboard.type(typed)
}

describe('finding anything', () => {
  it('opens an entry, a collection, a page and a listing on it, by keys alone and by mouse', async () => {
    const page = await signedIn(app)
    await find(page, 'bean pods drying')
    await waitFor(page, 'option', 'Entry Drying bean pods when it will not stop raining Field notes')
    expect(await violations(page)).toEqual([])
    await page.keyboard.press('Enter')
    await page.waitForFunction(() => /content\/field-notes\/\d+$/.test(location.pathname))
    await waitForNoDialog(page)
    await find(page, 'seed shelf')
    await press(page, 'option', 'Collection Seed shelf')
    await waitFor(page, 'heading', 'Seed shelf')
    await find(page, 'wildlife notes')
    await press(page, 'option', 'Listing Wildlife notes Orchard')
    await waitForText(page, 'section[aria-label="The listing in words"]', 'field notes in Wildlife')
    await find(page, 'zzz nothing')
    await waitForText(page, '[role=dialog]', 'Nothing has these words.')
    await page.keyboard.press('Escape')
    await waitForNoDialog(page)
    await page.close()
  })

  it('finds screens, and steps through what it found', async () => {
    const page = await signedIn(app)
    await find(page, 'med')
    await waitFor(page, 'option', 'Screen Media')
    await page.keyboard.press('ArrowDown')
    await page.keyboard.press('ArrowUp')
    await page.keyboard.press('Enter')
    await page.waitForFunction(() => location.pathname === '/bench/content/media')
    await page.close()
  })

  it('does what the keys of the screen do, and says those', async () => {
    const page = await inBench(app, 'Orchard')
    await find(page, 'publ')
    await press(page, 'option', 'Do Publish Ctrl+Enter')
    await waitForText(page, '[role=dialog]', 'What publishing will change')
    await page.keyboard.press('Escape')
    await waitForNoDialog(page)
    await find(page, 'tally')
    await waitFor(page, 'option', 'Do To the tally t')
    await page.keyboard.press('Enter')
    await page.waitForFunction(() => document.activeElement?.matches('[data-tally]'))
    await page.close()
  })

  it('is nothing for whoever has not signed in', async () => {
    const page = await visitor(app)
    await page.goto(`${app.address}/bench/sign-in`)
    await waitFor(page, 'button', 'Sign in')
    await page.keyboard.down('Control')
    await page.keyboard.press('j')
    await page.keyboard.up('Control')
    expect(await page.$('[role=dialog]')).toBeNull()
    expect((await fetch(`${app.address}/api/bench/found?words=bean`)).status).toBe(401)
    await page.close()
  })
})

describe('keys', () => {
  it('are listed, and single ones can be switched off; they do nothing where somebody types', async () => {
    const page = await inBench(app, 'Seed shelf')
    await page.keyboard.press(']')
    await page.keyboard.type('?')
    await waitForText(page, '[role=dialog]', 'Keep it on the shelf')
    await waitForText(page, '[role=dialog]', 'Ctrl+J')
    expect(await violations(page)).toEqual([])
    await press(page, 'checkbox', 'Single keys do something')
    await press(page, 'button', 'Close')
    await waitForNoDialog(page)
    await press(page, 'button', 'All seed shelf 30')
    await page.keyboard.press('3')
    await page.keyboard.type('?')
    expect(await page.$('aside[data-clause=amount]')).toBeNull()
    expect(await page.$('[role=dialog].v-overlay--active')).toBeNull()
    await page.evaluate(() => localStorage.removeItem('bushel single keys'))
    await page.close()
  })

  it('step through the widths, and add where the chosen thing stands', async () => {
    const page = await inBench(app, 'Lessons')
    const width = () => page.$eval('[role=slider]', (one) => one.getAttribute('aria-valuenow'))
    const wide = await width()
    await page.keyboard.press('[')
    await expect.poll(width).not.toBe(wide)
    await page.keyboard.press(']')
    await expect.poll(width).toBe(wide)
    await press(page, 'button', 'Most read 5')
    await page.keyboard.press('a')
    await press(page, 'menuitem', 'Search box')
    await waitForText(page, 'section[aria-label=Side]', 'Search box')
    await page.close()
  })
})
