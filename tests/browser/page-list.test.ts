import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { ElementHandle, Page } from 'puppeteer-core'
import { framed, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  clear,
  fill,
  pick,
  press,
  publish,
  use,
  waitFor,
  waitForNoDialog,
  waitForText,
} from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

async function atPages(): Promise<Page> {
  const page = await signedIn(app)
  await press(page, 'link', 'Pages')
  await waitFor(page, 'link', 'Orchard')
  return page
}

async function ask(page: Page, title: string, what: string): Promise<void> {
  await press(page, 'button', `More for ${title}`)
  await press(page, 'menuitem', what)
}

async function statusAt(path: string): Promise<string> {
  const answer = await fetch(`${app.address}${path}`, { redirect: 'manual' })
  return [answer.status, answer.headers.get('location')].filter(Boolean).join(' ')
}

/** Whether a page says what the demo's page of lessons says at its head. */
async function introduced(path: string): Promise<boolean> {
  return (await (await fetch(`${app.address}${path}`)).text()).includes('Short films from the beds')
}

function titles(page: Page): Promise<readonly string[]> {
  return page.$$eval('main li a[href^="/bench/pages/"]', (all) => all.map((one) => one.textContent ?? ''))
}

/** Goes by the arrow keys from the one of several that is chosen to another. */
async function stepTo(page: Page, wanted: ElementHandle): Promise<void> {
  await (await page.waitForSelector('[role=dialog] [role=radio][aria-checked=true]'))?.focus()
  for (let steps = 0; steps < 40; steps += 1) {
    if (await wanted.evaluate((one) => one === document.activeElement)) return
    await page.keyboard.press('ArrowDown')
  }
  throw new Error('The arrow keys do not lead there.')
}

describe('a new page', () => {
  it.each([
    ['mouse', 'What we grow', '/what-we-grow'],
    ['keys', 'What we let', '/what-we-let'],
  ])(
    'is made from a ready-made one by the %s, filled as is wanted, and goes live',
    async (hand, title, path) => {
      const page = await atPages()
      await use(page, hand, 'New page')
      await fill(page, 'Title', title)
      expect(await valueOf(page, 'Address')).toBe(path)
      if (hand === 'mouse') await press(page, 'radio', 'Catalogue')
      else await stepTo(page, await waitFor(page, 'radio', 'Catalogue'))
      const sample = await page.waitForSelector('iframe[title="What it will look like"]')
      expect(await sample?.evaluate((frame) => frame.getAttribute('src'))).toContain('/ready-made/catalogue?')
      await pick(page, 'Mostly about', 'Plots')
      expect(await violations(page), 'a new page').toEqual([])
      await use(page, hand, 'Make the page')
      await waitFor(page, 'button', 'All plots 20')
      await publish(page, hand)
      await expect.poll(() => statusAt(path)).toBe('200')
      const html = await (await fetch(app.address + path)).text()
      expect(html).toContain('Gate bed')
      await page.close()
    },
  )

  it('is made empty by keys alone; what is wrong is said at its field', async () => {
    const page = await atPages()
    await (await waitFor(page, 'button', 'New page')).focus()
    await page.keyboard.press('Enter')
    await waitFor(page, 'textbox', 'Title')
    await page.keyboard.type('Orchard')
    await page.keyboard.press('Tab')
    await page.keyboard.down('Control')
    await page.keyboard.press('a')
    await page.keyboard.up('Control')
    await page.keyboard.type('/orchard')
    await save(page)
    await waitForText(page, '[role=dialog]', 'The page “Orchard” has this address. Choose another.')
    await page.keyboard.type('-of-old')
    await page.keyboard.press('Tab')
    expect(await page.evaluate(() => document.activeElement?.textContent)).toBe('Nothing on it')
    await page.keyboard.press('ArrowRight')
    await page.keyboard.press('ArrowLeft')
    await save(page)
    await page.waitForFunction(() => /\/bench\/pages\/\d+$/.test(location.pathname))
    await waitFor(page, 'button', 'Add to Main')
    const row = await app.db
      .selectFrom('pages')
      .select('draft')
      .where('path', '=', '/orchard-of-old')
      .executeTakeFirst()
    expect(row?.draft).toMatchObject({ title: 'Orchard', frame: 'main-side' })
    await page.close()
  })

  it('keeps the address that was typed, whatever the title becomes', async () => {
    const page = await atPages()
    await press(page, 'button', 'New page')
    await fill(page, 'Title', 'One')
    await clear(page, 'Address')
    await fill(page, 'Address', '/mine')
    await clear(page, 'Title')
    await fill(page, 'Title', 'Another')
    expect(await valueOf(page, 'Address')).toBe('/mine')
    await press(page, 'button', 'Cancel')
    await press(page, 'button', 'Leave')
    await waitForNoDialog(page)
    await page.close()
  })
})

