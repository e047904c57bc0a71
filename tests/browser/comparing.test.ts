import { sql } from 'kysely'
import type { ElementHandle, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { asPublished, framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { chooseFrom, chooseRadio, fill, press, setNumber, use, waitFor, waitForText } from './support/hands'
import { violations } from './support/violations'
import { controlled, follow, pricesOn, titlesOn } from './support/visits'
import { written } from './support/written'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const rowsOn = (page: Page) =>
  page.$$eval(`${controlled} tbody tr`, (all) => all.map((one) => one.textContent))

/** How prices of the shelf are narrowed by from now on. */
function shelfPrices(layout: 'fields' | 'slider'): Promise<void> {
  const other = layout === 'fields' ? 'slider' : 'fields'
  return written(app, (trx) =>
    sql`update listings set published = replace(published::text, ${`"layout": "${other}", "control": "range"`}, ${`"layout": "${layout}", "control": "range"`})::jsonb`.execute(
      trx,
    ),
  )
}

/** Takes an end of a scale to a share of it by the mouse. */
async function slideTo(page: Page, end: ElementHandle, share: number): Promise<void> {
  const box = await end.boundingBox()
  const at = await end.evaluate((one) => {
    const { value, min, max } = one as HTMLInputElement
    return (Number(value) - Number(min)) / (Number(max) - Number(min))
  })
  if (box === null) throw new Error('The scale is not shown.')
  const [thumb, y] = [24, box.y + box.height / 2]
  const x = (where: number) => box.x + thumb / 2 + where * (box.width - thumb)
  await page.mouse.move(x(at), y)
  await page.mouse.down()
  await page.mouse.move(x(share), y, { steps: 8 })
  await page.mouse.up()
}

describe.each(['mouse', 'keys'])('goods are told apart by the %s', (hand) => {
  it('within a price, at an address that says so', async () => {
    await shelfPrices('fields')
    const page = await visitor(app)
    await page.goto(`${app.address}/seed-shelf`)
    await (await waitFor(page, 'spinbutton', 'Price: From')).type('2')
    const to = await waitFor(page, 'spinbutton', 'Price: To')
    await to.type('3')
    if (hand === 'mouse') await press(page, 'button', 'Price: Narrow')
    else await to.press('Enter')
    await waitForText(page, `${controlled} [role=status]`, 'found')
    expect(new URL(page.url()).search).toBe('?price=2-3')
    const prices = await pricesOn(page)
    expect(prices.length).toBeGreaterThan(1)
    expect(prices.every((price) => price >= 2 && price <= 3)).toBe(true)
    expect(await violations(page)).toEqual([])
    await follow(page, hand, '£2 to £3: take it back')
    await page.waitForFunction(() => location.search === '')
    await expect.poll(async () => (await pricesOn(page)).length).toBe(12)
    await page.close()
  })

  it('on a scale of prices, whose ends are no limits', async () => {
    await shelfPrices('slider')
    const page = await visitor(app)
    await page.goto(`${app.address}/seed-shelf`)
    const [from, to] = await Promise.all([
      waitFor(page, 'slider', 'Price: From'),
      waitFor(page, 'slider', 'Price: To'),
    ])
    if (hand === 'keys') {
      await to.press('Home')
      // The end before it is pushed along.
      await page.waitForFunction(() => location.search === '?price=-1.5')
      for (let at = 0; at < 4; at += 1) await to.press('ArrowRight')
    } else await slideTo(page, to, 0.06)
    await expect.poll(() => new URL(page.url()).search).toMatch(/^\?price=-[\d.]+$/)
    const most = Number(new URL(page.url()).search.replace('?price=-', ''))
    await waitForText(page, `${controlled} [role=status]`, 'found')
    await expect.poll(async () => (await pricesOn(page)).every((price) => price <= most)).toBe(true)
    expect(await page.$eval(`${controlled} .scale-said`, (said) => said.textContent)).toContain(`to £${most}`)
    expect(await violations(page)).toEqual([])
    if (hand === 'keys') await to.press('End')
    else await slideTo(page, to, 1)
    await page.waitForFunction(() => location.search === '')
    if (hand === 'keys') await from.press('PageUp')
    else await slideTo(page, from, 0.5)
    await expect.poll(() => new URL(page.url()).search).toMatch(/^\?price=[\d.]+-$/)
    await page.close()
  })

  it('side by side, three of them, only where they differ, at an address that brings the same', async () => {
    const page = await visitor(app)
    await page.goto(`${app.address}/seed-shelf`)
    const titles = (await titlesOn(page)).slice(0, 3)
    await waitForText(page, controlled, 'Choose up to 4 to see them side by side.')
    for (const title of titles) {
      await follow(page, hand, `Compare: ${title}`)
      await waitFor(page, 'link', `${title}: compare it no more`)
    }
    expect(await page.evaluate(() => document.activeElement?.textContent)).toBe('Compare')
    await follow(page, hand, 'See 3 side by side')
    await waitFor(page, 'region', 'Side by side: All seed shelf')
    expect(new URL(page.url()).search).toMatch(/^\?compare=[a-z-]+,[a-z-]+,[a-z-]+\/side-by-side$/)
    const heads = await page.$$eval(`${controlled} thead th`, (all) => all.map((one) => one.textContent))
    expect(heads.map((head, at) => head.includes(titles[at] ?? '?'))).toEqual([true, true, true])
    const all = await rowsOn(page)
    expect(await violations(page)).toEqual([])
    const fresh = await visitor(app, { script: false })
    await fresh.goto(page.url())
    expect(await rowsOn(fresh)).toEqual(all)
    await fresh.close()
    await follow(page, hand, 'Only where they differ')
    await page.waitForFunction(() => location.search.endsWith('/differences'))
    await expect.poll(() => rowsOn(page)).not.toEqual(all)
    expect(all).toEqual(expect.arrayContaining(await rowsOn(page)))
    await follow(page, hand, `Take it out: ${titles[0] ?? ''}`)
    await page.waitForFunction(
      (where) => document.querySelectorAll(`${where} thead th`).length === 2,
      {},
      controlled,
    )
    await follow(page, hand, 'Back to all of them')
    await expect.poll(() => titlesOn(page)).toHaveLength(12)
    await page.goBack()
    await page.waitForFunction(
      (where) => document.querySelectorAll(`${where} thead th`).length === 2,
      {},
      controlled,
    )
    await page.close()
  })
})

describe('a range', () => {
  it('is narrowed by without script, too, by the same form', async () => {
    await shelfPrices('fields')
    const page = await visitor(app, { script: false })
    await page.goto(`${app.address}/seed-shelf?season=winter`)
    await (await waitFor(page, 'spinbutton', 'Price: From')).type('2')
    const button = await waitFor(page, 'button', 'Price: Narrow')
    await Promise.all([page.waitForNavigation(), button.click()])
    expect(new URL(page.url()).searchParams.get('season')).toBe('winter')
    const prices = await pricesOn(page)
    expect(prices.length).toBeGreaterThan(0)
    expect(prices.every((price) => price >= 2)).toBe(true)
    await page.close()
  })
})

describe.each(['mouse', 'keys'])('what visitors can do with goods is set by the %s', (hand) => {
  it('a range in steps, other orders, other numbers and a comparison, each seen on the page', async () => {
    await asPublished(app, 'All plots')
    const page = await inBench(app, 'Plots', { width: 1280, height: 900 })
    await page.locator('::-p-text(All plots)').click()
    await waitForText(page, '[aria-label=Tally]', 'shown')
    const sentence = '[aria-label="The listing in words"]'
    await page.keyboard.press('7')
    const frame = await framed(page)
    await chooseFrom(page, hand, 'Add a control', 'Narrow by Rent a year')
    await chooseRadio(page, hand, 'Laid out as', 'Steps')
    const steps = await waitFor(page, 'combobox', 'Where steps meet')
    for (const step of ['20', '30']) {
      await steps.type(step)
      await steps.press('Enter')
    }
    await frame.waitForSelector('::-p-text(£20 to £30)')
    await use(page, hand, 'Settings of Rent a year')
    await chooseFrom(page, hand, 'Add a control', 'Sort')
    await fill(page, 'What it is called', 'By name')
    await frame.waitForSelector('.narrow-menu')
    await use(page, hand, 'Settings of By name')
    await chooseFrom(page, hand, 'Add a control', 'Choose how many at once')
    await use(page, hand, 'Settings of At once')
    await chooseFrom(page, hand, 'Add a control', 'Compare a few')
    await setNumber(page, 'At most', 3)
    await frame.waitForSelector('::-p-text(Choose up to 3 to see them side by side.)')
    await waitForText(
      page,
      sentence,
      'Visitors narrow by district and rent a year, and sort, choose how many and compare.',
    )
    expect(await violations(page)).toEqual([])
    await press(page, 'button', 'Undo: Visitors')
    await frame.waitForSelector('::-p-text(Choose up to 4 to see them side by side.)')
    await page.close()
  })
})
