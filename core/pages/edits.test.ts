import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { newFitting } from '../fittings'
import { beginHistory, edited, redone, undone } from '../edits/history'
import { bandReaches, newBand } from './bands/definition'
import { newPage } from './definition'
import type { Page, Placement } from './definition'
import { frames } from './frames'
import type { AreaName } from './frames'
import {
  withBandAfter,
  withBandChanged,
  withBandMoved,
  withColumns,
  withFrame,
  withListingReplaced,
  withPlacementChanged,
  withPlacementMoved,
  withoutBand,
} from './moves'
import { parsePage } from './parse-page'
import { withDueReturned, withParkedUntil, withReturned } from './parking'
import { unparked } from './places'
import { withSharedInstead, withoutShared } from './shared-areas'
import { withPutBack, withoutListing } from './taken-off'
import { areasOf, columnsOn, placedListingsOf, placementsOf, spotsOf } from './standing'

const id = (at: number) => `00000000-0000-4000-8000-00000000000${at}`
const listing = (at: number): Placement => ({ kind: 'listing', id: id(at), listing: id(9), heading: `${at}` })
const line: Placement = { kind: 'fitting', id: id(5), heading: '', fitting: newFitting('rule') }

/** A page in some frame, with bands of some columns and five things somewhere on it. */
const pages = fc
  .record({
    frame: fc.constantFrom(...frames.names),
    parts: fc.array(fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 4 }), {
      maxLength: 4,
    }),
    at: fc.array(fc.nat(40), { minLength: 5, maxLength: 5 }),
  })
  .map(({ frame, parts, at }): Page => {
    const [first] = columnsOn(newPage('Some', '', frame))
    if (first === undefined) throw new Error('A frame has areas.')
    const banded = parts.reduce<Page>(
      (page, columns, number) => {
        const own = withColumns(newBand(100 + number), columns)
        const there = page.areas[first.area.name] ?? []
        return { ...page, areas: { ...page.areas, [first.area.name]: [...there, own] } }
      },
      newPage('Some', '', frame),
    )
    const things = [listing(1), listing(2), listing(3), listing(4), line]
    return things.reduce((page, thing, number) => {
      const spots = spotsOf(page)
      const spot = spots[(at[number] ?? 0) % spots.length] ?? 'shelf'
      return withPlacementMoved({ ...page, shelf: [...page.shelf, thing] }, thing.id, spot, 0)
    }, banded)
  })

/** Everything that can be done to a page's things and bands; numbers choose among what there is. */
const edits = fc.oneof(
  fc.tuple(fc.integer({ min: 1, max: 5 }), fc.nat(40), fc.nat(4)).map(([which, to, at]) => (page: Page) => {
    const spots = spotsOf(page)
    return withPlacementMoved(page, id(which), spots[to % spots.length] ?? 'shelf', at)
  }),
  fc.constantFrom(...frames.names).map((frame) => (page: Page) => withFrame(page, frame)),
  fc.integer({ min: 1, max: 5 }).map((which) => (page: Page) => withReturned(page, id(which))),
  fc.tuple(fc.integer({ min: 1, max: 5 }), fc.constantFrom('2026-11-26', '2027-01-01', null)).map(
    ([which, until]) =>
      (page: Page) =>
        withParkedUntil(page, id(which), until),
  ),
  fc.constantFrom('2026-11-26', '2027-01-01').map((day) => (page: Page) => withDueReturned(page, day)),
  fc.nat(40).map((which) => (page: Page) => withBandAfter(page, bandAt(page, which))),
  fc.nat(40).map((which) => (page: Page) => withoutBand(page, bandAt(page, which))),
  fc.tuple(fc.nat(40), fc.nat(40), fc.nat(3)).map(([which, to, at]) => (page: Page) => {
    const names = Object.keys(page.areas) as AreaName[]
    return withBandMoved(page, bandAt(page, which), names[to % names.length] ?? 'main', at)
  }),
  fc.tuple(fc.nat(40), fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 4 })).map(
    ([which, parts]) =>
      (page: Page) =>
        withBandChanged(page, bandAt(page, which), (band) => withColumns(band, parts)),
  ),
  fc.tuple(fc.nat(40), fc.constantFrom(7, 8)).map(
    ([which, shared]) =>
      (page: Page) =>
        withSharedInstead(page, areaNameAt(page, which), shared),
  ),
  fc.nat(40).map((which) => (page: Page) => withoutShared(page, areaNameAt(page, which))),
  fc.tuple(fc.nat(40), fc.constantFrom(...bandReaches)).map(
    ([which, reach]) =>
      (page: Page) =>
        withBandChanged(page, bandAt(page, which), (band) => ({ ...band, reach })),
  ),
)

