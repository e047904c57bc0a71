import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { framed, inBench, openInBench, pageDraft, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  enter,
  fill,
  press,
  publish,
  use,
  waitFor,
  waitForNoDialog,
  waitForNoText,
  waitForStatus,
  waitForText,
} from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const side = 'section[aria-label=Side]'
const menu = 'What to do with Side'

/** Switches something on or off. */
async function toggle(page: Page, hand: string, label: string): Promise<void> {
  if (hand === 'mouse') return press(page, 'checkbox', label)
  await (await waitFor(page, 'checkbox', label)).press('Space')
}

async function visitors(path: string): Promise<string> {
  return (await fetch(app.address + path)).text()
}

describe.each([
  ['mouse', ['Lessons', '/lessons'], ['Swap days', '/swap-days'], 'Beside films'],
  ['keys', ['Plots', '/plots'], ['Seed shelf', '/seed-shelf'], 'Beside beds'],
] as const)('a side area, by the %s', (hand, [title, path], [other, otherPath], name) => {
  it('is shared by two pages, changed once, and both change live', async () => {
    const page = await inBench(app, title, { width: 1280, height: 1000 })
    await chooseFrom(page, hand, menu, 'Share this area…')
    await waitFor(page, 'dialog', 'Share “Side” with other pages')
    expect(await violations(page)).toEqual([])
    await fill(page, 'Name of the shared area', name)
    await use(page, hand, 'Share it')
    await waitForNoDialog(page)
    await waitForText(page, side, name)
    await waitForStatus(page, 'Saved')
    expect(await violations(page)).toEqual([])
    await publish(page)
    await waitForText(page, 'body', `“${title}” is live.`)

    await openInBench(app, page, other)
    await chooseFrom(page, hand, menu, `“${name}” here`)
    await waitForText(page, side, `also on “${title}”`)
    await waitForText(page, 'section[aria-label=Shelf]', 'Most read')
    await publish(page)
    await waitForText(page, 'body', `“${other}” is live.`)

    await use(page, hand, `Open it: ${name}`)
    await waitForText(page, 'aside', 'What you change here changes on these pages')
    expect(await violations(page)).toEqual([])
    await press(page, 'button', 'Most read 5')
    await page.keyboard.press('1')
    await fill(page, 'Heading on the page', `Read beside ${name}`)
    await page.keyboard.press('Tab')
    await waitForStatus(page, 'Saved')
    expect(await visitors(path)).not.toContain(`Read beside ${name}`)
    await use(page, hand, 'Publish')
    await waitForText(page, '[role=dialog]', 'changes on these pages')
    await waitForText(page, '[role=dialog]', other)
    expect(await violations(page)).toEqual([])
    await use(page, hand, 'Publish now')
    await expect.poll(() => visitors(path)).toContain(`Read beside ${name}`)
    await expect.poll(() => visitors(otherPath)).toContain(`Read beside ${name}`)
    await page.close()
  })

  it('is left with a copy of its own, which no longer changes with the others', async () => {
    const page = await inBench(app, other, { width: 1280, height: 1000 })
    await waitForText(page, side, name)
    await chooseFrom(page, hand, menu, 'A copy for this page alone')
    await waitFor(page, 'button', 'Most read 5')
    await expect.poll(async () => (await pageDraft(app, otherPath)).shared).toBeUndefined()
    const draft = await pageDraft(app, otherPath)
    expect(draft.areas.side?.[0]?.columns[0]?.placements[0]?.heading).toBe(`Read beside ${name}`)
    await use(page, hand, 'Undo: An area of its own')
    await waitForText(page, side, name)
    await chooseFrom(page, hand, menu, 'Take the shared area off')
    await waitForText(page, side, 'Nothing here yet.')
    await waitForStatus(page, 'Saved')
    await expect.poll(async () => (await pageDraft(app, otherPath)).shared).toBeUndefined()
    await page.close()
  })
})

