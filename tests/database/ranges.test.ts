import fc from 'fast-check'
import { Query } from 'mingo'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Money } from '~~/core/content/fields/money'
import { wholeAmount } from '~~/core/content/fields/money'
import { newListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { dateSpans, datesControl, dateTitle, newDatesControl, spanRules } from '~~/core/visitors/dates'
import type { DatesControl } from '~~/core/visitors/dates'
import { newRangeControl, rangeControl } from '~~/core/visitors/range'
import { barsOf } from '~~/core/visitors/scale'
import type { Range } from '~~/core/visitors/range'
import { newValuesControl, valueChoosings, valuesControl } from '~~/core/visitors/values'
import type { ControlWay } from '~~/site/visitors/view'
import { knownSite } from '~~/server/listings/context'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { shownTo } from './support/shown-to'

/** A plot as the referee has it: its price in pounds, its area, its sun, and whether it is free. */
interface Told {
  readonly id: number
  readonly price: number | null
  readonly area: number | null
  readonly sun: readonly string[]
  readonly free: boolean | null
}

let test: TestDatabase
const now = Date.now()
const plots = { collection: 0, price: 0, area: 0, sun: 0, free: 0, told: [] as readonly Told[] }

beforeAll(async () => {
  test = await demoDatabase()
  const fields = await test.db
    .selectFrom('fields as f')
    .innerJoin('collections as c', 'c.id', 'f.collection_id')
    .select(['f.id', 'f.name', 'c.id as collection'])
    .where('c.slug', '=', 'plots')
    .execute()
  const idOf = (name: string) => fields.find((one) => one.name === name)?.id ?? 0
  const collection = fields[0]?.collection ?? 0
  const [price, area, sun, free] = ['Rent a year', 'Area', 'Sun', 'Free'].map(idOf)
  const rows = await test.db
    .selectFrom('entries as e')
    .innerJoin('entry_index as i', 'i.entry_id', 'e.id')
    .select(['e.id', 'e.field_values'])
    .where('e.collection_id', '=', collection)
    .where('i.published_at', '<=', new Date(now))
    .execute()
  const told = rows.map(({ id, field_values: values }): Told => {
    const [money, size] = [values[price ?? 0], values[area ?? 0]]
    const isFree = values[free ?? 0]
    return {
      id,
      price: money === undefined ? null : wholeAmount(money as Money),
      area: typeof size === 'number' ? size : null,
      sun: (values[sun ?? 0] as readonly string[] | undefined) ?? [],
      free: typeof isFree === 'boolean' ? isFree : null,
    }
  })
  Object.assign(plots, { collection, price, area, sun, free, told })
})
afterAll(() => test.drop())

const within = ({ from, to }: Range) => ({
  ...(from !== null && { $gte: from }),
  ...(to !== null && { $lte: to }),
})
// Referee: mingo, a query library that knows nothing of Bushel.
const found = (all: object) =>
  new Query(all)
    .find<Told>([...plots.told])
    .all()
    .map(({ id }) => id)

const steps = [10, 20, 25.5, 40]
const limit = fc.option(fc.oneof(fc.constantFrom(...steps), fc.integer({ min: -5, max: 90 })))
const range = fc
  .record({ from: limit, to: limit })
  .filter(({ from, to }) => from !== null || to !== null)
  .map(({ from, to }) => (from !== null && to !== null && from > to ? { from: to, to: from } : { from, to }))

const inMonths = (of: DatesControl['of']) => ({ ...newDatesControl(of), layout: 'months' }) as const

/** Each way of the only control finds as many as it says. */
async function countsAreWhatIsFound(listing: Listing): Promise<void> {
  const [control] = (await shownTo(test.db, now, listing, '')).visitors?.controls ?? []
  const ways = control !== undefined && 'ways' in control.content ? control.content.ways : []
  expect(ways.length).toBeGreaterThan(2)
  for (const way of ways) {
    const at = await shownTo(test.db, now, listing, way.address)
    expect([at.visitors?.found, at.cards.length], way.title).toEqual([way.count, way.count])
  }
}

describe('a listing narrowed by ranges', () => {
  it('shows, and counts at each step, what an independent query library does', async () => {
    const { named } = await knownSite(test.db)
    expect(plots.told.length).toBeGreaterThan(10)
    expect(new Set(plots.told.map(({ price }) => price)).size).toBeGreaterThan(5)
    const [price, area] = [
      { ...newRangeControl(plots.price), layout: 'steps', steps } as const,
      newRangeControl(plots.area),
    ]
    const plain = newListing('Plots', plots.collection)
    const listing: Listing = {
      ...plain,
      amount: { ...plain.amount, take: 200 },
      visitors: { place: 'above', controls: [price, area] },
    }
    await fc.assert(
      fc.asyncProperty(fc.option(range), fc.option(range), async (prices, areas) => {
        const asked = new URLSearchParams()
        if (prices !== null)
          asked.set(rangeControl.parameter(price, named) ?? '', rangeControl.write(price, prices, named))
        // As a form says it where there is no script.
        const name = rangeControl.parameter(area, named) ?? ''
        if (areas !== null) asked.set(`${name}-from`, String(areas.from ?? ''))
        if (areas !== null) asked.set(`${name}-to`, String(areas.to ?? ''))
        const shown = await shownTo(test.db, now, listing, `?${asked.toString()}`)
        const others = areas === null ? {} : { area: within(areas) }
        const expected = found({ ...others, ...(prices !== null && { price: within(prices) }) })
        expect(new Set(shown.cards.map((card) => card.entryId))).toEqual(new Set(expected))
        if (prices !== null || areas !== null) expect(shown.visitors?.found).toBe(expected.length)
        const content = shown.visitors?.controls.find((one) => one.label === 'Rent a year')?.content
        const ways: readonly ControlWay[] = content !== undefined && 'ways' in content ? content.ways : []
        for (const way of ways) {
          const at = await shownTo(test.db, now, listing, way.address)
          if (!way.isChosen) expect(at.visitors?.found).toBe(way.count)
        }
        const counts = [null, ...steps].map(
          (from, place) => found({ ...others, price: within({ from, to: steps[place] ?? null }) }).length,
        )
        expect(ways.filter((way) => !way.isChosen || way.count !== 0).map((way) => way.count)).toEqual(
          counts.filter((count) => count > 0),
        )
      }),
      { numRuns: 40 },
    )
  }, 120_000)

  it('and set on a scale of all that there is, whatever is chosen', async () => {
    const plain = newListing('Plots', plots.collection)
    const price = { ...newRangeControl(plots.price), layout: 'slider' } as const
    const free = newValuesControl(plots.free)
    const listing: Listing = { ...plain, visitors: { place: 'above', controls: [price, free] } }
    const prices = plots.told.flatMap((one) => one.price ?? [])
    const scaleAt = async (address: string) => {
      const [control] = (await shownTo(test.db, now, listing, address)).visitors?.controls ?? []
      if (control === undefined || !('scale' in control.content)) throw new Error('There is no scale.')
      return control.content
    }
    const { scale, bars, from, to } = await scaleAt('')
    expect([from, to]).toEqual([scale.least, scale.most])
    expect(scale.least).toBeLessThanOrEqual(Math.min(...prices))
    expect(scale.most).toBeGreaterThanOrEqual(Math.max(...prices))
    const begins = barsOf(scale)
    const counts = begins.map((least, at) => {
      const before = begins[at + 1]
      return found({ price: { $gte: least, ...(before === undefined ? {} : { $lt: before }) } }).length
    })
    expect(bars).toEqual(counts.map((count) => count / Math.max(...counts)))
    const narrowed = await scaleAt('?free=yes&rent-a-year=20-40')
    expect(narrowed).toMatchObject({ scale, bars, from: 20, to: 40 })
    expect(await scaleAt('?rent-a-year=900000-')).toMatchObject({ from: scale.most, to: scale.most })
  }, 60_000)

  it('and by the choices of fields, with what each would find', async () => {
    const { named } = await knownSite(test.db)
    const plain = newListing('Plots', plots.collection)
    const suns = ['full', 'half', 'shade']
    await fc.assert(
      fc.asyncProperty(
        fc.subarray(suns),
        fc.constantFrom(null, true, false),
        fc.constantFrom(...valueChoosings),
        async (chosen, isFree, choose) => {
          const [sun, free] = [
            { ...newValuesControl(plots.sun), choose },
            newValuesControl(plots.free),
          ] as const
          const listing: Listing = {
            ...plain,
            amount: { ...plain.amount, take: 200 },
            visitors: { place: 'above', controls: [sun, free] },
          }
          const asked = new URLSearchParams()
          if (chosen.length > 0) asked.set(valuesControl.parameter(sun, named) ?? '', chosen.join(','))
          if (isFree !== null) asked.set(valuesControl.parameter(free, named) ?? '', isFree ? 'yes' : 'no')
          const shown = await shownTo(test.db, now, listing, `?${asked.toString()}`)
          const asksSun =
            chosen.length === 0 ? {} : { sun: { $in: choose === 'one' ? chosen.slice(0, 1) : chosen } }
          const asksFree = isFree === null ? {} : { free: isFree }
          const ids = found({ ...asksSun, ...asksFree })
          expect(new Set(shown.cards.map((card) => card.entryId))).toEqual(new Set(ids))
          const content = shown.visitors?.controls.find((one) => one.label === 'Sun')?.content
          const ways = content !== undefined && 'first' in content ? content.first : []
          for (const way of ways) {
            const key = suns.find((one) => way.id.endsWith(`-${one}`)) ?? ''
            expect(way.count, way.title).toBe(found({ ...asksFree, sun: { $in: [key] } }).length)
            const at = await shownTo(test.db, now, listing, way.address)
            expect(at.visitors?.chosen.map((one) => one.title).includes(way.title)).toBe(!way.isChosen)
          }
          expect(ways.length).toBeGreaterThan(0)
        },
      ),
      { numRuns: 30 },
    )
  }, 120_000)

  it('and by dates, as rules of the same stretches of time do', async () => {
    const { named } = await knownSite(test.db)
    const collections = await test.db.selectFrom('collections').select(['id', 'slug']).execute()
    const idOf = (slug: string) => collections.find((one) => one.slug === slug)?.id ?? 0
    let some = 0
    for (const [slug, of] of [
      ['swap-days', 'when'],
      ['swap-days', 'published'],
      ['field-notes', 'published'],
    ] as const) {
      const control = { ...newDatesControl(of), spans: dateSpans }
      const plain = newListing('All', idOf(slug))
      const many = { ...plain, amount: { ...plain.amount, take: 200 } }
      const offered: Listing = { ...many, visitors: { place: 'above', controls: [control] } }
      const parameter = datesControl.parameter(control, named) ?? ''
      await countsAreWhatIsFound({ ...many, visitors: { place: 'above', controls: [inMonths(of)] } })
      const [content] = (await shownTo(test.db, now, offered, '')).visitors?.controls ?? []
      const ways = content !== undefined && 'ways' in content.content ? content.content.ways : []
      for (const [at, rule] of spanRules(control).entries()) {
        const ruled: Listing = { ...many, from: { ...many.from, rules: [rule] } }
        const span = dateSpans[at] ?? 'today'
        const [wanted, shown] = [
          await shownTo(test.db, now, ruled, ''),
          await shownTo(test.db, now, offered, `?${parameter}=${span}`),
        ]
        const rowsOf = ({ cards }: typeof shown) => cards.map((card) => card.row)
        expect(rowsOf(shown), `${slug} ${of} ${span}`).toEqual(rowsOf(wanted))
        const way = ways.find((one) => one.title === dateTitle({ span }, named.words))
        expect(way?.count ?? 0).toBe(wanted.cards.length)
        some += wanted.cards.length
      }
    }
    expect(some).toBeGreaterThan(20)
  })
})
