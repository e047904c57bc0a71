import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { defaultAmount } from '~~/core/listing/amount'
import type { Amount } from '~~/core/listing/amount'
import { evaluate } from '~~/core/query/evaluate'
import { firstPage } from '~~/core/query/page-asked'
import type { PageAsked } from '~~/core/query/page-asked'
import { newListing } from '~~/core/listing/definition'
import { planOf } from '~~/core/query/plan'
import type { Plan } from '~~/core/query/plan'
import type { RowKey } from '~~/core/content/row'
import { rowName } from '~~/core/content/row'
import { pageShown } from '~~/server/listings/shown-page'
import type { ShownPage } from '~~/server/listings/shown-page'
import { contexts, datedEntries, listings } from '../support/arbitraries'
import { fillIndex } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

const long = 300_000

let test: TestDatabase
beforeAll(async () => {
  test = await freshDatabase()
})
afterAll(() => test.drop())

const amountOf = (change: Partial<Amount>): Amount => ({ ...defaultAmount, take: 'all', ...change })
const shown = (plan: Plan, amount: Amount, asked: Partial<PageAsked>, reach?: number) =>
  pageShown({ db: test.db, held: null, plan, locale: 'en-GB', amount, reach }, { ...firstPage, ...asked })

/** The pages that lie one way from a page, that one first. */
async function walk(
  from: Partial<PageAsked>,
  way: 'on' | 'back',
  ask: (asked: Partial<PageAsked>) => Promise<ShownPage>,
  between: () => Promise<void> = () => Promise.resolve(),
): Promise<readonly ShownPage[]> {
  const pages: ShownPage[] = []
  for (let asked = from; pages.length < 200;) {
    const page = await ask(asked)
    // Where all that lay before a page is gone, the listing begins with what that showed: it is shown again.
    if (way === 'back' && beginsAlike(page, pages.at(-1))) {
      expect([page.before, page.previous]).toEqual([0, null])
      return pages
    }
    pages.push(page)
    await between()
    if (way === 'on') {
      if (page.next === null) return pages
      asked = { after: page.next }
    } else {
      if (page.previous === null) return pages
      asked = { until: page.previous }
    }
  }
  throw new Error('The pages have no end.')
}

function beginsAlike({ rows: [first] }: ShownPage, later: ShownPage | undefined): boolean {
  const other = later?.rows[0]
  return first !== undefined && other !== undefined && rowName(first) === rowName(other)
}

const rowsOf = (pages: readonly ShownPage[]): readonly RowKey[] => pages.flatMap(({ rows }) => rows)

describe('the pages of a listing', () => {
  it(
    'are the whole of it, on from its start, back from its end, by their numbers, and added to each other',
    async () => {
      await fc.assert(
        fc.asyncProperty(
          datedEntries,
          fc.array(listings, { minLength: 3, maxLength: 5 }),
          contexts,
          fc.record({ perPage: fc.integer({ min: 1, max: 5 }), skip: fc.nat(4) }),
          fc.option(fc.integer({ min: 1, max: 12 })),
          async ([entries, dates], all, context, { perPage, skip }, take) => {
            await fillIndex(test.db, entries, dates)
            for (const listing of all) {
              const amount = amountOf({ perPage, skip, take: take ?? 'all' })
              const plan = planOf({ ...listing, amount }, context)
              const most = { ...plan, take: take ?? 1000 }
              const whole = evaluate(most, entries, 'en-GB', { dates }).rows
              const ask = (asked: Partial<PageAsked>) => shown(plan, amount, asked)

              const on = await walk({}, 'on', ask)
              expect(rowsOf(on)).toEqual(whole)
              const last = Math.max(1, Math.ceil(whole.length / perPage))
              expect(on).toHaveLength(last)
              const back = (await walk({ number: 99_999 }, 'back', ask)).toReversed()
              expect(rowsOf(back)).toEqual(whole)
              expect(back.map(({ before }) => before)).toEqual(on.map(({ before }) => before))
              for (const [at, page] of on.entries()) {
                expect(await ask({ number: at + 1 })).toEqual(page)
                const together = await ask({ together: at + 1 })
                expect(together.rows).toEqual(whole.slice(0, (at + 1) * perPage))
                expect(together.next).toBe(page.next)
                const fromHere = await ask({ number: at + 1, together: 2 })
                expect(fromHere.rows).toEqual(whole.slice(at * perPage, (at + 2) * perPage))
                expect(fromHere.next).toBe((on[at + 1] ?? page).next)
              }
            }
          },
        ),
        { numRuns: 25 },
      )
    },
    long,
  )

  it(
    'are the same by their numbers from marks along the way, in any order',
    async () => {
      let marked = 0
      await fc.assert(
        fc.asyncProperty(
          datedEntries,
          fc.array(listings, { minLength: 3, maxLength: 4 }),
          contexts,
          fc.record({
            perPage: fc.integer({ min: 1, max: 3 }),
            skip: fc.nat(3),
            reach: fc.integer({ min: 1, max: 4 }),
          }),
          async ([entries, dates], all, context, { perPage, skip, reach }) => {
            await fillIndex(test.db, entries, dates)
            const plain = newListing('All', 1)
            const from = { ...plain.from, collections: [1, 2] }
            const amount = amountOf({ perPage, skip })
            for (const { order, shape } of all) {
              const plan = planOf({ ...plain, from, order, shape, amount }, { ...context, choices: [] })
              const on = await walk({}, 'on', (asked) => shown(plan, amount, asked))
              for (const [at, page] of on.entries()) {
                expect(await shown(plan, amount, { number: at + 1 }, reach)).toEqual(page)
                if (skip + page.before > reach) marked += 1
              }
            }
          },
        ),
        { numRuns: 40 },
      )
      expect(marked).toBeGreaterThan(30)
    },
    long,
  )

  it(
    'show nothing twice, and all that stayed, while entries come and go between them',
    async () => {
      await fc.assert(
        fc.asyncProperty(
          datedEntries,
          fc.array(listings, { minLength: 2, maxLength: 4 }),
          contexts,
          fc.integer({ min: 1, max: 4 }),
          fc.array(fc.func(fc.boolean()), { minLength: 1, maxLength: 4 }),
          async ([entries, dates], all, context, perPage, coming) => {
            const amount = amountOf({ perPage })
            for (const listing of all) {
              const plan = planOf({ ...listing, amount }, context)
              let at = 0
              const thereAt = (time: number) =>
                entries.filter((one) => one.id % 3 !== 0 || coming[time % coming.length]?.(one.id) === true)
              const change = () => fillIndex(test.db, thereAt((at += 1)), dates)
              const stayed = entries.filter(({ id }) => id % 3 !== 0)
              const expected = evaluate({ ...plan, take: 1000 }, stayed, 'en-GB', { dates }).rows.map(rowName)
              const ask = (asked: Partial<PageAsked>) => shown(plan, amount, asked)
              for (const [from, way] of [
                [{}, 'on'],
                [{ number: 99_999 }, 'back'],
              ] as const) {
                await fillIndex(test.db, thereAt(at), dates)
                const walked = rowsOf(await walk(from, way, ask, change)).map(rowName)
                expect(new Set(walked).size).toBe(walked.length)
                expect(walked).toEqual(expect.arrayContaining(expected))
              }
            }
          },
        ),
        { numRuns: 25 },
      )
    },
    long,
  )
})
