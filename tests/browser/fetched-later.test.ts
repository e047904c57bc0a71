import { readFileSync, readdirSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { isThere, press, waitFor, waitForText } from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const scripts = fileURLToPath(new URL('../../.output/public/_nuxt/', import.meta.url))

/** The scripts that hold a text, by their names. */
function scriptsWith(text: string): ReadonlySet<string> {
  const names = readdirSync(scripts).filter((name) => name.endsWith('.js'))
  return new Set(names.filter((name) => readFileSync(scripts + name, 'utf8').includes(text)))
}

/** The list of pages, in a browser that can't get some scripts until it is told that it can. */
async function lacking(
  names: ReadonlySet<string>,
): Promise<{ page: Page; refused: () => number; give: () => void }> {
  const first = await signedIn(app)
  const page = await visitor(app)
  await page.browserContext().setCookie(...(await first.browserContext().cookies()))
  let isAway = true
  let refused = 0
  await page.setRequestInterception(true)
  page.on('request', (request) => {
    const name = request.url().split('/').at(-1) ?? ''
    const isRefused = isAway && names.has(name)
    if (isRefused) refused += 1
    void (isRefused ? request.abort('connectionrefused') : request.continue())
  })
  await page.goto(`${app.address}/bench`)
  await waitForText(page, 'main', 'Pages')
  return { page, refused: () => refused, give: () => (isAway = false) }
}

const account = 'Account of Wren Hollis'

describe('a menu whose script can’t be had', () => {
  it.each(['mouse', 'keys'])('says so, and opens as soon as it can: by %s', async (hand) => {
    const { page, refused, give } = await lacking(scriptsWith('role:"menuitem"'))
    if (hand === 'mouse') await press(page, 'button', account)
    else {
      await (await waitFor(page, 'button', account)).focus()
      await page.keyboard.press('ArrowDown')
    }
    await waitForText(page, 'body', 'still on its way')
    expect(refused()).toBeGreaterThan(0)
    give()
    await waitFor(page, 'menuitem', 'Sign out')
    await page.waitForFunction(() => !document.body.textContent?.includes('still on its way'))
    await page.keyboard.press('Escape')
    await page.waitForFunction(() => document.querySelector('[role=menuitem]') === null)
    await press(page, 'button', account)
    await press(page, 'menuitem', 'Change my password')
    await waitFor(page, 'dialog', 'Change my password')
    expect(await isThere(page, 'menuitem', 'Sign out')).toBe(false)
    await page.close()
  })
})