describe('a page in the list', () => {
  it('gets another title and address; visitors are led on', async () => {
    const page = await atPages()
    await ask(page, 'Our years', 'Title and address')
    await clear(page, 'Title')
    await fill(page, 'Title', 'How we began')
    await clear(page, 'Address')
    await fill(page, 'Address', '/how-we-began')
    await press(page, 'button', 'Save')
    await waitFor(page, 'link', 'How we began')
    await expect.poll(() => statusAt('/our-years')).toBe('301 /how-we-began')
    expect(await statusAt('/how-we-began')).toBe('200')
    await page.close()
  })

  it('is duplicated, deleted, and put back, from the message and days later from the list', async () => {
    const page = await atPages()
    await ask(page, 'Lessons', 'Duplicate')
    await waitFor(page, 'link', 'Lessons (copy)')
    await press(page, 'button', 'Close this message')
    await ask(page, 'Lessons (copy)', 'Delete')
    await waitForText(page, '[role=dialog]', 'For 30 days it can be put back')
    await press(page, 'button', 'Delete')
    await press(page, 'button', 'Undo')
    await waitFor(page, 'link', 'Lessons (copy)')
    await ask(page, 'Lessons', 'Delete')
    await press(page, 'button', 'Delete')
    await waitFor(page, 'button', 'Put back “Lessons”')
    expect(await violations(page), 'with deleted pages').toEqual([])
    // What no hand made stands there again: everything of the collection.
    await expect.poll(() => introduced('/lessons')).toBe(false)
    const other = await visitor(app)
    await other.goto(`${app.address}/`)
    expect(await other.$('nav a[href="/lessons"]')).toBeNull()
    await (await waitFor(page, 'button', 'Put back “Lessons”')).focus()
    await page.keyboard.press('Enter')
    await waitFor(page, 'link', 'Lessons')
    await expect.poll(() => introduced('/lessons')).toBe(true)
    await Promise.all([page.close(), other.close()])
  })

  it('is found by typing, ordered by title, and moved in the site’s order', async () => {
    const page = await atPages()
    await ask(page, 'Plots', 'Move one place earlier')
    await expect
      .poll(async () => (await titles(page)).slice(0, 4))
      .toEqual(['From the hill', 'Field notes', 'Orchard', 'Plots'])
    await pick(page, 'Order', 'By title')
    const shown = (await titles(page)).slice(0, 4)
    expect(shown).toEqual(shown.toSorted((a, b) => a.localeCompare(b)))
    await fill(page, 'Find a page or a listing', 'coming days')
    await expect.poll(() => titles(page)).toEqual(['From the hill'])
    await page.close()
  })

  it('becomes the front page, and the one before gets an address of its own', async () => {
    const page = await atPages()
    await ask(page, 'Orchard', 'Make it the front page')
    await waitForText(page, 'main', '/from-the-hill')
    await expect.poll(() => statusAt('/orchard')).toBe('301 /')
    await ask(page, 'From the hill', 'Make it the front page')
    await waitForText(page, 'main', '/orchard')
    await expect.poll(() => statusAt('/from-the-hill')).toBe('301 /')
    await page.close()
  })
})

describe('a page that no hand made', () => {
  it('is listed, begins as visitors have it, and is shown with a sample of what it is for', async () => {
    const page = await atPages()
    const list = await waitFor(page, 'list', 'Each month')
    expect(await list.evaluate((one) => one.textContent)).toContain('/lessons/{year}/{month}')
    await press(page, 'button', 'Set up “Lessons: each month”')
    await waitFor(page, 'button', 'Add to Main')
    const frame = await framed(page)
    await frame.waitForSelector('.placement')
    expect(await frame.$eval('h1', (one) => one.textContent)).toMatch(/^[A-Z][a-z]+ 20\d\d$/)
    await waitForText(page, 'aside', 'Visitors read the month.')
    expect(await violations(page)).toEqual([])
    await press(page, 'link', 'Pages')
    await waitFor(page, 'link', 'Lessons: each month')
    expect(await page.$('::-p-aria([name="Set up “Lessons: each month”"])')).toBeNull()
    await page.close()
  })

  it('is there without script, for a month, an author and a search', async () => {
    const page = await visitor(app, { script: false })
    await page.goto(`${app.address}/field-notes`)
    const month = await page.$eval('.month-index a', (link) => ({ to: link.href, name: link.textContent }))
    await page.goto(month.to)
    expect(await page.$eval('h1', (one) => one.textContent)).toContain(month.name)
    await page.goto(`${app.address}/search`)
    await page.type('input[type=search]', 'bean')
    await Promise.all([page.waitForNavigation(), page.keyboard.press('Enter')])
    expect(new URL(page.url()).search).toBe('?words=bean')
    expect(await page.$$eval('main article', (all) => all.length)).toBeGreaterThan(1)
    const entry = await page.$eval('main article a[href^="/field-notes/"]', (link) => link.href)
    await page.goto(entry)
    const author = await page.$eval('.author-name a', (link) => ({ to: link.href, name: link.textContent }))
    await page.goto(author.to)
    expect(await page.$eval('h1', (one) => one.textContent)).toBe(author.name)
    await page.close()
  })
})

async function save(page: Page): Promise<void> {
  await page.keyboard.down('Control')
  await page.keyboard.press('s')
  await page.keyboard.up('Control')
}

async function valueOf(page: Page, label: string): Promise<string> {
  return (await waitFor(page, 'textbox', label)).evaluate((field) => (field as HTMLInputElement).value)
}
