import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { asPublished, framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  chooseRadio,
  fill,
  press,
  publish,
  turn,
  use,
  waitFor,
  waitForNoText,
  waitForStatus,
  waitForText,
} from './support/hands'
import { middle } from './support/look'
import { violations } from './support/violations'
import { cardsOn, controlled, follow, pricesOn } from './support/visits'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const spring = 'a[id$="-spring"]'
const outcome = `${controlled} [role=status]`

describe.each(['mouse', 'keys'])('a listing is narrowed by the %s', (hand) => {
  it('where it stands, at an address that brings the same back, and goes back', async () => {
    const page = await visitor(app)
    await page.goto(`${app.address}/seed-shelf`)
    const all = await cardsOn(page)
    const top = () => page.$eval(controlled, (one) => one.getBoundingClientRect().top + scrollY)
    const before = await top()
    await follow(page, hand, 'Winter 6 found')
    await waitForText(page, outcome, '6 found')
    expect(new URL(page.url()).search).toBe('?season=winter')
    expect(await page.evaluate(() => document.activeElement?.textContent)).toContain('Winter')
    expect(await top()).toBe(before)
    const winter = await cardsOn(page)
    expect(winter).toHaveLength(6)
    await follow(page, hand, 'Spring 8 found')
    await page.waitForFunction(() => location.search === '?season=spring,winter')
    await page.waitForFunction(
      (where) => document.querySelector(where)?.textContent !== '6 found',
      {},
      outcome,
    )
    const both = await cardsOn(page)
    expect(both.length).toBeGreaterThan(6)
    expect(winter.every((one) => both.includes(one))).toBe(true)
    expect(await violations(page)).toEqual([])

    const fresh = await visitor(app, { script: false })
    await fresh.goto(page.url())
    expect(await cardsOn(fresh)).toEqual(both)
    await fresh.close()

    await follow(page, hand, 'Spring: take it back')
    await waitForText(page, outcome, '6 found')
    expect(await cardsOn(page)).toEqual(winter)
    await page.goBack()
    await page.waitForFunction(() => location.search === '?season=spring,winter')
    await expect.poll(() => cardsOn(page)).toEqual(both)
    await page.goBack()
    await page.goBack()
    await expect.poll(() => cardsOn(page)).toEqual(all)
    await waitForText(page, outcome, '30 in all')
    await page.goForward()
    await expect.poll(() => cardsOn(page)).toEqual(winter)
    await page.close()
  })
})

describe.each(['mouse', 'keys'])('a listing is sorted by the %s', (hand) => {
  it('by a menu that folds in, under what narrows it, and so many at once, at an address that says so', async () => {
    const page = await visitor(app)
    await page.goto(`${app.address}/seed-shelf`)
    const prices = () => pricesOn(page)
    const cheapest = async () =>
      (await prices()).every((price, at, all) => at === 0 || price >= (all[at - 1] ?? 0))
    expect(await cheapest()).toBe(false)
    const fold = await waitFor(page, 'DisclosureTriangle', 'Order: Newest first')
    await (hand === 'mouse' ? fold.click() : fold.press('Enter'))
    await follow(page, hand, 'Cheapest first')
    await waitFor(page, 'DisclosureTriangle', 'Order: Cheapest first')
    expect(new URL(page.url()).search).toBe('?by=cheapest-first')
    expect(await cheapest()).toBe(true)
    expect(await page.evaluate(() => document.activeElement?.tagName)).toBe('SUMMARY')
    await follow(page, hand, 'Winter 6 found')
    await waitForText(page, outcome, '6 found')
    expect(new URL(page.url()).search).toBe('?by=cheapest-first&season=winter')
    expect(await prices()).toHaveLength(6)
    expect(await cheapest()).toBe(true)
    await follow(page, hand, 'Winter: take it back')
    await page.waitForFunction(() => location.search === '?by=cheapest-first')
    await follow(page, hand, '24')
    await expect.poll(async () => (await prices()).length).toBeGreaterThan(12)
    expect(new URL(page.url()).search).toBe('?by=cheapest-first&per=24')
    expect(await violations(page)).toEqual([])
    const all = await prices()
    const fresh = await visitor(app, { script: false })
    await fresh.goto(page.url())
    expect(await cardsOn(fresh)).toEqual(await cardsOn(page))
    expect(all).toHaveLength((await cardsOn(fresh)).length)
    await fresh.close()
    await page.goBack()
    await expect.poll(async () => (await prices()).length).toBe(12)
    await page.close()
  })
})

