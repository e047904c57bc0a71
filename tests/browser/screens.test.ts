import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { CDPSession, Page } from 'puppeteer-core'
import { signedIn, startApp } from './support/app'
import type { App } from './support/app'
import { byKeys, byMouse, controlAt, controlsIn, stateOf } from './support/controls'
import type { Control, Hand, Region } from './support/controls'
import { waitFor, waitForStillness } from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** Everything of a screen but what stands beside it, which is tried for itself, and what lies over it. */
const screen: Region = { within: '#__nuxt', without: 'aside' }

/** The screens by their addresses, each with something that stands on it once its answers are there. */
const screens = [
  ['the pages', '/bench', 'link', 'Orchard'],
  ['the listings', '/bench/listings', 'link', 'Latest notes on From the hill'],
  ['a page', '/bench/pages/{page}', 'button', 'Latest notes 6'],
  ['the entries of a collection', '/bench/content/field-notes', 'link', 'Soup from the bottom of the shelf'],
  ['an entry', '/bench/content/field-notes/{entry}', 'textbox', 'Title'],
  ['a new collection', '/bench/content/new', 'heading', 'New collection'],
  ['the setting up of a collection', '/bench/content/field-notes/set-up', 'heading', 'Field notes: set up'],
  ['facets', '/bench/content/facets', 'button', 'Soil'],
  ['media', '/bench/content/media', 'button', 'Bring in files'],
  ['people', '/bench/content/people', 'button', 'Maud Ferris'],
  ['looks', '/bench/looks', 'button', 'What to do with Quiet'],
  ['the site', '/bench/site', 'combobox', 'Role of Wren Hollis'],
] as const

/** What is asked with more than an address holds. */
const asking = /\/(preview|why|next-change|card-samples|samples|counts)$/

/** A page whose server can be asked but not changed, so that what was done can be done again. */
async function readingOnly(): Promise<{ page: Page; devtools: CDPSession }> {
  const page = await signedIn(app)
  const devtools = await page.createCDPSession()
  await devtools.send('Fetch.enable', { patterns: [{ urlPattern: '*/api/*' }] })
  devtools.on('Fetch.requestPaused', ({ requestId, request }) => {
    const answered =
      request.method === 'GET' || asking.test(request.url)
        ? devtools.send('Fetch.continueRequest', { requestId })
        : devtools.send('Fetch.failRequest', { requestId, errorReason: 'ConnectionRefused' })
    // The page that asked may have been left by now.
    answered.catch(() => undefined)
  })
  // What could not be sent is kept in the browser, which is none of what is tried here.
  await page.evaluateOnNewDocument(() => {
    localStorage.clear()
    const ask = fetch
    Object.assign(globalThis, {
      asked: 0,
      fetch: async (...question: Parameters<typeof fetch>) => {
        const site = globalThis as unknown as { asked: number }
        site.asked += 1
        return ask(...question).finally(() => (site.asked -= 1))
      },
    })
  })
  page.on('dialog', (dialog) => void dialog.accept())
  return { page, devtools }
}

async function addressOf(path: string): Promise<string> {
  const [page, entry] = await Promise.all([
    app.db.selectFrom('pages').select('id').where('path', '=', '/').executeTakeFirstOrThrow(),
    app.db
      .selectFrom('entries')
      .select('id')
      .where('title', '=', 'Soup from the bottom of the shelf')
      .executeTakeFirstOrThrow(),
  ])
  return app.address + path.replace('{page}', String(page.id)).replace('{entry}', String(entry.id))
}

/** Of controls whose names begin alike, as those of many rows, the first stands for the others. */
function isFirstOfItsKind(
  [, control]: readonly [number, Control],
  at: number,
  all: readonly (readonly [number, Control])[],
): boolean {
  const kindOf = (one: Control) => `${one.kind} ${one.name.split(' ').slice(0, 2).join(' ')}`
  return all.findIndex(([, other]) => kindOf(other) === kindOf(control)) === at
}

/** Somebody before a screen, who uses it by one hand. */
interface Seat {
  readonly page: Page
  /** Opens the screen anew; how it is then. */
  readonly open: () => Promise<string>
  /** Uses a control; how the screen is then. */
  readonly use: (control: Control, at: number) => Promise<string>
  /** The screen as it was: by leaving what was opened, or else anew. */
  readonly backTo: (before: string) => Promise<void>
}

async function seatAt(by: Hand, address: string, role: string, name: string): Promise<Seat> {
  const { page, devtools } = await readingOnly()
  // Choosing files is up to the machine: it is only seen that they are asked for.
  let filesAsked = 0
  await devtools.send('Page.enable')
  await devtools.send('Page.setInterceptFileChooserDialog', { enabled: true })
  devtools.on('Page.fileChooserOpened', () => (filesAsked += 1))

  const state = async () => {
    await page.waitForFunction(() => (globalThis as unknown as { asked: number }).asked === 0)
    return `${await stateOf(page, screen)} ${filesAsked}`
  }
  const open = async () => {
    await page.goto(address)
    await waitFor(page, role, name)
    await waitForStillness(page)
    filesAsked = 0
    return state()
  }
  return {
    page,
    open,
    async use(control, at) {
      await by(page, control, await controlAt(page, screen, at))
      return state()
    },
    async backTo(before) {
      if (new URL(page.url()).href === address && filesAsked === 0) {
        await page.keyboard.press('Escape')
        await waitForStillness(page)
        await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
        if ((await state()) === before) return
      }
      expect(await open()).toBe(before)
    },
  }
}

describe.each(screens)('on the screen of %s', (_, path, role, name) => {
  it('every control does by the keys what it does by the mouse, and something', async () => {
    const address = await addressOf(path)
    const [mouse, keys] = await Promise.all([
      seatAt(byMouse, address, role, name),
      seatAt(byKeys, address, role, name),
    ])
    const [before] = await Promise.all([mouse.open(), keys.open()])
    const controls = [...(await controlsIn(mouse.page, screen)).entries()].filter(isFirstOfItsKind)
    expect(controls.length).toBeGreaterThan(0)
    const differing: string[] = []
    const idle: string[] = []
    for (const [at, control] of controls.filter(([, { kind }]) => kind !== 'type')) {
      const [moused, keyed] = await Promise.all([mouse.use(control, at), keys.use(control, at)])
      if (moused !== keyed) differing.push(`${control.name}\n${moused}\n${keyed}`)
      if (moused === before && !control.isChosen) idle.push(control.name)
      await Promise.all([mouse.backTo(before), keys.backTo(before)])
    }
    // Of a field it is what stands in it that counts: what is typed takes the place of what was. The
    // last comes first, since some fields fill those after them.
    const { page } = mouse
    const fields = controls.filter(([, { kind }]) => kind === 'type').toReversed()
    const elements = await Promise.all(fields.map(([at]) => controlAt(page, screen, at)))
    for (const [place, [, control]] of fields.entries()) {
      const element = elements[place]
      if (element === undefined) continue
      const value = () => element.evaluate((one) => (one as HTMLInputElement).value)
      const was = await value()
      await byMouse(page, control, element)
      const moused = await value()
      await page.keyboard.press('Escape')
      await byKeys(page, control, element)
      if (moused !== (await value())) differing.push(control.name)
      if (moused === was) idle.push(control.name)
      await page.keyboard.press('Escape')
    }
    expect(differing).toEqual([])
    expect(idle).toEqual([])
    await Promise.all([mouse.page.close(), keys.page.close()])
  })
})
