import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { violations } from './support/violations'
import { chooseOne, press, waitFor, waitForText } from './support/hands'

/** Pages of the demo in several looks and shapes. */
const demoPaths = ['/seed-shelf', '/plots', '/swap-days', '/gardens-we-made', '/growers-words', '/our-years']
const darkPaper = 'rgb(21, 27, 23)'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

describe('nothing is in the way of anybody', () => {
  it.each(['/', '/field-notes', '/field-notes/how-to-borrow-seed', '/nothing'])(
    'on the public page %s',
    async (path) => {
      const page = await visitor(app)
      await page.goto(`${app.address}${path}`)
      expect(await violations(page)).toEqual([])
    },
  )

  it('on public pages of devices that are set to dark', async () => {
    const page = await visitor(app)
    await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'dark' }])
    for (const path of ['/', '/field-notes/how-to-borrow-seed', ...demoPaths]) {
      await page.goto(`${app.address}${path}`)
      expect(await page.$eval('body', (body) => getComputedStyle(body).backgroundColor)).toBe(darkPaper)
      expect(await violations(page), path).toEqual([])
    }
  })

  it('on the sign-in page', async () => {
    const page = await visitor(app)
    await page.goto(`${app.address}/bench/sign-in`)
    await waitFor(page, 'button', 'Sign in')
    expect(await violations(page)).toEqual([])
  })

  it('where nothing of the bench is, which leads to where something is', async () => {
    const page = await signedIn(app)
    await page.goto(`${app.address}/bench/nowhere`)
    await waitFor(page, 'heading', 'There is nothing here')
    expect(await violations(page)).toEqual([])
    await press(page, 'link', 'To the pages')
    await waitFor(page, 'link', 'Orchard')
    await page.close()
  })

  it('on the screens of the bench, with each drawer open', async () => {
    const page = await signedIn(app)
    await press(page, 'link', 'Pages')
    await waitFor(page, 'link', 'Orchard')
    expect(await violations(page), 'pages').toEqual([])
    await press(page, 'link', 'Orchard')
    await press(page, 'button', 'Orchard notes 6')
    for (const [key, clause] of [
      ['1', 'from'],
      ['2', 'order'],
      ['3', 'amount'],
      ['4', 'shape'],
      ['5', 'card'],
      ['6', 'look'],
    ] as const) {
      await page.waitForSelector('aside[data-clause]')
      await page.keyboard.press(key)
      await page.waitForSelector(`aside[data-clause=${clause}]`)
      expect(await violations(page), clause).toEqual([])
    }
    await page.keyboard.press('1')
    for (const rule of ['Published', 'Group of rules', 'Author', 'Pinned, or has a picture']) {
      await press(page, 'button', 'Add a rule')
      await press(page, 'menuitem', rule)
    }
    await press(page, 'button', 'Add a rule to Group 3')
    await press(page, 'menuitem', 'Words')
    await waitFor(page, 'textbox', 'Words')
    expect(await violations(page), 'rules').toEqual([])
    await press(page, 'button', 'Why?')
    await chooseOne(page, 'Entry', 'Drying bean pods when it will not stop raining')
    await waitForText(page, 'aside', 'Not shown')
    expect(await violations(page), 'why').toEqual([])
    await press(page, 'button', 'What comes next')
    await waitForText(page, 'aside', 'What the clock alone will change here.')
    expect(await violations(page), 'next').toEqual([])
    await page.keyboard.press('1')
    await press(page, 'radio', 'By hand')
    await press(page, 'button', 'Pick entries')
    await waitFor(page, 'listbox', 'Pick entries')
    expect(await violations(page), 'picking').toEqual([])
  })

  it('on the content screens', async () => {
    const page = await signedIn(app)
    await press(page, 'link', 'Content')
    await waitFor(page, 'heading', 'Field notes')
    expect(await violations(page), 'table, whether its rows are there yet or not').toEqual([])
    await waitFor(page, 'link', 'Soup from the bottom of the shelf')
    expect(await violations(page), 'table').toEqual([])
    await press(page, 'link', 'Add a field note')
    await waitFor(page, 'textbox', 'Title')
    expect(await violations(page), 'form').toEqual([])
  })

  it('on the screens for setting content up', async () => {
    const page = await signedIn(app)
    const screens = [
      ['/bench/content/new', 'heading', 'New collection'],
      ['/bench/content/field-notes/set-up', 'heading', 'Field notes: set up'],
      ['/bench/content/facets', 'button', 'Soil'],
      ['/bench/content/media', 'button', 'Bring in files'],
      ['/bench/content/people', 'button', 'Maud Ferris'],
      ['/bench/site', 'combobox', 'Role of Wren Hollis'],
    ] as const
    for (const [path, role, name] of screens) {
      await page.goto(`${app.address}${path}`)
      await waitFor(page, role, name)
      expect(await violations(page), path).toEqual([])
    }
  })

  it('in the dialogs of content', async () => {
    const page = await signedIn(app)
    await page.goto(`${app.address}/bench/content/field-notes/set-up`)
    await press(page, 'button', 'Add a field')
    await waitFor(page, 'textbox', 'Name of the field')
    expect(await violations(page), 'field').toEqual([])
    await page.goto(`${app.address}/bench/content/facets`)
    await press(page, 'button', 'Soil')
    await waitFor(page, 'textbox', 'Description')
    expect(await violations(page), 'term').toEqual([])
    await page.goto(`${app.address}/bench/content/media`)
    await (await page.waitForSelector('main li button'))?.click()
    await waitFor(page, 'textbox', 'What it shows')
    expect(await violations(page), 'media').toEqual([])
  })
})
