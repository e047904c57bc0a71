import { sql } from 'kysely'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { DateSetting } from '~~/core/cards/parts/date'
import { newListing, parseListing } from '~~/core/listing/definition'
import { asPublished, framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { pickBy, setNumber, turn, use, waitForStatus, waitForText } from './support/hands'
import { written } from './support/written'
import { firstListing, firstListingOf, shapeWith } from './support/first-listing'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

it('tells moments by the clock of whoever reads, and by the site’s without script, each said which', async () => {
  const { publish } = await firstListingOf(app)
  const dated: DateSetting = { part: 'date', on: true, style: 'time', clock: 'visitor' }
  const { card } = newListing('', 1)
  await publish(shapeWith('list'), {
    card: { ...card, parts: [{ part: 'title', on: true, level: 3 }, dated] },
  })
  const times = (of: Awaited<ReturnType<typeof visitor>>) =>
    of.$$eval(`${firstListing} time`, (all) =>
      all.map((one) => ({ at: Date.parse((one as HTMLTimeElement).dateTime), text: one.textContent })),
    )
  const by = (zone: string) =>
    new Intl.DateTimeFormat('en-GB', {
      day: 'numeric',
      month: 'short',
      year: 'numeric',
      hour: '2-digit',
      minute: '2-digit',
      timeZone: zone,
      timeZoneName: 'short',
    })
  for (const [zone, script] of [
    ['Asia/Kathmandu', true],
    ['America/New_York', true],
    ['Asia/Kathmandu', false],
  ] as const) {
    const page = await visitor(app, { script })
    await page.emulateTimezone(zone)
    await page.goto(`${app.address}/`)
    const format = by(script ? zone : 'Europe/London')
    await expect
      .poll(async () => (await times(page)).filter(({ at, text }) => text !== format.format(at)))
      .toEqual([])
    expect((await times(page)).length).toBe(7)
    await page.close()
  }
})

/** Gives a published listing another shape, as its designer would. */
async function reshaped(name: string, change: object): Promise<void> {
  await written(app, (trx) =>
    trx
      .updateTable('listings')
      .set({ published: sql`jsonb_set(published, '{shape}', published -> 'shape' || ${change}::jsonb)` })
      .where(sql`published ->> 'name'`, '=', name)
      .execute(),
  )
}

it('lays a schedule and a calendar out by the clock of whoever reads, without script by that of the site', async () => {
  await reshaped('The long swap, hour by hour', { clock: 'visitor', days: 'below' })
  await reshaped('All swap days', { clock: 'visitor' })
  const { starts_at: first } = await app.db
    .selectFrom('occurrences as o')
    .innerJoin('entries as e', 'e.id', 'o.entry_id')
    .select('o.starts_at')
    .where('e.title', '=', 'Doors, tea and labels')
    .executeTakeFirstOrThrow()
  const clock = (zone: string) =>
    first.toLocaleTimeString('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit' })
  const day = (zone: string) =>
    first.toLocaleDateString('en-GB', { timeZone: zone, weekday: 'long', day: 'numeric', month: 'long' })
  for (const [zone, script, told] of [
    // Fourteen hours ahead of UTC, so that it is another day there for half of this one.
    ['Pacific/Kiritimati', true, 'Times by your clock: Line Islands Time.'],
    ['Europe/London', true, 'Times by the clock of this site: United Kingdom Time.'],
    ['Pacific/Kiritimati', false, 'Times by the clock of this site: United Kingdom Time.'],
  ] as const) {
    const own = script ? zone : 'Europe/London'
    const page = await visitor(app, { script })
    await page.emulateTimezone(zone)
    await page.goto(`${app.address}/swap-days`)
    const notes = () => page.$$eval('.clock-note', (all) => all.map((one) => one.textContent.trim()))
    await expect.poll(notes).toEqual([told, told])
    const schedule = () => page.$eval('.schedule', (one) => one.textContent)
    expect(await schedule()).toContain(`${clock(own)}–`)
    expect(await schedule()).toContain(day(own).replace(/^(\p{L}+) /u, '$1, '))
    expect(page.url()).toBe(`${app.address}/swap-days`)
    if (script && zone !== 'Europe/London') {
      const title = () => page.$eval('.calendar-title', (one) => one.textContent)
      const before = await title()
      await (await page.waitForSelector('a[data-turn=after]'))?.press('Enter')
      await expect.poll(title).not.toBe(before)
      expect(await notes()).toEqual([told, told])
      expect(page.url()).not.toContain('clock')
    }
    await page.close()
  }
})

