import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { evaluate } from '~~/core/query/evaluate'
import { planOf } from '~~/core/query/plan'
import type { Plan } from '~~/core/query/plan'
import type { Position } from '~~/core/query/position'
import { everything, passes } from '~~/core/rules/predicate'
import { askedAlone } from '~~/core/query/asked-alone'
import { civilDayOf } from '~~/core/time/zones'
import { answerOf, shownPositions, shownRows } from '~~/server/listings/answer'
import { countsOf } from '~~/server/listings/step-counts'
import { recordReads } from '~~/server/listings/read-windows'
import { contexts, datedEntries, listings, now } from '../support/arbitraries'
import { filmNow, filmQuestions, mingoAnswer } from '../support/film-questions'
import { filmContext } from '../support/film-words'
import { openData, rowsFound } from '../support/open-data'
import { filmEntries, keysOf, loadFilms } from '../support/films'
import { fillIndex } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { idsOf } from '../support/rows'
import { rowOf } from '~~/core/content/row'
import { rowsOf } from '~~/core/query/rows'
import type { RowKey } from '~~/core/content/row'

/** Thousands of questions take their time on a slow machine. */
const long = 300_000

let test: TestDatabase
beforeAll(async () => {
  test = await freshDatabase()
})
afterAll(() => test.drop())

describe('a listing answered by the database', () => {
  it(
    'is what the evaluator in memory answers, for random listings over random content of every field type',
    async () => {
      await fc.assert(
        fc.asyncProperty(
          datedEntries,
          fc.array(listings, { minLength: 20, maxLength: 40 }),
          contexts,
          async ([entries, dates], all, context) => {
            await fillIndex(test.db, entries, dates)
            for (const listing of all) {
              const plan = planOf(listing, context)
              const expected = evaluate(plan, entries, 'en-GB', { dates })
              expect(await answerOf(test.db, plan, 'en-GB')).toEqual(expected)
            }
          },
        ),
        { numRuns: 80 },
      )
    },
    long,
  )

  it(
    'goes on after the last entry shown, to the whole, as the evaluator does, and back from its end',
    async () => {
      await fc.assert(
        fc.asyncProperty(
          datedEntries,
          fc.array(listings, { minLength: 4, maxLength: 8 }),
          contexts,
          fc.integer({ min: 1, max: 6 }),
          async ([entries, dates], all, context, take) => {
            await fillIndex(test.db, entries, dates)
            for (const listing of all) {
              const plan = { ...planOf(listing, context), skip: 0 }
              const whole = evaluate({ ...plan, take: 1000 }, entries, 'en-GB', { dates }).rows
              for (const end of ['start', 'end'] as const) {
                const pages: RowKey[] = []
                for (let last: Position | null = null; ;) {
                  const shown = await shownPositions(test.db, { ...plan, take }, 'en-GB', last, end)
                  pages.push(...shown.map(({ id, at }) => ({ id, at })))
                  last = shown.at(-1) ?? null
                  if (shown.length < take) break
                }
                expect(pages).toEqual(end === 'start' ? whole : whole.toReversed())
                const skipped = { ...plan, take, skip: take }
                const rows = await shownPositions(test.db, skipped, 'en-GB', null, end)
                expect(rows.map(({ id, at }) => ({ id, at }))).toEqual(pages.slice(take, 2 * take))
              }
            }
          },
        ),
        { numRuns: 30 },
      )
    },
    long,
  )

  it(
    'counts each rule alone as the evaluator does',
    async () => {
      await fc.assert(
        fc.asyncProperty(
          datedEntries,
          fc.array(listings, { minLength: 4, maxLength: 8 }),
          contexts,
          async ([entries, dates], all, context) => {
            await fillIndex(test.db, entries, dates)
            for (const listing of all) {
              const alone = askedAlone(listing.from, context).map((one) => one.asks)
              const plan = planOf(listing, context)
              const visible = entries.filter(
                (entry) =>
                  listing.from.collections.includes(entry.collectionId) &&
                  passes({ test: 'visible', at: now }, rowOf(entry)),
              )
              const rows = rowsOf(plan.rows, visible, (id) => dates.get(id) ?? [])
              const passing = alone.map((asks) => rows.filter((row) => passes(asks, row)))
              const counts = await countsOf(test.db, plan, alone)
              expect(counts.alone).toEqual(
                passing.map((some) =>
                  plan.rows.of === 'next' ? new Set(some.map((row) => row.entry)).size : some.length,
                ),
              )
            }
          },
        ),
        { numRuns: 20 },
      )
    },
    long,
  )

  // Referee: mingo, on the open films data of vega-datasets.
  it('is what an independent query library finds in the same data', async () => {
    const films = loadFilms()
    const keys = keysOf(films)
    await fillIndex(test.db, filmEntries(films, keys))
    for (const question of filmQuestions(keys)) {
      const answer = await answerOf(test.db, planOf(question.listing, filmContext(keys, filmNow)), 'en')
      const expected = mingoAnswer(films, question)
      expect(idsOf(answer), question.name).toEqual(expected.ids)
      expect(answer.counts.at(-1), question.name).toBe(expected.matches)
    }
  })

  it.each(openData.map((data) => [data.name, data] as const))(
    'is what that library finds in open data with fields: %s',
    async (_, data) => {
      await fillIndex(test.db, data.entries)
      for (const question of data.questions) {
        const answer = await answerOf(test.db, planOf(question.listing, data.context), 'en')
        const expected = rowsFound(data, question)
        expect(idsOf(answer), question.name).toEqual(expected.ids)
        expect(answer.counts.at(-1), question.name).toBe(expected.matches)
      }
    },
  )

  // Referee: Intl.Collator (CLDR) for the database's own ICU collation.
  it.each(['en', 'sv', 'de'])('orders the titles of the films as the language does: %s', async (locale) => {
    const films = loadFilms()
    const entries = filmEntries(films, keysOf(films))
    await fillIndex(test.db, entries)
    const plan = {
      collections: [1],
      rows: { of: 'entries' },
      steps: [{ step: { kind: 'collections' }, asks: everything }],
      order: [{ by: 'title', direction: 'up' }],
      skip: 0,
      take: 200,
    } as const
    expect((await answerOf(test.db, plan, locale)).rows).toEqual(evaluate(plan, entries, locale).rows)
  })
})

