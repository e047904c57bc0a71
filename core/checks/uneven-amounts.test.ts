import { describe, expect, it } from 'vitest'
import { newListing, parseListing } from '../listing/definition'
import type { Listing } from '../listing/definition'
import { areaOf } from '../pages/frames'
import { defaultValues } from '../looks/site-values'
import { grid } from '../shapes/grid'
import { newAmountControl } from '../visitors/amount'
import { findingsOf } from './index'

const main = areaOf('one-column', 'main')
if (main === undefined) throw new Error('The frame has a main area.')
const box = main

/** A grid that has one column where it is narrow and three elsewhere. */
function offering(...amounts: readonly number[]): Listing {
  const stop = (from: number, columns: number) => ({ from, columns, columnGap: 20, rowGap: 20 })
  return {
    ...newListing('Shelf', 1),
    shape: { name: 'grid', ...grid.defaults, stops: [stop(0, 1), stop(600, 3)] },
    visitors: { place: 'above', controls: [{ ...newAmountControl, amounts }] },
  }
}

function found(listing: Listing, passing: number | null = 500) {
  const checked = { placement: 'a', listing, followed: [], box, cards: [], passing }
  const page = { listings: [checked], letters: null, placeholder: 'sprig', values: defaultValues } as const
  return findingsOf(page).filter(({ check }) => check === 'uneven-amounts')
}

describe('an amount that visitors can choose', () => {
  it('is fine where it fills every row, or all there is', () => {
    expect(found(offering(12, 24, 48))).toEqual([])
    expect(found(offering(25), 25)).toEqual([])
    expect(found(offering(25), null)).toEqual([])
    expect(found({ ...offering(), visitors: { place: 'above', controls: [] } })).toEqual([])
  })

  it('is told where it leaves a hole, and mended by the next that leaves none', () => {
    const listing = offering(20, 24)
    const [uneven, ...more] = found(listing)
    expect(more).toEqual([])
    expect(uneven?.text).toBe('20 at once, as visitors can choose, leave a hole of 1 in rows of 3.')
    expect(uneven?.mends.map(({ title }) => title)).toEqual(['Offer 18', 'Offer 21'])
    for (const mend of uneven?.mends ?? []) {
      const mended = mend.edit(listing)
      expect(found(mended)).toEqual([])
      expect(parseListing(mended).ok).toBe(true)
    }
  })

  it('is offered once where it becomes another that is there', () => {
    const mended = found(offering(23, 24))[0]?.mends.at(-1)?.edit(offering(23, 24))
    const [control] = mended?.visitors.controls ?? []
    expect(control?.control === 'amount' && control.amounts).toEqual([24])
  })
})