describe('what stands in a shared area', () => {
  it('is said to, where it is pressed on a page that has it', async () => {
    const page = await inBench(app, 'Our years', { width: 1280, height: 1000 })
    const frame = await framed(page)
    await frame.waitForSelector('aside [data-placement]')
    // Where the frame is drawn smaller than it is, the driver’s pointer misses.
    await frame.$eval('aside [data-placement] a', (link) => link.click())
    await waitForText(page, 'body', 'This stands in an area that several pages share.')
    await press(page, 'button', 'Open it')
    await waitForText(page, 'body', 'This shared area')
    await page.close()
  })

  it('is named in the list of pages, and deleted there once no page has it', async () => {
    const page = await signedIn(app)
    await page.goto(`${app.address}/bench`)
    const list = 'ul[aria-label="Shared areas"]'
    await waitForText(page, list, 'On Growers’ words, Our years')
    expect(await violations(page)).toEqual([])
    await openInBench(app, page, 'Orchard')
    await chooseFrom(page, 'keys', menu, 'Share this area…')
    await fill(page, 'Name of the shared area', 'Beside trees')
    await press(page, 'button', 'Share it')
    await waitForNoDialog(page)
    await press(page, 'button', 'Undo: Share an area')
    await waitFor(page, 'button', 'Wildlife notes 5')
    await waitForStatus(page, 'Saved')
    await page.goto(`${app.address}/bench`)
    await waitForText(page, list, 'On no page')
    await press(page, 'button', 'Delete “Beside trees”')
    await press(page, 'button', 'Delete')
    await waitForText(page, 'body', '“Beside trees” is deleted')
    await waitForNoText(page, list, 'Beside trees')
    await page.close()
  })
})

describe.each([
  ['mouse', 'Foot of every page', 'footer', 'With the icon'],
  ['keys', 'Head of every page', 'header', 'With the tagline'],
] as const)('what stands on every page, by the %s', (hand, title, place, setting) => {
  it('is set up from what is usual, changed once, and seen on every page, also on those that are open', async () => {
    const open = await visitor(app)
    await open.goto(`${app.address}/plots`)
    const page = await signedIn(app)
    await page.goto(`${app.address}/bench`)
    await use(page, hand, `Set up “${title}”`)
    await waitForText(page, 'aside', 'It stands on every page of the site')
    expect(await violations(page)).toEqual([])
    await use(page, hand, 'Name and menu')
    await toggle(page, hand, setting)
    expect(await violations(page)).toEqual([])
    await chooseFrom(page, hand, 'Add to Main', 'Note')
    await enter(page, await page.waitForSelector('aside [contenteditable=true]'))
    await page.keyboard.type(`Said by the ${hand}.`)
    await waitForStatus(page, 'Saved')
    await use(page, hand, 'Publish')
    await waitForText(page, '[role=dialog]', 'It stands on every page of the site')
    await use(page, hand, 'Publish now')
    await waitForText(page, 'body', `“${title}” is live.`)
    await waitForText(open, place, `Said by the ${hand}.`)
    expect(await violations(open)).toEqual([])
    for (const path of ['/', '/authors/maud-ferris', '/nowhere-at-all'])
      expect(await visitors(path), path).toMatch(
        new RegExp(`<${place}.*Said by the ${hand}\\..*</${place}>`, 's'),
      )
    await openInBench(app, page, 'Orchard')
    const shown = await framed(page)
    await shown.waitForSelector(place)
    await toggle(page, hand, title)
    await waitForStatus(page, 'Saved')
    await shown.waitForFunction((name) => document.querySelector(name) === null, {}, place)
    await use(page, hand, 'Publish')
    await waitForText(page, '[role=dialog]', 'Left out')
    await use(page, hand, 'Publish now')
    await waitForText(page, 'body', '“Orchard” is live.')
    expect(await visitors('/orchard')).not.toContain(`<${place}`)
    await press(page, 'link', 'Pages')
    await waitForText(page, '[aria-label="Shared areas"]', title)
    await use(page, hand, `Delete “${title}”`)
    await waitForText(page, '[role=dialog]', 'What is usual stands there again')
    await use(page, hand, 'Delete')
    await waitForText(page, 'body', `“${title}” is deleted`)
    await waitForNoText(open, place, `Said by the ${hand}.`)
    await open.close()
    await page.close()
  })
})
