import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { placedListingsOf } from '~~/core/pages/standing'
import { inBench, pageDraft, signedIn, startApp } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  fill,
  press,
  publish,
  setNumber,
  use,
  waitFor,
  waitForNoDialog,
  waitForStatus,
  waitForText,
} from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const addMenu = 'Add to Main'

async function listingsScreen(): Promise<Page> {
  const page = await signedIn(app)
  await press(page, 'link', 'Listings')
  await waitFor(page, 'link', 'Latest notes on From the hill')
  return page
}

async function listingsOf(path: string): Promise<readonly string[]> {
  return placedListingsOf(await pageDraft(app, path)).map((one) => one.listing)
}

/** How many cards visitors of a page see of a listing. */
async function cardsOf(path: string, listing: string): Promise<number> {
  const placed = placedListingsOf(await pageDraft(app, path)).find((one) => one.listing === listing)
  const html = await (await fetch(app.address + path)).text()
  const [, shown = ''] = html.split(`class="placement" data-placement="${placed?.id}"`)
  return (shown.split('data-placement=')[0] ?? '').split('data-entry=').length - 1
}

describe.each([
  ['mouse', 'Plots', '/plots'],
  ['keys', 'Swap days', '/swap-days'],
])('a listing that stands elsewhere, by the %s', (hand, title, path) => {
  it('is placed as the same, says so, is told before it changes everywhere, and is split off', async () => {
    const page = await inBench(app, title)
    const [original = ''] = await listingsOf('/lessons')
    await chooseFrom(page, hand, addMenu, 'One that exists…')
    await fill(page, 'Find a listing', 'all lessons')
    await waitForText(page, '[role=dialog]', 'Lessons')
    expect(await violations(page)).toEqual([])
    await use(page, hand, 'The same here: All lessons')
    await waitForNoDialog(page)
    await waitForText(page, 'aside', 'Also on “Lessons”')
    expect(await violations(page)).toEqual([])
    await waitForStatus(page, 'Saved')
    await expect.poll(() => listingsOf(path)).toContain(original)
    await publish(page)
    await waitForText(page, 'body', `“${title}” is live.`)
    await page.keyboard.press('3')
    const shown = hand === 'mouse' ? 2 : 3
    await setNumber(page, 'Show', shown)
    await waitForStatus(page, 'Saved')
    await press(page, 'button', 'Publish')
    await waitForText(page, '[role=dialog]', 'which changes with it')
    const said = await page.$eval('[role=dialog]', (dialog) => dialog.textContent ?? '')
    expect(said).toContain('Also on “Lessons”')
    await press(page, 'button', 'Publish now')
    await expect.poll(() => cardsOf('/lessons', original)).toBe(shown)
    await expect.poll(() => cardsOf(path, original)).toBe(shown)

    const before = await listingsOf(path)
    await use(page, hand, 'Make it this page’s own')
    await waitForStatus(page, 'Saved')
    await expect.poll(() => listingsOf(path)).not.toContain(original)
    await waitFor(page, 'button', 'All lessons 2 ' + shown)
    await setNumber(page, 'Show', 1)
    await waitForStatus(page, 'Saved')
    await publish(page)
    const own = (await listingsOf(path)).find((one) => !before.includes(one)) ?? ''
    await expect.poll(() => cardsOf(path, own)).toBe(1)
    expect(await cardsOf('/lessons', original)).toBe(shown)
    await page.close()
  })

  it('is placed as a copy of its own, and is published by the keys of the screen', async () => {
    const page = await inBench(app, title)
    const before = await listingsOf(path)
    await chooseFrom(page, hand, addMenu, 'One that exists…')
    await fill(page, 'Find a listing', 'short films')
    await use(page, hand, 'A copy of Short films')
    await waitForNoDialog(page)
    await waitFor(page, 'button', 'Short films 5')
    await waitForStatus(page, 'Changes not live')
    await expect.poll(async () => (await listingsOf(path)).length).toBe(before.length + 1)
    const [copy = ''] = (await listingsOf(path)).filter((one) => !before.includes(one))
    expect(await listingsOf('/')).not.toContain(copy)
    await page.keyboard.down('Control')
    await page.keyboard.press('Enter')
    await page.keyboard.up('Control')
    await waitForText(page, '[role=dialog]', '“Short films” is added')
    await page.keyboard.press('Enter')
    await expect.poll(() => cardsOf(path, copy)).toBe(5)
    await page.close()
  })
})

