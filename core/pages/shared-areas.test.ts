import { describe, expect, it } from 'vitest'
import { emptyCatalogue } from '~~/tests/support/catalogue'
import { wordsOf } from '../content/catalogue'
import { newFitting } from '../fittings'
import { newListing } from '../listing/definition'
import { newBand } from './bands/definition'
import { pageChanges } from './changes'
import { newPage } from './definition'
import type { Page, Placement } from './definition'
import { frames } from './frames'
import { withFrame } from './moves'
import { parsePage } from './parse-page'
import { isPlainAddress, sharedAreaAddress, sharedAreaAt } from './shared-address'
import {
  sharedAreaPage,
  sharedOn,
  steppedOut,
  withShared,
  withSharedInstead,
  withSharedShown,
  withoutShared,
} from './shared-areas'
import { areasOf, columnsOn, placementsOf, spotsOf, standingOn } from './standing'

const id = (at: number) => `00000000-0000-4000-8000-00000000000${at}`
const listing = (at: number): Placement => ({ kind: 'listing', id: id(at), listing: id(9), heading: '' })
const line: Placement = { kind: 'fitting', id: id(5), heading: '', fitting: newFitting('rule') }
const page: Page = {
  ...newPage('Home'),
  areas: { main: [newBand(1, [listing(1)])], side: [newBand(2, [listing(2), line]), newBand(3)] },
}
const listings = { [id(9)]: newListing('Latest', 1) }
const words = wordsOf(emptyCatalogue)
const ids = (placements: readonly Placement[]) => placements.map((one) => one.id)

describe('a shared area', () => {
  it('has an address that no visitor can ask for, which tells what it is', () => {
    for (const frame of frames.all)
      for (const { name } of frame.areas) {
        const address = sharedAreaAddress(name, id(1))
        expect(sharedAreaAt(address)).toBe(name)
        expect(isPlainAddress(address)).toBe(false)
        expect(address.startsWith('/')).toBe(false)
      }
    expect(['/areas/side/one', 'areas/cellar/one', '/', ''].map(sharedAreaAt)).toEqual([
      null,
      null,
      null,
      null,
    ])
    expect(isPlainAddress('/areas/side')).toBe(true)
    expect(isPlainAddress('/notes/{slug}')).toBe(false)
  })

  it('is one area of the page that it is made of, and nothing else can be placed in it', () => {
    const area = sharedAreaPage({ ...page, introduction: 'Come in.' }, 'side', 'Side of all')
    expect(parsePage(area)).toEqual({ ok: true, value: area })
    expect(areasOf(area).map((one) => one.name)).toEqual(['side'])
    expect(spotsOf(area)).toEqual(['2/0', '3/0', 'shelf'])
    expect(ids(placementsOf(area))).toEqual([id(2), id(5)])
    expect(area.introduction).toBe('')
  })
})

describe('a page with a shared area', () => {
  const shared = withShared(page, 'side', 7)

  it('has nothing of its own there, and says so', () => {
    expect(parsePage(shared)).toEqual({ ok: true, value: shared })
    expect(sharedOn(shared)).toEqual([7])
    expect(ids(placementsOf(shared))).toEqual([id(1)])
    const both = { ...shared, areas: { ...shared.areas, side: [newBand(4, [line])] } }
    const parsed = parsePage(both)
    expect(parsed.ok ? '' : parsed.faults[0]?.path).toBe('areas.side')
    for (const wrong of [0, 'seven', 1.5, 2 ** 31])
      expect(parsePage({ ...page, shared: { side: wrong } }).ok).toBe(false)
    expect(parsePage({ ...page, shared: { cellar: 7 } }).ok).toBe(false)
  })

  it('shows what stands in it as if it stood on the page, in bands of other numbers', () => {
    const area = sharedAreaPage(page, 'side', 'Side')
    const shown = withSharedShown(shared, new Map([[7, area]]))
    expect(ids(standingOn(shown).map((one) => one.placement))).toEqual([id(1), id(2), id(5)])
    const numbers = columnsOn(shown).map((one) => one.spot)
    expect(new Set(numbers).size).toBe(numbers.length)
    expect(withSharedShown(page, new Map())).toBe(page)
    expect(ids(placementsOf(withSharedShown(shared, new Map())))).toEqual([id(1)])
  })

  it('keeps what stood there on the shelf where another takes its place', () => {
    const given = withSharedInstead(page, 'side', 8)
    expect(ids(given.shelf)).toEqual([id(2), id(5)])
    expect(given.shelf[1]?.parked).toEqual({ area: 'side', band: 2, column: 0, at: 1 })
    expect(withoutShared(given, 'side').shared).toBeUndefined()
  })

  it('has it again when its frame has the area again', () => {
    const narrow = withFrame(shared, 'one-column')
    expect(sharedOn(narrow)).toEqual([])
    expect(sharedOn(withFrame(narrow, 'side-main'))).toEqual([7])
  })

  it('steps out with a copy that is like it, with places and listings of its own', () => {
    let last = 0
    const nextId = () => `10000000-0000-4000-8000-00000000000${(last += 1)}`
    const shelved = { ...listing(3), listing: id(8) } as Placement
    const area = {
      page: { ...sharedAreaPage(page, 'side', 'Side'), shelf: [shelved] },
      listings: { ...listings, [id(8)]: newListing('On the shelf', 1) },
    }
    const own = steppedOut({ page: shared, listings: {} }, 'side', area, nextId)
    expect(parsePage(own.page)).toEqual({ ok: true, value: own.page })
    expect(own.page.shared).toBeUndefined()
    expect(own.page.areas.side?.map((band) => band.columns[0]?.placements.length)).toEqual([2, 0])
    const placed = placementsOf(own.page).filter((one) => one.id !== id(1))
    expect(placed.some((one) => [id(2), id(5)].includes(one.id))).toBe(false)
    const copied = placed.flatMap((one) => (one.kind === 'listing' ? [one.listing] : []))
    expect(copied).toHaveLength(1)
    expect(own.listings[copied[0] ?? '']).toEqual(listings[id(9)])
    expect(copied).not.toContain(id(9))
    expect(Object.keys(own.listings)).toEqual(copied)
  })

  it('is told when it is published, without what went with the area', () => {
    const before = { page, listings }
    const told = pageChanges(before, { page: shared, listings }, words)
    expect(told).toEqual([{ what: 'shared', name: 'Side' }])
    expect(pageChanges({ page: shared, listings }, before, words)[0]).toEqual({
      what: 'unshared',
      name: 'Side',
    })
  })
})
