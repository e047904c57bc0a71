import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newFitting } from '../fittings'
import { newListing } from '../listing/definition'
import { askAddress, askOf, fromItsStart, pageAsk, turnAddress, withAsk } from './asks'
import type { PlacementAsk } from './asks'
import { newPage } from './definition'
import type { Page, Placement } from './definition'
import { withPlacementsAt } from './moves'
import { columnsOn } from './standing'

const listed = (id: string, anchor?: string): Placement => ({
  kind: 'listing',
  id,
  listing: `of ${id}`,
  heading: '',
  ...(anchor !== undefined && { anchor }),
})
const calendar = (id: string): Placement => ({
  kind: 'fitting',
  id,
  heading: '',
  fitting: newFitting('calendar'),
})

function pageOf(...placements: readonly Placement[]): Page {
  const page = newPage('Home', '', 'one-column')
  return withPlacementsAt(page, columnsOn(page)[0]?.spot ?? 'shelf', placements)
}

const inPages = (name: string) => {
  const listing = newListing(name, 1)
  return { ...listing, amount: { ...listing.amount, take: 30, perPage: 6 } }
}
const listings = new Map([
  ['of a', inPages('Field notes')],
  ['of b', inPages('Field notes')],
  ['of c', inPages('Everything that was ever swapped on the hill')],
  ['of d', inPages('‽')],
  ['of whole', newListing('Most read', 1)],
])
const askedAt = (page: Page, address: string) => pageAsk(page, listings, new URLSearchParams(address))
const namesOn = (page: Page) => [...askedAt(page, '').names.values()]

describe('what is asked of a page', () => {
  it('needs no name where one thing alone can be asked', () => {
    const rule: Placement = { kind: 'fitting', id: 'r', heading: '', fitting: newFitting('rule') }
    const page = pageOf(rule, listed('whole'), listed('a'))
    expect(askOf(askedAt(page, '?after=x'), 'a')).toMatchObject({ after: 'x', turn: null })
    expect(askOf(askedAt(page, '?after=x'), 'r')).toMatchObject({ after: null, turn: null })
    expect(askAddress(askedAt(page, '?term=soil'), 'a', { after: 'y' })).toBe('?term=soil&after=y#heading-a')
  })

  it('has short names else, each once: an anchor, or what it is called', () => {
    const page = pageOf(listed('a'), listed('b'), listed('c', 'swaps'), listed('d'), calendar('e'))
    expect(namesOn(page)).toEqual(['field-notes.', 'field-notes-2.', 'swaps.', 'listing.', 'small-calendar.'])
    expect(namesOn(pageOf(listed('a'), listed('c')))[1]).toBe('everything-that-was-ever.')
  })

  it('of the first is read without its name, too: it was alone before', () => {
    const page = pageOf(listed('a'), listed('b'))
    const ask = askedAt(page, '?after=x')
    expect(askOf(ask, 'a').after).toBe('x')
    expect(askOf(ask, 'b').after).toBeNull()
    expect(askOf(askedAt(page, '?field-notes.after=y&after=x'), 'a').after).toBe('y')
    expect(askAddress(ask, 'a', { after: 'z' })).toBe('?field-notes.after=z#heading-a')
    expect(askAddress(ask, 'a', { after: null })).toBe('?#heading-a')
  })

  it('of what stands at the head is nothing of the page itself', () => {
    const page = pageOf(calendar('e'))
    const around = pageAsk(page, listings, new URLSearchParams('?at=month-2026-12'), 'head')
    expect(askOf(around, 'e').turn).toBeNull()
    const { before, after } = turnAddress(around, 'e')
    expect(before + after).toBe('?at=month-2026-12&head-small-calendar.at=#heading-e')
    const next = new URLSearchParams('?at=month-2026-12&head-small-calendar.at=week-2026-11-30')
    expect(askOf(pageAsk(page, listings, next, 'head'), 'e').turn).toBe('week-2026-11-30')
  })

  it('is read back from the address, whatever it is, and touches nothing else that is asked', () => {
    const ids = ['a', 'b', 'c', 'd', 'e']
    const asked: fc.Arbitrary<Partial<PlacementAsk>> = fc.record(
      { after: fc.option(fc.string({ unit: 'grapheme' })), turn: fc.option(fc.string()) },
      { requiredKeys: [] },
    )
    const steps = fc.array(fc.tuple(fc.constantFrom(...ids), asked), { maxLength: 8 })
    const pages = fc
      .subarray(ids, { minLength: 1 })
      .map((shown) => shown.map((id) => (id === 'e' ? calendar(id) : listed(id))))
    fc.assert(
      fc.property(pages, steps, (placements, all) => {
        const page = pageOf(...placements)
        const nothing: PlacementAsk = { ...fromItsStart, turn: null }
        const expected = new Map(placements.map(({ id }) => [id, nothing]))
        let ask = askedAt(page, '?term=soil')
        for (const [id, change] of all.filter(([id]) => expected.has(id))) {
          expected.set(id, { ...nothing, ...expected.get(id), ...change })
          const [query = ''] = askAddress(ask, id, change).split('#heading-')
          ask = askedAt(page, query)
          expect(withAsk(ask, id, {}).query.toString()).toBe(ask.query.toString())
        }
        for (const [id, one] of expected) expect(askOf(ask, id)).toEqual(one)
        expect(ask.query.get('term')).toBe('soil')
      }),
    )
  })
})