it('turns a page that goes by it when its reader’s day is over', async () => {
  await reshaped('All swap days', { clock: 'visitor' })
  const page = await visitor(app)
  await page.emulateTimezone('Pacific/Kiritimati')
  // 23:59:56 there (UTC+14:00) as the page begins.
  await page.evaluateOnNewDocument(() => {
    const ahead = Date.UTC(2026, 11, 3, 9, 59, 56) - Date.now()
    globalThis.Date = class extends Date {
      constructor(...given: readonly number[]) {
        super(...((given.length === 0 ? [Date.now() + ahead] : given) as [number]))
      }
    } as DateConstructor
  })
  const asked: number[] = []
  page.on('request', (request) => {
    if (new URL(request.url()).searchParams.get('clock') === 'Pacific/Kiritimati')
      asked.push(performance.now())
  })
  await page.goto(`${app.address}/swap-days`)
  // Whatever else the page asks for meanwhile, as a change that it had not seen.
  const goneOn = () => (asked.at(-1) ?? 0) - (asked[0] ?? 0)
  await expect.poll(goneOn).toBeGreaterThan(3500)
  await page.close()
})

it.each(['mouse', 'keys'])(
  'is chosen for a date, and for a button that is there around it only, by the %s',
  async (hand) => {
    const name = 'The long swap, hour by hour'
    await asPublished(app, name)
    const page = await inBench(app, 'Swap days', { width: 1280, height: 900 })
    await use(page, hand, `${name} 20`)
    await waitForText(page, 'section[aria-label="The listing in words"]', 'a schedule by the hour')
    await page.keyboard.press('4')
    const frame = await framed(page)
    const note = () => frame.$$eval('.clock-note', (all) => all[0]?.textContent.trim())
    await pickBy(page, hand, 'Times by the clock', 'Each reader’s')
    await expect.poll(note).toBe('Times by the clock of this site: United Kingdom Time.')
    await pickBy(page, hand, 'Times by the clock', 'Where it happens')
    await expect.poll(note).toBe('Times by the clock where it happens: United Kingdom Time.')
    await page.keyboard.press('Escape')
    await page.keyboard.press('5')
    const partOf = async (kind: string) => {
      const { draft } = await app.db
        .selectFrom('listings')
        .select('draft')
        .where(sql`draft ->> 'name'`, '=', name)
        .executeTakeFirstOrThrow()
      const listing = parseListing(draft)
      return listing.ok ? listing.value.card.parts.find((one) => one.part === kind) : undefined
    }
    await use(page, hand, 'Settings of date')
    await turn(page, hand, 'Show date')
    await pickBy(page, hand, 'Which date', 'Starts')
    await pickBy(page, hand, 'Written as', 'Thu 12 Nov')
    await pickBy(page, hand, 'By the clock', 'Where it happens')
    await expect.poll(() => partOf('date')).toMatchObject({ on: true, style: 'weekday', clock: 'event' })
    await pickBy(page, hand, 'By the clock', 'The site’s')
    await expect.poll(() => partOf('date')).not.toHaveProperty('clock')
    await use(page, hand, 'Settings of button')
    await turn(page, hand, 'Only while it is on')
    await expect.poll(() => partOf('button')).not.toHaveProperty('opens')
    await turn(page, hand, 'Only while it is on')
    await expect.poll(() => partOf('button')).toMatchObject({ opens: 15 })
    await setNumber(page, 'Comes earlier by', 1440)
    await expect.poll(() => partOf('button')).toMatchObject({ opens: 1440 })
    await pickBy(page, hand, 'Leads to', 'Its own page')
    await expect.poll(() => partOf('button')).not.toHaveProperty('to')
    await pickBy(page, hand, 'Leads to', 'From afar')
    await expect.poll(() => partOf('button')).toHaveProperty('to')
    await waitForStatus(page, 'Saved')
    await page.close()
  },
)