describe('reads that are counted together', () => {
  it('order as reads counted each time do, also after more were recorded', async () => {
    const today = civilDayOf(Date.now(), 'UTC')
    const day = (ago: number) => today - ago * 86_400_000
    const reads = [
      [3, 0],
      [1, 2],
      [5, 8],
      [0, 0],
      [2, 1],
    ].map(([recent = 0, older = 0]) =>
      [
        { day: day(0), count: recent },
        { day: day(3), count: older },
      ].filter((one) => one.count > 0),
    )
    const entries = filmEntries(loadFilms(), keysOf(loadFilms()))
      .slice(0, 5)
      .map((entry, at) => ({ ...entry, reads: reads[at] ?? [] }))
    await fillIndex(test.db, entries)
    const plan: Plan = {
      collections: [1],
      rows: { of: 'entries' },
      steps: [{ step: { kind: 'collections' }, asks: everything }],
      order: [{ by: 'reads', since: day(6), until: day(0), direction: 'down' }],
      skip: 0,
      take: 9,
    }
    expect(await shownRows(test.db, plan, 'en')).toEqual(evaluate(plan, entries, 'en').rows)
    const [first, , , unread] = entries
    if (first === undefined || unread === undefined) throw new Error('There are five films.')
    const dayText = new Date(day(1)).toISOString().slice(0, 10)
    await test.db.transaction().execute((trx) =>
      recordReads(trx, [
        { entryId: first.id, day: dayText, count: 4 },
        { entryId: unread.id, day: dayText, count: 2 },
        { entryId: first.id, day: dayText, count: 8 },
      ]),
    )
    const more = entries.map((entry) =>
      entry === first
        ? { ...entry, reads: [...entry.reads, { day: day(1), count: 12 }] }
        : entry === unread
          ? { ...entry, reads: [{ day: day(1), count: 2 }] }
          : entry,
    )
    expect(await shownRows(test.db, plan, 'en')).toEqual(evaluate(plan, more, 'en').rows)
    const { views } = await test.db
      .selectFrom('entry_index')
      .select('views')
      .where('entry_id', '=', first.id)
      .executeTakeFirstOrThrow()
    expect(views).toBe(first.views + 12)
  })
})
