import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startApp, visitor } from './support/app'
import type { App } from './support/app'
import { waitFor, waitForText } from './support/hands'
import { violations } from './support/violations'
import { cardsOn, controlled, follow, titlesOn } from './support/visits'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const searchOf = (page: Page) => new URL(page.url()).search
const shapeOn = (page: Page) =>
  page.$eval(`${controlled} .listing`, (one) => [...(one.firstElementChild?.classList ?? [])].join(' '))

/** The name of the link that brings more: it says how many. */
const moreOf = (page: Page) =>
  page.$eval(
    `${controlled} .listing-pages a`,
    (one) => one.getAttribute('aria-label') ?? one.textContent.trim(),
  )

/** Where what visitors look at stands on the page: the controls, each of them, and the listing's first card. */
const placesOn = (page: Page) =>
  page.$$eval(`${controlled} :is(.narrow, .listing, .listing > *)`, (all) =>
    all.slice(0, 12).map((one) => {
      const { left, top } = one.getBoundingClientRect()
      return [Math.round(left), Math.round(top + scrollY)].join()
    }),
  )

describe.each(['mouse', 'keys'])('a visit to a catalogue by the %s', (hand) => {
  it('narrows by two facets and a price, sorts, has more, goes back and on, compares, changes the view', async () => {
    const page = await visitor(app)
    await page.setViewport({ width: 1280, height: 900 })
    await page.goto(`${app.address}/seed-shelf`)
    const whole = await cardsOn(page)
    const places = await placesOn(page)

    await follow(page, hand, 'Spring 8 found')
    await waitForText(page, `${controlled} [role=status]`, '8 found')
    expect(await page.evaluate(() => document.activeElement?.textContent)).toContain('Spring')
    await follow(page, hand, 'Summer 7 found')
    await page.waitForFunction(() => location.search === '?season=spring,summer')
    const narrowed = await cardsOn(page)
    const to = await waitFor(page, 'slider', 'Price: To')
    await to.press('PageDown')
    await page.waitForFunction(() => location.search.includes('price=-'))
    // Nothing jumps: what is chosen has its room before anything is.
    expect(await placesOn(page)).toEqual(places)
    const order = await waitFor(page, 'DisclosureTriangle', 'Order: Newest first')
    await (hand === 'mouse' ? order.click() : order.press('Enter'))
    await follow(page, hand, 'Titles A to Z')
    await waitFor(page, 'DisclosureTriangle', 'Order: Titles A to Z')
    await expect
      .poll(async () => (await titlesOn(page)).join())
      .toBe((await titlesOn(page)).toSorted().join())
    expect(await violations(page)).toEqual([])

    await follow(page, hand, 'List')
    await expect.poll(() => shapeOn(page)).toContain('list')
    expect(searchOf(page)).toContain('as=list')
    const listed = await cardsOn(page)
    const fresh = await visitor(app, { script: false })
    await fresh.goto(page.url())
    expect(await cardsOn(fresh)).toEqual(listed)
    expect(await shapeOn(fresh)).toContain('list')
    await fresh.close()

    await page.goBack()
    await expect.poll(() => shapeOn(page)).toContain('grid')
    await page.goForward()
    await expect.poll(() => shapeOn(page)).toContain('list')
    expect(await cardsOn(page)).toEqual(listed)
    for (let back = 0; back < 5; back += 1) await page.goBack()
    await expect.poll(() => cardsOn(page)).toEqual(whole)
    expect(narrowed).not.toEqual(whole)

    await follow(page, hand, await moreOf(page))
    await page.waitForFunction(() => location.search.includes('shown=24'))
    await expect.poll(async () => (await cardsOn(page)).length).toBe(24)
    expect((await cardsOn(page)).slice(0, 12)).toEqual(whole)
    for (const title of (await titlesOn(page)).slice(12, 15)) {
      await follow(page, hand, `Compare: ${title}`)
      await waitFor(page, 'link', `${title}: compare it no more`)
    }
    expect(await cardsOn(page)).toHaveLength(24)
    await follow(page, hand, 'See 3 side by side')
    await waitFor(page, 'region', 'Side by side: All seed shelf')
    await page.goBack()
    await expect.poll(async () => (await cardsOn(page)).length).toBe(24)
    await page.close()
  })

  it('remembers the view while it lasts, and not what an address says otherwise', async () => {
    const page = await visitor(app)
    await page.goto(`${app.address}/seed-shelf`)
    await follow(page, hand, 'By season')
    await expect.poll(() => searchOf(page)).toBe('?as=by-season')
    await page.goto(`${app.address}/plots`)
    await page.goto(`${app.address}/seed-shelf?season=winter`)
    await page.waitForFunction(() => location.search === '?season=winter&as=by-season')
    await waitFor(page, 'heading', 'Winter')
    await page.goto(`${app.address}/seed-shelf?as=list`)
    await expect.poll(() => shapeOn(page)).toContain('list')
    await follow(page, hand, 'Packets')
    await expect.poll(() => searchOf(page)).toBe('')
    await page.goto(`${app.address}/seed-shelf`)
    expect(await shapeOn(page)).toContain('grid')
    expect(await violations(page)).toEqual([])
    await page.close()
  })
})

