import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { KeyInput, Page } from 'puppeteer-core'
import { clauses } from '~~/core/listing/clauses'
import { setUpUsualPage } from '~~/server/pages/usual-pages'
import { inBench, startApp } from './support/app'
import type { App } from './support/app'
import { byKeys, byMouse, controlAt, controlsIn, passedOver, stateOf } from './support/controls'
import { press, waitForStillness } from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
  const writer = await app.db.selectFrom('accounts').select('id').executeTakeFirstOrThrow()
  await setUpUsualPage(app.db, { kind: 'head', of: null }, writer)
})
afterAll(() => app.stop())

const drawer = { within: 'aside' }

/** A drawer: on which page of the demo, and how it is opened there. */
interface Drawer {
  readonly on: string
  readonly open: (page: Page) => Promise<void>
}

const ofListing = (key: KeyInput): Drawer => ({
  on: 'From the hill',
  async open(page) {
    // It stays chosen from one time to the next.
    if ((await page.$('nav [aria-current=true]')) === null) await press(page, 'button', 'Latest notes 6')
    await page.keyboard.press('0')
    await page.keyboard.press(key)
  },
})
const ofThing = (button: string, on = 'Gardens we made'): Drawer => ({
  on,
  open: (page) => press(page, 'button', button),
})

const drawers: readonly (readonly [string, Drawer])[] = [
  ...clauses.map((clause, at) => [clause, ofListing(String(at + 1) as KeyInput)] as const),
  ['why', ofListing('w')],
  ['page', { on: 'Gardens we made', open: async () => undefined }],
  ['band', ofThing('Main, Band 2 2 columns')],
  ['heading', ofThing('A garden of your own?')],
  ['index of terms', ofThing('Index of terms')],
  ['index of months', ofThing('Index of months', 'Field notes')],
  ['small calendar', ofThing('Small calendar', 'Field notes')],
  ['search box', ofThing('Search box', 'Field notes')],
  ['ways to the entries next to it', ofThing('Earlier and later', 'Field notes: each entry')],
  ['the entry', ofThing('The entry', 'Field notes: each entry')],
  ['name and menu', ofThing('Name and menu', 'Head of every page')],
  ['pasted code', ofThing('The moon over the orchard', 'Swap days')],
  ['menu', ofThing('Before you come', 'Swap days')],
  ['author’s box', ofThing('Author’s box', 'Field notes: each entry')],
]

/** The drawer open and nothing else, and nothing changed. */
async function begin(page: Page, { open }: Drawer): Promise<void> {
  for (let tries = 0; tries < 10; tries += 1) {
    await page.keyboard.press('Escape')
    await waitForStillness(page)
    const undo = await page.$('[aria-label^="Undo: "]:not(:disabled)')
    if (undo === null) break
    await undo.click()
  }
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
  await open(page)
  await page.waitForSelector('aside h2')
  // What was opened in a drawer stays open in it.
  for (const one of await page.$$('aside button[aria-expanded=true]')) await one.click()
  await waitForStillness(page)
}

describe.each(drawers)('in the drawer “%s”', (_, one) => {
  it('every control is stepped to by the Tab key, and does by the keys what it does by the mouse', async () => {
    const page = await inBench(app, one.on)
    await begin(page, one)
    const controls = await controlsIn(page, drawer)
    expect(controls.length).toBeGreaterThan(0)
    const differing: string[] = []
    const idle: string[] = []
    const before = await stateOf(page, drawer)
    for (const [at, control] of controls.entries()) {
      await byMouse(page, control, await controlAt(page, drawer, at))
      const moused = await stateOf(page, drawer)
      await begin(page, one)
      await byKeys(page, control, await controlAt(page, drawer, at))
      const keyed = await stateOf(page, drawer)
      await begin(page, one)
      if (moused !== keyed) differing.push(`${control.name}\n${moused}\n${keyed}`)
      if (moused === before && !control.isChosen) idle.push(control.name)
    }
    expect(differing).toEqual([])
    expect(idle).toEqual([])
    expect(await stateOf(page, drawer)).toBe(before)
    expect(await passedOver(page, drawer, 'aside h2')).toEqual([])
    await page.close()
  })
})
