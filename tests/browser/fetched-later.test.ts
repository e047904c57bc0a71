import { readFileSync, readdirSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { inBench, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { isThere, press, use, waitFor, waitForText } from './support/hands'

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

/** What the pointer says wherever it is. */
function pointer(page: Page): Promise<string> {
  return page.evaluate(() => getComputedStyle(document.body).cursor)
}

describe('a dialog that waits for an answer', () => {
  it.each(['mouse', 'keys'])('says that the press was heard until it opens: by %s', async (hand) => {
    const page = await inBench(app, 'Gardens we made')
    const held: (() => void)[] = []
    await page.setRequestInterception(true)
    page.on('request', (request) => {
      const go = () => void request.continue()
      if (request.url().endsWith('/api/bench/pages')) held.push(go)
      else go()
    })
    await waitFor(page, 'button', 'Change the menus')
    await page.waitForNetworkIdle({ idleTime: 100, concurrency: 1 })
    expect(await pointer(page)).toBe('auto')
    await use(page, hand, 'Change the menus')
    await expect.poll(() => held.length).toBe(1)
    // Its script has long come by then.
    await page.waitForNetworkIdle({ idleTime: 500, concurrency: 2 })
    expect(await pointer(page)).toBe('progress')
    expect(await isThere(page, 'dialog', 'Menus')).toBe(false)
    held.forEach((go) => go())
    await waitFor(page, 'dialog', 'Menus')
    await expect.poll(() => pointer(page)).toBe('auto')
    await page.close()
  })
})

/** Where a button or a link stood, at each of its places. */
interface Stood {
  readonly name: string
  readonly places: readonly string[]
}

describe('a page of the bench that comes in pieces', () => {
  it('moves nothing that can be pressed already', async () => {
    const page = await inBench(app, 'From the hill')
    await page.evaluateOnNewDocument(() => {
      const places = new Map<Element, string[]>()
      Object.assign(globalThis, { places })
      function note() {
        for (const one of document.querySelectorAll('button, a')) {
          const { x, y, width } = one.getBoundingClientRect()
          const [place, known] = [`${x}, ${y}`, places.get(one) ?? []]
          if (width > 0 && known.at(-1) !== place) places.set(one, [...known, place])
        }
        requestAnimationFrame(note)
      }
      requestAnimationFrame(note)
    })
    // What comes later takes its time, so that what was there before is drawn meanwhile.
    await page.emulateCPUThrottling(6)
    await page.reload()
    await waitFor(page, 'button', 'More to do with this page')
    await waitForText(page, 'section[aria-label="Main"]', 'Latest notes')
    await page.emulateCPUThrottling(null)
    const moved = await page.evaluate(() => {
      const { places } = globalThis as unknown as { places: ReadonlyMap<Element, readonly string[]> }
      return Array.from(places)
        .filter(([, all]) => all.length > 1)
        .map(([one, all]): Stood => ({
          name: one.getAttribute('aria-label') ?? one.textContent.trim(),
          places: all,
        }))
    })
    expect(moved).toEqual([])
    await page.close()
  })
})