describe('a listing is narrowed', () => {
  it('without script by the same links, and says what to take back where nothing is found', async () => {
    const page = await visitor(app, { script: false })
    await page.goto(`${app.address}/seed-shelf`)
    const go = async (name: string) =>
      Promise.all([page.waitForNavigation(), (await waitFor(page, 'link', name)).click()])
    await go('Winter 6 found')
    expect(await cardsOn(page)).toHaveLength(6)
    await page.goto(`${app.address}/seed-shelf?season=winter&topic=storing,purple`)
    expect(await cardsOn(page)).toEqual([])
    await waitForText(page, controlled, 'There is nothing called “purple” to choose here.')
    await waitForText(page, controlled, 'Nothing here is of Winter and Storing.')
    await go('Without Storing: 6')
    expect(await cardsOn(page)).toHaveLength(6)
    await page.goto(`${app.address}/seed-shelf?season=winter&topic=storing`)
    await go('Clear all')
    expect(new URL(page.url()).search).toBe('')
    await page.close()
  })

  it('keeps what it shows of the plain page as the one address for search engines', async () => {
    const page = await visitor(app, { script: false })
    await page.goto(`${app.address}/gardens-we-made?topic=soil`)
    expect(await page.$eval('link[rel=canonical]', (link) => new URL(link.href).pathname)).toBe(
      '/gardens-we-made',
    )
    expect(await page.$eval('link[rel=canonical]', (link) => new URL(link.href).search)).toBe('')
    await page.close()
  })
})

describe.each([
  ['mouse', 'Orchard', '/orchard', 'Orchard notes'],
  ['keys', 'From the hill', '/', 'Latest notes'],
])('what visitors can do is set by the %s', (hand, title, path, listing) => {
  it('control by control, seen on the page at once, undone, and is there once it is published', async () => {
    await asPublished(app, listing)
    const page = await inBench(app, title, { width: 1280, height: 900 })
    await page.locator(`::-p-text(${listing})`).click()
    await waitForText(page, '[aria-label=Tally]', 'shown')
    if (hand === 'mouse') await press(page, 'button', 'What visitors can do: take it as it is')
    else await page.keyboard.press('7')
    await chooseFrom(page, hand, 'Add a control', 'Narrow by Season')
    await chooseFrom(page, hand, 'Add a control', 'Search its entries')
    await chooseFrom(page, hand, 'Add a control', 'Narrow by Topic')
    const sentence = '[aria-label="The listing in words"]'
    await waitForText(page, sentence, 'Visitors narrow by season, words and topic.')
    const frame = await framed(page)
    await frame.waitForSelector('.listing-controls [role=group] + [role=group]')

    await fill(page, 'What it is called', 'What about')
    await waitForText(page, sentence, 'Visitors narrow by season, words and what about.')
    await chooseRadio(page, hand, 'Laid out as', 'A list')
    await chooseRadio(page, hand, 'Controls stand', 'Before it')
    await frame.waitForSelector('.listing-room[data-place=before] .narrow-terms[data-layout=list]')
    await turn(page, hand, 'With how many each would find')
    await frame.waitForFunction(
      () =>
        document.querySelectorAll('.listing-controls [role=group]:last-of-type .narrow-count').length === 0,
    )
    await (await waitFor(page, 'button', 'Move What about: arrow keys')).press('ArrowUp')
    await waitForText(page, sentence, 'Visitors narrow by season, what about and words.')
    await waitForStatus(page, 'Saved')
    expect(await violations(page)).toEqual([])

    const shown = () =>
      frame.$$eval('[data-controls] [data-entry]', (all) => all.map((one) => one.getAttribute('data-entry')))
    const all = await shown()
    if (hand === 'mouse') {
      const { x, y } = await middle(page, spring, 0.3)
      await page.mouse.click(x, y)
    } else await (await frame.waitForSelector(spring))?.press('Enter')
    await waitForText(page, 'main', 'As a visitor who chose Spring.')
    await expect.poll(shown).not.toEqual(all)
    await use(page, hand, 'Put back')
    await expect.poll(shown).toEqual(all)
    await waitForNoText(page, 'main', 'As a visitor')

    await publish(page, hand)
    await waitForText(page, 'body', `“${title}” is live.`)
    const live = await visitor(app)
    await live.goto(app.address + path)
    await waitFor(live, 'group', 'What about')
    expect(await violations(live)).toEqual([])
    await (await waitFor(live, 'searchbox', 'Words')).type('apple')
    if (hand === 'mouse') await press(live, 'button', 'Find')
    else await live.keyboard.press('Enter')
    await live.waitForFunction(() => location.search.endsWith('search=apple'))
    await waitForText(live, outcome, 'found')
    expect(await live.$eval(controlled, (one) => one.textContent.includes('“apple”'))).toBe(true)
    await live.close()

    await use(page, hand, 'Remove this control')
    await waitForText(page, sentence, 'Visitors narrow by season and words.')
    await press(page, 'button', 'Undo: Visitors')
    await waitForText(page, sentence, 'Visitors narrow by season, what about and words.')
    await page.close()
  })
})
