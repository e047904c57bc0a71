import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { ElementHandle, Page } from 'puppeteer-core'
import { openCollection, signedIn, startApp } from './support/app'
import type { App } from './support/app'
import {
  fill,
  isThere,
  pick,
  press,
  waitFor,
  waitForNoDialog,
  waitForStillness,
  waitForText,
} from './support/hands'

let app: App
const folder = mkdtempSync(join(tmpdir(), 'bushel-habits-'))
beforeAll(async () => {
  app = await startApp()
})
afterAll(async () => {
  rmSync(folder, { recursive: true })
  await app.stop()
})

async function saveByKey(page: Page): Promise<void> {
  await page.keyboard.down('Control')
  await page.keyboard.press('KeyS')
  await page.keyboard.up('Control')
}

async function contentScreen(name: string): Promise<Page> {
  const page = await signedIn(app)
  await openCollection(page, 'Field notes')
  await press(page, 'link', name)
  await waitFor(page, 'heading', name)
  return page
}

describe('the key that saves', () => {
  it('saves an entry, and what stands in a dialog', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Field notes')
    await fill(page, 'Find by title', 'Rainwater, counted')
    await press(page, 'link', 'Rainwater, counted')
    await fill(page, 'Title', 'Rainwater, weighed')
    await saveByKey(page)
    await waitFor(page, 'heading', 'Rainwater, weighed')
    await press(page, 'link', 'Facets and terms')
    await press(page, 'button', 'Wildlife')
    await fill(page, 'Name', 'Wild life')
    await saveByKey(page)
    await waitForText(page, 'body', '“Wild life” is saved.')
    await waitForNoDialog(page)
    await page.close()
  })
})

describe('what is typed and not saved', () => {
  it('is asked about before a screen is left, and before a dialog is closed', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Plots')
    await press(page, 'link', 'Set up')
    await fill(page, 'Name of the collection', 'Beds')
    await press(page, 'link', 'Media')
    await waitFor(page, 'dialog', 'Leave without saving?')
    await press(page, 'button', 'Cancel')
    await waitForNoDialog(page)
    await press(page, 'link', 'Media')
    await press(page, 'button', 'Leave')
    await waitFor(page, 'heading', 'Media')
    await press(page, 'link', 'Authors')
    await press(page, 'button', 'Add an author')
    await fill(page, 'Name', 'Somebody')
    await page.keyboard.press('Escape')
    await waitFor(page, 'dialog', 'Leave without saving?')
    await press(page, 'button', 'Leave')
    await waitForNoDialog(page)
    await press(page, 'button', 'Add an author')
    await waitFor(page, 'textbox', 'Name')
    await waitForStillness(page)
    await page.keyboard.press('Escape')
    // Nothing was typed: nothing is asked.
    await waitForNoDialog(page)
    await page.close()
  })

  it('is in the form still where it was typed while the rest was being sent', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Field notes')
    await press(page, 'link', 'Add a field note')
    await fill(page, 'Title', 'Typed in two goes')
    await page.setRequestInterception(true)
    let letGo: () => void = () => undefined
    const held = new Promise<void>((resolve) => (letGo = resolve))
    page.on('request', (request) => {
      if (request.method() !== 'POST') return void request.continue()
      void held.then(() => request.continue())
    })
    await press(page, 'button', 'Save')
    await fill(page, 'Summary', 'The second go.')
    letGo()
    await waitFor(page, 'heading', 'Typed in two goes')
    const summary = await waitFor(page, 'textbox', 'Summary')
    expect(await summary.evaluate((field) => (field as HTMLTextAreaElement).value)).toBe('The second go.')
    await waitForText(page, '[role=status]', 'Not saved')
    await press(page, 'button', 'Save')
    await waitForText(page, '[role=status]', 'Saved')
    const row = await app.db
      .selectFrom('entries')
      .select(['summary', 'version'])
      .where('slug', '=', 'typed-in-two-goes')
      .executeTakeFirstOrThrow()
    expect(row).toEqual({ summary: 'The second go.', version: 2 })
    await page.close()
  })
})

