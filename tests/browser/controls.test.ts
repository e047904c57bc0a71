import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { KeyInput, Page } from 'puppeteer-core'
import { clauses } from '~~/core/listing/definition'
import { inBench, startApp } from './support/app'
import type { App } from './support/app'
import { byKeys, byMouse, controlAt, controlsIn, passedOver, stateOf } from './support/controls'
import { press, waitForStillness } from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const drawer = { within: 'aside' }
/** Each drawer, and the key that opens it. */
const drawers = [
  ...clauses.map((clause, at) => [clause, String(at + 1) as KeyInput] as const),
  ['why', 'w'] as const,
]

/** The chosen listing with the drawer open and nothing else, and nothing changed. */
async function begin(page: Page, key: KeyInput): Promise<void> {
  for (let tries = 0; tries < 10; tries += 1) {
    await page.keyboard.press('Escape')
    await waitForStillness(page)
    const undo = await page.$('[aria-label^="Undo: "]:not(:disabled)')
    if (undo === null) break
    await undo.click()
  }
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
  await page.keyboard.press('0')
  await page.keyboard.press(key)
  await page.waitForSelector('aside h2')
  // What was opened in a drawer stays open in it.
  for (const open of await page.$$('aside button[aria-expanded=true]')) await open.click()
  await waitForStillness(page)
}

describe.each(drawers)('in the drawer “%s”', (_, key) => {
  it('every control is stepped to by the Tab key, and does by the keys what it does by the mouse', async () => {
    const page = await inBench(app, 'From the hill')
    await press(page, 'button', 'Latest notes 6')
    await begin(page, key)
    const controls = await controlsIn(page, drawer)
    expect(controls.length).toBeGreaterThan(0)
    const differing: string[] = []
    const idle: string[] = []
    for (const [at, control] of controls.entries()) {
      await begin(page, key)
      const before = await stateOf(page, drawer)
      await byMouse(page, control, await controlAt(page, drawer, at))
      const moused = await stateOf(page, drawer)
      await begin(page, key)
      await byKeys(page, control, await controlAt(page, drawer, at))
      const keyed = await stateOf(page, drawer)
      if (moused !== keyed) differing.push(`${control.name}\n${moused}\n${keyed}`)
      if (moused === before) idle.push(control.name)
    }
    expect(differing).toEqual([])
    expect(idle).toEqual([])
    await begin(page, key)
    expect(await passedOver(page, drawer, 'aside h2')).toEqual([])
    await page.close()
  })
})