describe('the list of listings', () => {
  it('tells what each shows and where it stands, finds by any word, and places it on another page', async () => {
    const page = await listingsScreen()
    expect(await violations(page)).toEqual([])
    await fill(page, 'Find a listing', 'nothing of the kind')
    await waitForText(page, 'main', 'No listing has these words.')
    await fill(page, 'Find a listing', 'latest notes')
    await waitForText(page, 'main', 'field notes, newest first')
    const [latest] = await listingsOf('/')
    await chooseFrom(page, 'keys', 'What to do with Latest notes', 'Our years')
    await waitForText(page, 'aside', 'Also on “From the hill”')
    await waitForStatus(page, 'Saved')
    await expect.poll(() => listingsOf('/our-years')).toContain(latest)
    expect(page.url()).not.toContain('place=')
    await page.close()
  })
  it.each([
    ['mouse', 'Growers’ words', '/growers-words', 'All growers’ words'],
    ['keys', 'Orchard', '/orchard', 'Orchard notes'],
  ])(
    'duplicates one on its page, and deletes one from all pages with a way back, by the %s',
    async (hand, title, path, name) => {
      const page = await listingsScreen()
      const before = await listingsOf(path)
      await chooseFrom(page, hand, `What to do with ${name}`, 'Duplicate')
      await waitFor(page, 'button', `Undo: Duplicate “${name}”`)
      await waitForStatus(page, 'Saved')
      await expect.poll(async () => (await listingsOf(path)).length).toBe(before.length + 1)
      expect(page.url()).not.toContain('copy=')

      await use(page, hand, `Undo: Duplicate “${name}”`)
      await expect.poll(() => listingsOf(path)).toEqual(before)
      await waitForStatus(page, 'Saved')
      await page.goto(`${app.address}/bench/listings`)
      const draft = await pageDraft(app, path)
      await chooseFrom(page, hand, `What to do with ${name}`, 'Delete')
      await waitForText(page, '[role=dialog]', `It comes off “${title}”`)
      expect(await violations(page)).toEqual([])
      await use(page, hand, 'Delete')
      await waitForText(page, 'body', `“${name}” is deleted`)
      await waitForText(page, 'main', 'Deleted, still live')
      expect((await listingsOf(path)).length).toBe(before.length - 1)
      expect(await violations(page)).toEqual([])
      await use(page, hand, 'Undo')
      await waitForText(page, 'body', `“${name}” is back`)
      expect(await pageDraft(app, path)).toEqual(draft)
      await page.close()
    },
  )
})

describe.each([
  ['mouse', 'Growers’ words', 'All growers’ words', 4],
  ['keys', 'Gardens we made', 'All gardens we made', 3],
])('the history of a listing, by the %s', (hand, title, name, shown) => {
  it('tells what it was and when, and goes back to that by an edit that can be undone', async () => {
    const page = await inBench(app, title)
    const [found = ''] = await page.$$eval(
      'nav .choose',
      (all, begins) => all.map((one) => one.textContent ?? '').filter((one) => one.startsWith(begins)),
      name,
    )
    const all = Number(/\d+$/.exec(found)?.[0])
    await press(page, 'button', `${name} ${all}`)
    await page.keyboard.press('3')
    await setNumber(page, 'Show', shown)
    await waitForStatus(page, 'Saved')
    await publish(page)
    await waitForText(page, 'body', `“${title}” is live.`)
    await chooseFrom(page, hand, `What to do with ${name}`, 'History')
    await waitForText(page, '[role=dialog]', `Published with “${title}”`)
    await waitForText(page, '[role=dialog]', `${shown} in pages of 12`)
    await waitForText(page, '[role=dialog]', 'Live now')
    expect(await violations(page)).toEqual([])
    const back = await page.waitForSelector('[role=dialog] li:last-child button')
    await (hand === 'mouse' ? back?.click() : back?.press('Enter'))
    await waitForNoDialog(page)
    await waitFor(page, 'button', `${name} ${all}`)
    await waitForStatus(page, 'Saved')
    await page.close()
  })
})
