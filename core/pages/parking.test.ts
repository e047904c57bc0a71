import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newFitting } from '../fittings'
import { newBand } from './bands/definition'
import { newPage, withEveryArea } from './definition'
import type { Page, Placement } from './definition'
import { frames } from './frames'
import { withColumns, withFrame, withPlacementMoved, withoutBand } from './moves'
import { withDueReturned, withParkedUntil, withReturned } from './parking'
import { parsePage } from './parse-page'
import { placementsAt, spotOf, standingOn } from './standing'

const id = (at: number) => `00000000-0000-4000-8000-00000000000${at}`
const thing = (at: number): Placement => ({
  kind: 'fitting',
  id: id(at),
  heading: `${at}`,
  fitting: newFitting('rule'),
})
const two = withColumns(newBand(2, [thing(3), thing(4)]), [1, 2])
const page: Page = withEveryArea({
  ...newPage('Some'),
  areas: { main: [newBand(1, [thing(1), thing(2)]), two], side: [newBand(3, [thing(5)])] },
})

describe('what is parked', () => {
  it('goes back exactly where it stood', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5 }), fc.nat(3), (which, at) => {
        const shelved = withPlacementMoved(page, id(which), 'shelf', at)
        expect(spotOf(shelved, id(which))).toBe('shelf')
        expect(parsePage(shelved)).toEqual({ ok: true, value: shelved })
        expect(withReturned(shelved, id(which))).toEqual(page)
      }),
    )
  })

  it('goes back where it stood after a frame without its area, and another with it again', () => {
    const back = withFrame(withFrame(page, 'one-column'), 'main-side')
    expect(back.shelf.map((one) => one.id)).toEqual([id(5)])
    const returned = withReturned(back, id(5))
    expect(standingOn(returned).find((one) => one.placement.id === id(5))?.area.name).toBe('side')
  })

  it('goes to the end of its area, or of the first one, where its place is gone', () => {
    const shelved = withPlacementMoved(page, id(3), 'shelf', 0)
    const withoutIts = withReturned(withoutBand(shelved, 2), id(3))
    expect(placementsAt(withoutIts, '1/0').map((one) => one.id)).toEqual([id(1), id(2), id(3)])
    const other = withReturned(withFrame(page, 'one-column'), id(5))
    expect(standingOn(other).find((one) => one.placement.id === id(5))?.area.name).toBe('main')
    const never = { ...page, shelf: [{ ...thing(6) }] }
    expect(standingOn(withReturned(never, id(6))).some((one) => one.placement.id === id(6))).toBe(true)
    expect(withReturned(page, id(6))).toBe(page)
  })

  it('comes back by itself on its day, and not before', () => {
    fc.assert(
      fc.property(fc.constantFrom(...frames.names), fc.integer({ min: 1, max: 5 }), (frame, which) => {
        const shelved = withParkedUntil(
          withPlacementMoved(withFrame(page, frame), id(which), 'shelf', 0),
          id(which),
          '2026-12-01',
        )
        expect(parsePage(shelved)).toEqual({ ok: true, value: shelved })
        expect(withDueReturned(shelved, '2026-11-30')).toBe(shelved)
        const back = withDueReturned(shelved, '2026-12-01')
        expect(spotOf(back, id(which))).not.toBe('shelf')
        expect(standingOn(back).every((one) => one.placement.parked === undefined)).toBe(true)
        expect(withDueReturned(shelved, '2027-01-01')).toEqual(back)
      }),
    )
  })

  it('no longer comes back by itself once its day is taken off', () => {
    const shelved = withPlacementMoved(page, id(1), 'shelf', 0)
    const until = withParkedUntil(shelved, id(1), '2026-12-01')
    expect(withParkedUntil(until, id(1), null)).toEqual(shelved)
    expect(withParkedUntil(shelved, id(1), null)).toEqual(shelved)
    expect(withParkedUntil(page, id(1), '2026-12-01')).toEqual(page)
  })

  it.each(['2026-13-01', '1 December', '', '2026-02-30'])('is not kept until %j', (until) => {
    const shelved = withParkedUntil(withPlacementMoved(page, id(1), 'shelf', 0), id(1), until)
    expect(parsePage(shelved).ok).toBe(false)
  })
})
