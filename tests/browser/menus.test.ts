import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { inBench, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { chooseFrom, drag, fill, press, use, waitFor, waitForNoDialog, waitForText } from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const head = 'At the head of every page'
const foot = 'At the foot of every page'

const handleOf = (link: string) => `Move ${link}: arrow keys`

async function openMenus(hand: string): Promise<Page> {
  const page = await signedIn(app)
  await page.setViewport({ width: 1280, height: 1100 })
  await page.goto(`${app.address}/bench`)
  await use(page, hand, 'Menus')
  await waitFor(page, 'dialog', 'Menus')
  await waitFor(page, 'button', handleOf('Archive'))
  return page
}

/** What visitors read in the menu at the head or the foot of the front page, what is nested after “>”. */
async function menuOf(place: 'header' | 'footer'): Promise<readonly string[]> {
  const page = await visitor(app, { script: false })
  await page.goto(`${app.address}/`)
  const found = await page.$$eval(`${place} nav > ul > li`, (rows) =>
    rows.map((row) => {
      const own = (row.querySelector(':scope > a, summary')?.textContent ?? '').trim()
      const under = Array.from(row.querySelectorAll('details a'), (link) => link.textContent ?? '')
      return [own, ...under].join(' > ')
    }),
  )
  await page.close()
  return found
}

describe.each(['mouse', 'keys'])('menus, by %s', (hand) => {
  it('are put in order, nested, and led elsewhere', async () => {
    const map = `Map by ${hand}`
    const page = await openMenus(hand)
    expect(await violations(page)).toEqual([])
    const links = () =>
      page.$$eval(`ol[aria-label="${head}"] .move-handle`, (handles) =>
        handles.map((one) => (one.getAttribute('aria-label') ?? '').slice(5, -12)),
      )
    const before = await links()
    const [first = '', second = ''] = before
    const moved = [second, first, ...before.slice(2)]
    const isMoved = async () => (await links()).join() === moved.join()
    if (hand === 'mouse')
      await drag(page, handleOf(second), await waitFor(page, 'button', handleOf(first)), isMoved)
    else await (await waitFor(page, 'button', handleOf(second))).press('ArrowUp')
    await expect.poll(links).toEqual(moved)
    await chooseFrom(page, hand, `What to do with ${first}`, 'Put it under the one before')
    await chooseFrom(page, hand, `Add a link: ${foot.toLowerCase()}`, 'An address…')
    await fill(page, 'What visitors read: a new link', map)
    await use(page, hand, 'Save the menus')
    await waitForText(page, '[role=dialog]', 'Type an address.')
    await fill(page, `Address: ${map}`, 'https://example.org/map')
    await use(page, hand, 'Save the menus')
    await waitForNoDialog(page)
    await expect.poll(async () => (await menuOf('header'))[0]).toBe([second, second, first].join(' > '))
    await expect.poll(async () => (await menuOf('footer')).at(-1)).toBe(map)
    await page.close()
  })
})

describe.each(['mouse', 'keys'])('the drawer of a page, by %s', (hand) => {
  it('tells in which menus the page stands, and leads to them', async () => {
    const title = hand === 'mouse' ? 'Our years' : 'Orchard'
    const page = await inBench(app, title)
    await waitForText(page, 'aside dl', 'At the head')
    expect(await page.$eval('aside dl', (list) => list.textContent)).not.toContain('at the foot')
    await use(page, hand, 'Change the menus')
    await waitFor(page, 'dialog', 'Menus')
    await chooseFrom(page, hand, `Add a link: ${foot.toLowerCase()}`, title)
    await use(page, hand, 'Save the menus')
    await waitForNoDialog(page)
    await waitForText(page, 'aside dl', 'At the head, at the foot')
    expect(await violations(page)).toEqual([])
    await page.close()
  })
})

describe('the menu at the head', () => {
  it('lies folded where it is narrow, and opens by mouse and by keys, without script', async () => {
    const page = await visitor(app, { script: false })
    await page.setViewport({ width: 390, height: 800 })
    await page.goto(`${app.address}/`)
    const isSeen = () => page.$eval('header nav', (menu) => menu.getClientRects().length > 0)
    expect(await isSeen()).toBe(false)
    // Without script a page says nothing of its frames: the pointer goes where the button is.
    const { x = 0, y = 0 } = (await (await waitFor(page, 'button', 'Menu')).boundingBox()) ?? {}
    await page.mouse.click(x + 8, y + 8)
    await expect.poll(isSeen).toBe(true)
    await page.keyboard.press('Escape')
    await expect.poll(isSeen).toBe(false)
    await (await waitFor(page, 'button', 'Menu')).focus()
    await page.keyboard.press('Enter')
    await expect.poll(isSeen).toBe(true)
    await page.setViewport({ width: 1280, height: 800 })
    await page.goto(`${app.address}/`)
    expect(await isSeen()).toBe(true)
    await page.close()
  })

  it('has nothing that axe finds, open or folded', async () => {
    const page = await visitor(app)
    await page.setViewport({ width: 390, height: 800 })
    await page.goto(`${app.address}/`)
    await press(page, 'button', 'Menu')
    expect(await violations(page)).toEqual([])
    await page.setViewport({ width: 1280, height: 800 })
    await page.goto(`${app.address}/plots`)
    await (await page.waitForSelector('header summary'))?.click()
    expect(await violations(page)).toEqual([])
    await page.close()
  })
})

describe('somebody else’s menus', () => {
  it('are not written over', async () => {
    const page = await openMenus('keys')
    await app.db
      .updateTable('site')
      .set((be) => ({ menus_version: be('menus_version', '+', 1) }))
      .execute()
    await chooseFrom(page, 'keys', 'What to do with Archive', 'Take it out')
    await press(page, 'button', 'Save the menus')
    await waitForText(page, '[role=dialog]', 'Somebody else changed the menus')
    await page.close()
  })
})