function areaNameAt(page: Page, which: number): AreaName {
  const areas = areasOf(page)
  return areas[which % areas.length]?.name ?? 'main'
}

function bandAt(page: Page, which: number): number {
  const all = columnsOn(page)
  return all[which % all.length]?.band.id ?? 0
}

describe('the edits of a page', () => {
  it('lose nothing that is placed and double nothing, and leave a page that is sound', () => {
    fc.assert(
      fc.property(pages, fc.array(edits, { maxLength: 30 }), (begun, all) => {
        const page = all.reduce((one, edit) => edit(one), begun)
        const sorted = (one: Page) =>
          placementsOf(one)
            .map(unparked)
            .toSorted((a, b) => a.id.localeCompare(b.id))
        expect(sorted(page)).toEqual(sorted(begun))
        expect(sorted(page)).toHaveLength(5)
        expect(parsePage(page)).toEqual({ ok: true, value: page })
      }),
    )
  })

  it('are each undone exactly, and done again', () => {
    fc.assert(
      fc.property(pages, fc.array(edits, { maxLength: 12 }), (begun, all) => {
        const done = all.reduce(
          (history, edit, at) =>
            edited(history, { title: 'Edit', subject: null, at }, (draft) => {
              draft.page = edit(history.present.page) as typeof draft.page
            }),
          beginHistory({ page: begun }),
        )
        const back = done.past.reduce((history) => undone(history), done)
        expect(back.present.page).toEqual(begun)
        expect(back.future.reduce((history) => redone(history), back).present).toEqual(done.present)
      }),
    )
  })

  it('take a band off with what stood in it put on the shelf, and never the last one of an area', () => {
    const page: Page = {
      ...newPage('Some', '', 'wide'),
      areas: { main: [newBand(1, [listing(1)]), newBand(2, [listing(2), line])] },
      shelf: [listing(3)],
    }
    const one = withoutBand(page, 2)
    expect(one.areas.main?.map((band) => band.id)).toEqual([1])
    expect(one.shelf.map(unparked)).toEqual([listing(2), line, listing(3)])
    expect(one.shelf[1]?.parked).toEqual({ area: 'main', band: 2, column: 0, at: 1 })
    expect(withoutBand(one, 1).areas.main).toEqual([newBand(1)])
  })

  it('give a page another listing wherever one stands, on the shelf too, and leave all else', () => {
    fc.assert(
      fc.property(pages, (page) => {
        const other = withListingReplaced(page, id(9), id(8))
        expect(placedListingsOf(other).map((one) => one.listing)).toEqual(
          placedListingsOf(page).map(() => id(8)),
        )
        expect(withListingReplaced(other, id(8), id(9))).toEqual(page)
        expect(withListingReplaced(page, id(7), id(8))).toEqual(page)
      }),
    )
  })

  it('take a listing off wherever it stands, and put all of it back exactly, or once, whatever came between', () => {
    fc.assert(
      fc.property(
        pages,
        fc.array(edits, { maxLength: 12 }),
        fc.array(edits, { maxLength: 12 }),
        (begun, all, more) => {
          const page = [id(3), id(4)].reduce(
            (before, one) =>
              withPlacementChanged(before, one, (thing) =>
                thing.kind === 'listing' ? { ...thing, listing: id(6) } : thing,
              ),
            all.reduce((one, edit) => edit(one), begun),
          )
          const without = withoutListing(page, id(9))
          expect(placedListingsOf(without.page).map((one) => one.listing)).not.toContain(id(9))
          expect(withPutBack(without.page, without.taken)).toEqual(page)
          const changed = more.reduce((one, edit) => edit(one), without.page)
          const back = withPutBack(withPutBack(changed, without.taken), without.taken)
          const ids = (one: Page) =>
            placementsOf(one)
              .map((thing) => thing.id)
              .toSorted()
          expect(ids(back)).toEqual(ids(page))
          expect(parsePage(back)).toEqual({ ok: true, value: back })
        },
      ),
    )
  })

  it('put what stands in columns that are no more at the end of the last', () => {
    const band = {
      ...newBand(1),
      columns: [1, 2, 3].map((at) => ({ parts: at, placements: [listing(at)] })),
    }
    expect(withColumns(band, [5, 1]).columns).toEqual([
      { parts: 5, placements: [listing(1)] },
      { parts: 1, placements: [listing(2), listing(3)] },
    ])
  })
})