describe('the same visit', () => {
  it('is made without script', async () => {
    const page = await visitor(app, { script: false })
    await page.goto(`${app.address}/seed-shelf`)
    const go = async (role: string, name: string) =>
      Promise.all([page.waitForNavigation(), (await waitFor(page, role, name)).click()])
    await go('link', 'Spring 8 found')
    await go('link', 'Summer 7 found')
    const narrowed = await cardsOn(page)
    const to = await waitFor(page, 'slider', 'Price: To')
    await to.press('PageDown')
    await go('button', 'Price: Narrow')
    expect(new URL(page.url()).searchParams.get('season')).toBe('spring,summer')
    expect(narrowed).toEqual(expect.arrayContaining([...(await cardsOn(page))]))
    await (await waitFor(page, 'DisclosureTriangle', 'Order: Newest first')).click()
    await go('link', 'Cheapest first')
    await go('link', 'List')
    expect(await shapeOn(page)).toContain('list')
    const [first = ''] = await titlesOn(page)
    await go('link', `Compare: ${first}`)
    await waitFor(page, 'link', `${first}: compare it no more`)
    await go('link', 'Clear all')
    await go('link', await moreOf(page))
    expect(await cardsOn(page)).toHaveLength(24)
    expect(await shapeOn(page)).toContain('list')
    await page.close()
  })

  it('narrows notes by who wrote them, several of them together', async () => {
    const page = await visitor(app, { script: false })
    await page.goto(`${app.address}/field-notes`)
    const go = async (name: RegExp) => {
      const fold = await page.$(`${controlled} .narrow-menu > summary`)
      await fold?.click()
      const link = (await page.$$(`${controlled} .narrow-menu a`)) as Awaited<ReturnType<Page['$$']>>
      for (const one of link)
        if (name.test(await one.evaluate((a) => a.textContent)))
          return Promise.all([page.waitForNavigation(), one.click()])
      throw new Error(`Nobody is called ${String(name)}.`)
    }
    await go(/^Maud Ferris/)
    expect(searchOf(page)).toBe('?all-notes.by-author=maud-ferris')
    const maud = Number(
      /\d+/.exec(await page.$eval(`${controlled} [role=status]`, (one) => one.textContent))?.[0],
    )
    await go(/^Tobias Quill/)
    const both = Number(
      /\d+/.exec(await page.$eval(`${controlled} [role=status]`, (one) => one.textContent))?.[0],
    )
    expect(both).toBeGreaterThan(maud)
    const { n } = await app.db
      .selectFrom('entry_index as i')
      .innerJoin('entries as e', 'e.id', 'i.entry_id')
      .innerJoin('authors as a', 'a.id', 'e.author_id')
      .innerJoin('collections as c', 'c.id', 'e.collection_id')
      .select(({ fn }) => fn.countAll<string>().as('n'))
      .where('c.slug', '=', 'field-notes')
      .where('a.slug', 'in', ['maud-ferris', 'tobias-quill'])
      .where('i.published_at', '<=', new Date())
      .executeTakeFirstOrThrow()
    expect(both).toBe(Number(n))
    await page.close()
  })

  it('is counted by what was pressed, unless whoever visits asks not to be followed', async () => {
    const pressed = async () =>
      (
        await app.db
          .selectFrom('presses')
          .select(['kind', 'what', 'count'])
          .orderBy('kind')
          .orderBy('what')
          .execute()
      ).map(({ kind, what, count }) => `${kind} ${what} ${count}`)
    await app.db.deleteFrom('presses').execute()
    const walk = async (page: Page, hand: string, isTold = true) => {
      // Programs are not counted, and browsers that tests drive say that they are such.
      await page.setUserAgent({
        userAgent: 'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0',
      })
      await page.goto(`${app.address}/seed-shelf`)
      const told = isTold
        ? page.waitForResponse((response) => response.url().endsWith('/api/presses'))
        : Promise.resolve(null)
      await follow(page, hand, 'Autumn 5 found')
      await waitForText(page, `${controlled} [role=status]`, '5 found')
      await (await waitFor(page, 'slider', 'Price: To')).press('PageDown')
      await page.waitForFunction(() => location.search.includes('price=-'))
      // As a page is left, browsers that tests drive say that they are such.
      expect((await told)?.status() ?? 204).toBe(204)
      const card = await page.waitForSelector(`${controlled} article h3 a`)
      await Promise.all([page.waitForNavigation(), card?.click()])
    }
    const followed = await visitor(app)
    await walk(followed, 'mouse')
    await expect
      .poll(pressed, { timeout: 30_000, interval: 500 })
      .toEqual([expect.stringMatching(/^card \d+ 1$/), 'choice price: 1', 'choice season:autumn 1'])
    await followed.close()

    const alone = await visitor(app)
    await alone.setExtraHTTPHeaders({ 'sec-gpc': '1' })
    await alone.evaluateOnNewDocument(() =>
      Object.defineProperty(Navigator.prototype, 'globalPrivacyControl', { value: true }),
    )
    const told: string[] = []
    alone.on('request', (request) => {
      if (request.url().includes('/api/presses') && request.resourceType() !== 'ping')
        told.push(request.url())
    })
    await walk(alone, 'keys', false)
    expect(told).toEqual([])
    await alone.close()
    const last = await visitor(app)
    await walk(last, 'keys')
    await expect
      .poll(pressed, { timeout: 30_000, interval: 500 })
      .toEqual([expect.stringMatching(/^card \d+ 2$/), 'choice price: 2', 'choice season:autumn 2'])
    await last.close()
  })
})
