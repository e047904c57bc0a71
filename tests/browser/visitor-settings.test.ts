import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { asPublished, framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  chooseRadio,
  fill,
  pickBy,
  press,
  publish,
  setNumber,
  turn,
  use,
  waitFor,
  waitForStatus,
  waitForText,
} from './support/hands'
import { violations } from './support/violations'
import { written } from './support/written'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const sentence = '[aria-label="The listing in words"]'

/** The drawer of what visitors can do with the listing of everything on a page. */
async function inVisitors(title: string, listing: string) {
  await asPublished(app, listing)
  const page = await inBench(app, title, { width: 1280, height: 900 })
  await page.locator(`::-p-text(${listing})`).click()
  await waitForText(page, '[aria-label=Tally]', 'shown')
  await page.keyboard.press('7')
  return { page, frame: await framed(page) }
}

/** A listing as visitors have it. */
async function publishedOf(name: string): Promise<string> {
  const { rows } = await sql<{ definition: string }>`
    select published::text as definition from listings where published ->> 'name' = ${name}`.execute(app.db)
  return rows[0]?.definition ?? ''
}

describe.each(['mouse', 'keys'])('what visitors choose by is set by the %s', (hand) => {
  it('icons and names of terms, a scale, months and authors, each seen on the page', async () => {
    const before = await publishedOf('All plots')
    const { page, frame } = await inVisitors('Plots', 'All plots')
    await use(page, hand, 'Settings of District')
    await chooseRadio(page, hand, 'Their icons', 'Before')
    await frame.waitForSelector('.narrow-terms[data-icons=before] .narrow-icon')
    await chooseFrom(page, hand, 'Call a term otherwise', 'Mill Lane')
    await fill(page, 'Mill Lane, called', 'By the mill')
    await frame.waitForSelector('.narrow-terms ::-p-text(By the mill)')
    await use(page, hand, 'Call Mill Lane by its own name')
    await frame.waitForSelector('.narrow-terms ::-p-text(Mill Lane)')
    await use(page, hand, 'Settings of District')

    await chooseFrom(page, hand, 'Add a control', 'Narrow by Rent a year')
    await chooseRadio(page, hand, 'Laid out as', 'A scale')
    await (await frame.waitForSelector('.narrow-scale input[name$="-to"]'))?.press('PageDown')
    await waitForText(page, 'main', 'As a visitor who chose up to')
    await use(page, hand, 'Put back')
    await frame.waitForSelector('.narrow-scale')
    await use(page, hand, 'Settings of Rent a year')

    await chooseFrom(page, hand, 'Add a control', 'Narrow by when they were published')
    await chooseRadio(page, hand, 'Laid out as', 'Months')
    await frame.waitForSelector('.narrow-menu li:nth-child(2)')
    await use(page, hand, 'Settings of Published')
    expect(await violations(page)).toEqual([])
    await publish(page, hand)
    await waitForText(page, 'body', '“Plots” is live.')

    const live = await visitor(app)
    await live.goto(`${app.address}/plots`)
    const fold = await waitFor(live, 'DisclosureTriangle', 'Published: Any')
    await (hand === 'mouse' ? fold.click() : fold.press('Enter'))
    const month = await live.waitForSelector('.narrow-menu li:nth-child(2) a')
    const [said, count] =
      (await month?.evaluate((one) => [one.textContent, one.children[0]?.textContent])) ?? []
    await (hand === 'mouse' ? month?.click() : month?.press('Enter'))
    await live.waitForFunction(() => /^\?published=\d{4}-\d{2}$/.test(location.search))
    await waitForText(live, 'main [data-controls] [role=status]', `${count ?? ''} found`)
    expect(said).toMatch(/^[A-Z][a-z]+ \d{4}/)
    expect(await violations(live)).toEqual([])
    await live.close()
    await page.close()
    await written(app, (trx) =>
      sql`update listings set published = ${before}::jsonb where published ->> 'name' = 'All plots'`.execute(
        trx,
      ),
    )
  })

  it('where a search looks', async () => {
    const { page } = await inVisitors('Our years', 'All our years')
    const within = async () => {
      const { rows } = await sql<{ within: readonly unknown[] | null }>`
        select control -> 'within' as within
        from listings, jsonb_array_elements(draft -> 'visitors' -> 'controls') control
        where draft ->> 'name' = 'All our years' and control ->> 'control' = 'search'`.execute(app.db)
      return rows.map((row) => row.within)
    }
    await chooseFrom(page, hand, 'Add a control', 'Search its entries')
    await turn(page, hand, 'Texts')
    await waitForStatus(page, 'Saved')
    await expect.poll(async () => (await within())[0]?.slice(0, 2)).toEqual(['title', 'summary'])
    expect((await within())[0]).not.toContain('text')
    await turn(page, hand, 'Texts')
    await expect.poll(within).toEqual([null])
    // What is turned several times is one edit.
    await press(page, 'button', 'Undo: Visitors')
    await press(page, 'button', 'Undo: Visitors')
    await expect.poll(within).toEqual([])
    await page.close()
  })

  it('views, which change places with the listing’s own', async () => {
    const { page, frame } = await inVisitors('Field notes', 'All notes')
    await chooseFrom(page, hand, 'Add a control', 'Compare a few')
    await chooseFrom(page, hand, 'Add a control', 'Change the view')
    await waitForText(page, sentence, 'change the view')
    await frame.waitForSelector('.narrow-terms ::-p-text(List)')
    await fill(page, 'This view is called', 'In short')
    await frame.waitForSelector('.narrow-terms ::-p-text(In short)')
    await pickBy(page, hand, 'Laid out as', 'Table')
    await pickBy(page, hand, 'Its cards', 'Words alone')
    await use(page, hand, 'Exchange with the listing’s own')
    await waitForText(page, sentence, 'as a table')
    await frame.waitForSelector('[data-controls] table td > .compare-mark')
    await press(page, 'button', 'Undo: Exchange with the listing’s own')
    await waitForText(page, sentence, 'as a grid')
    await use(page, hand, 'Offer another view')
    await waitFor(page, 'region', 'View 3')
    expect(await violations(page)).toEqual([])
    await page.close()
  })

  it('authors, those who wrote most in sight', async () => {
    const { page, frame } = await inVisitors('Orchard', 'Orchard notes')
    await chooseFrom(page, hand, 'Add a control', 'Narrow by author')
    await chooseRadio(page, hand, 'Laid out as', 'Boxes to tick')
    await chooseRadio(page, hand, 'Visitors choose', 'Any of several')
    await setNumber(page, 'In sight at first', 1)
    await frame.waitForSelector('[data-controls] .narrow details')
    expect(await frame.$$eval('[data-controls] .narrow > ul .narrow-count', (all) => all.length)).toBe(1)
    await waitForText(page, sentence, 'Visitors narrow by author')
    expect(await violations(page)).toEqual([])
    await page.close()
  })
})