describe('a table of entries', () => {
  it('is as it was left on the way back from an entry, and after a reload', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Field notes')
    await pick(page, 'State', 'Draft')
    await fill(page, 'Find by title', 'e')
    await page.waitForFunction(
      () =>
        location.search.includes('state=draft&words=e') || location.search.includes('words=e&state=draft'),
    )
    await page.waitForFunction(() => document.querySelector('tbody a.entry') !== null)
    const titles = () => page.$$eval('tbody a.entry', (all) => all.map((one) => one.textContent?.trim()))
    await expect.poll(async () => (await page.$('[aria-busy=true]')) === null).toBe(true)
    const before = await titles()
    await page.click('tbody a.entry')
    await waitFor(page, 'textbox', 'Title')
    await page.click('form .head a')
    await expect.poll(titles).toEqual(before)
    await page.reload()
    await expect.poll(titles).toEqual(before)
    await page.close()
  })
})

describe('what is looked for', () => {
  it('is found among pages, authors and terms by a part of its name', async () => {
    const page = await signedIn(app)
    await press(page, 'link', 'Pages')
    await fill(page, 'Find a page or a listing', 'SEED sh')
    await expect.poll(() => isThere(page, 'link', 'Orchard')).toBe(false)
    expect(await isThere(page, 'link', 'Seed shelf')).toBe(true)
    await fill(page, 'Find a page or a listing', 'nothing of that kind')
    await waitForText(page, 'main', 'No page has that')
    await page.close()

    const terms = await contentScreen('Facets and terms')
    await waitFor(terms, 'button', 'Compost')
    await fill(terms, 'Find a term', 'comp')
    await expect.poll(() => isThere(terms, 'button', 'Wildlife')).toBe(false)
    // With what it lies under, and nothing of it can be moved among what is left.
    expect(await isThere(terms, 'button', 'Soil')).toBe(true)
    expect(await isThere(terms, 'button', 'Move Compost: arrow keys')).toBe(false)
    await terms.close()
  })
})

describe('files that are brought in together', () => {
  it('come though one of them is refused, and one is stopped', async () => {
    const page = await contentScreen('Media')
    const [green, pale, brown] = await Promise.all(
      ['#28624a', '#e2eee5', '#7d5a07'].map((background) =>
        sharp({ create: { width: 300, height: 200, channels: 3, background } })
          .png()
          .toBuffer(),
      ),
    )
    if (!green || !pale || !brown) throw new Error('There is no picture.')
    const files = ['first.png', 'no-picture.png', 'last.png'].map((name) => join(folder, name))
    files.forEach((path, at) =>
      writeFileSync(path, [green, Buffer.from('<p>No picture</p>'), pale][at] ?? green),
    )
    const input = await page.waitForSelector('input[type=file][multiple]')
    await (input as ElementHandle<HTMLInputElement>).uploadFile(...files)
    await waitForText(page, 'body', '2 files are there.')
    await waitForText(page, 'main', 'Files of this kind are not taken.')
    await press(page, 'button', 'Take no-picture.png off the list')
    await expect.poll(() => isThere(page, 'button', 'Take no-picture.png off the list')).toBe(false)

    await page.setRequestInterception(true)
    page.on('request', (request) =>
      // The first stays on its way until it is stopped.
      request.url().includes('name=slow.png') ? undefined : void request.continue(),
    )
    const more = ['slow.png', 'quick.png'].map((name) => join(folder, name))
    more.forEach((path) => writeFileSync(path, brown))
    await (input as ElementHandle<HTMLInputElement>).uploadFile(...more)
    await press(page, 'button', 'Stop slow.png')
    await waitForText(page, 'body', '1 file is there.')
    await waitFor(page, 'button', 'quick.png')
    expect(await isThere(page, 'button', 'slow.png')).toBe(false)
    await page.close()
  })
})
