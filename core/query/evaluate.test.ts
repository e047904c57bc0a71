import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { indexedEntries, listings, now } from '~~/tests/support/arbitraries'
import { filmNow, filmQuestions, mingoAnswer } from '~~/tests/support/film-questions'
import { filmEntries, keysOf, loadFilms } from '~~/tests/support/films'
import { evaluate } from './evaluate'
import { planOf } from './plan'

const context = { now, zone: 'Europe/London' }

describe('a listing evaluated in memory', () => {
  const films = loadFilms()
  const keys = keysOf(films)

  // Referee: mingo, on the open films data of vega-datasets.
  it.each(filmQuestions(keys))('finds what an independent query library finds: $name', (question) => {
    const plan = planOf(question.listing, { now: filmNow, zone: 'UTC' })
    const answer = evaluate(plan, filmEntries(films, keys), 'en')
    const expected = mingoAnswer(films, question)
    expect(answer.ids).toEqual(expected.ids)
    expect(answer.counts.at(-1)).toBe(expected.matches)
    expect(expected.ids.length).toBeGreaterThan(3)
  })

  it('never shows what a visitor may not see, nor more than asked for, nor anything twice', () => {
    fc.assert(
      fc.property(listings, indexedEntries, (listing, entries) => {
        const { ids } = evaluate(planOf(listing, context), entries, 'en-GB')
        const shown = ids.map((id) => entries.find((entry) => entry.id === id))
        expect(shown.every((entry) => entry && entry.publishedAt <= now && (entry.expiresAt === null || entry.expiresAt > now) && entry.collectionId === listing.from.collection)).toBe(true)
        expect(ids.length).toBeLessThanOrEqual(listing.amount.take)
        expect(new Set(ids).size).toBe(ids.length)
      }),
    )
  })

  it('leaves fewer entries after each rule, and does not depend on the order in which entries come', () => {
    fc.assert(
      fc.property(listings, indexedEntries, (listing, entries) => {
        const plan = planOf(listing, context)
        const answer = evaluate(plan, entries, 'en-GB')
        expect(answer.counts).toEqual([...answer.counts].sort((a, b) => b - a))
        expect(evaluate(plan, [...entries].reverse(), 'en-GB')).toEqual(answer)
      }),
    )
  })

  it('puts pinned entries before all others only when asked to', () => {
    const entry = (id: number, pinned: boolean) => ({ id, collectionId: 1, title: String(id), publishedAt: id, expiresAt: null, views: 0, pinned, keys: [] })
    const entries = [entry(1, true), entry(2, false), entry(3, false)]
    const plan = { collectionId: 1, steps: [], order: [{ by: 'date', direction: 'down' }], skip: 0, take: 9 } as const
    expect(evaluate({ ...plan, pinnedFirst: true }, entries, 'en').ids).toEqual([1, 3, 2])
    expect(evaluate({ ...plan, pinnedFirst: false }, entries, 'en').ids).toEqual([3, 2, 1])
  })
})
