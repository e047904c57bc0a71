import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { defaultAmount } from '../listing/amount'
import { pagingKinds } from '../listing/paging'
import { pageOfListing } from './page-of-listing'

const amountOf = (perPage: number | null, kind: (typeof pagingKinds)[number]) => ({
  ...defaultAmount,
  perPage,
  paging: { ...defaultAmount.paging, kind },
})
const nothing = { after: null, until: null, page: null, shown: null, turn: null }

describe('the page that an address asks for', () => {
  it('is named by its number, or by what it follows', () => {
    const amount = amountOf(12, 'numbers')
    expect(pageOfListing({ ...nothing, page: '3' }, amount).page.number).toBe(3)
    expect(pageOfListing({ ...nothing, after: '[12,7]' }, amount).page.after).toBe('[12,7]')
  })

  it('holds whole pages together where they are added to each other, 200 entries at most', () => {
    const shown = (text: string, amount = amountOf(12, 'more')) =>
      pageOfListing({ ...nothing, shown: text }, amount).page.together
    expect(['1', '12', '13', '24', '9999'].map((text) => shown(text))).toEqual([1, 1, 2, 2, 16])
    expect(shown('24', amountOf(12, 'numbers'))).toBe(1)
    expect(shown('24', amountOf(null, 'more'))).toBe(1)
    expect(shown('999', amountOf(200, 'endless'))).toBe(1)
  })

  it.each(['0', '-1', '1.5', 'two', '', '99999999999', '1e3'])('is not “%s”, which is told', (text) => {
    const { page, unknown } = pageOfListing({ ...nothing, page: text, shown: text }, amountOf(12, 'more'))
    expect(page).toMatchObject({ number: null, together: 1 })
    expect(unknown).toEqual([text, text])
  })

  it('never holds more at once than a listing may show, whatever is asked', () => {
    fc.assert(
      fc.property(
        fc.string(),
        fc.integer({ min: 1, max: 200 }),
        fc.constantFrom(...pagingKinds),
        (text, perPage, kind) => {
          const { together } = pageOfListing({ ...nothing, shown: text }, amountOf(perPage, kind)).page
          expect(together * perPage).toBeLessThanOrEqual(200)
          expect(together).toBeGreaterThanOrEqual(1)
        },
      ),
    )
  })
})
