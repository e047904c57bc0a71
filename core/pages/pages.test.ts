import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { documentOfText } from '../content/rich-text/document'
import { newFitting } from '../fittings'
import { grid } from '../shapes/grid'
import { newBand, plainBand } from './bands/definition'
import type { Band } from './bands/definition'
import { newPage } from './definition'
import { parsePage } from './parse-page'
import { strandedBy, withFrame, withPlacementMoved, withPlacementsAt } from './moves'
import { unparked } from './places'
import { columnsOn, placementsOf, shownListingsOf, spotOf } from './standing'
import type { Page, Placement } from './definition'
import { areaOf, boxWidthOn, frames, widestOf } from './frames'
import { pageWidthFor, rulerStretches } from './ruler'

const id = (at: number) => `00000000-0000-4000-8000-00000000000${at}`
const placement = (at: number): Placement => ({ kind: 'listing', id: id(at), listing: id(9), heading: '' })
const note: Placement = {
  kind: 'fitting',
  id: id(5),
  heading: 'By the way',
  headingLevel: 3,
  headingAddress: '/plots',
  below: documentOfText('Ask at the gate.'),
  fitting: newFitting('note'),
}
const page: Page = {
  ...newPage('Home'),
  areas: { main: [newBand(1, [placement(1), placement(2)])], side: [newBand(2, [placement(3), note])] },
  shelf: [placement(4)],
}
const [main] = page.areas.main ?? []
const withMain = (band: unknown) => ({ ...page, areas: { ...page.areas, main: [band] } })

describe('a page', () => {
  it('is read as it is written', () => {
    expect(parsePage(JSON.parse(JSON.stringify(page)))).toEqual({ ok: true, value: page })
  })

  it('has a band in each area of its frame, also where it does not say so', () => {
    const parsed = parsePage({ ...page, areas: { side: page.areas.side } })
    const areas = parsed.ok ? parsed.value.areas : null
    expect(areas).toEqual({ main: [newBand(3)], side: page.areas.side })
    expect(Object.keys(areas ?? {})).toEqual(['main', 'side'])
  })

  const other = { is: 'colour', colour: 'red' } as const
  it.each([
    ['title', { ...page, title: ' ' }],
    ['frame', { ...page, frame: 'spiral' }],
    ['areas.main[0].columns[0].placements[0].id', withMain(newBand(1, [{ ...placement(1), id: 'one' }]))],
    [
      'areas.main[0].columns[0].placements[0]',
      withMain({ ...main, columns: [{ parts: 1, placements: [{}] }] }),
    ],
    [
      'areas.main[0].columns[0].placements[0].fitting',
      withMain(newBand(1, [{ ...note, fitting: { name: 'engine' } as never }])),
    ],
    [
      'areas.main[0].columns[0].placements[0].headingAddress',
      withMain(newBand(1, [{ ...placement(1), headingAddress: 'javascript:alert(1)' }])),
    ],
    [
      'areas.main[0].columns[0].placements[0].headingLevel',
      withMain(newBand(1, [{ ...placement(1), headingLevel: 1 as never }])),
    ],
    [
      'areas.main[0].columns[0].placements[0].below',
      withMain(newBand(1, [{ ...note, below: { type: 'doc', content: [{ type: 'script' }] } as never }])),
    ],
    ['areas.main[0].columns', withMain({ ...main, columns: [] })],
    ['areas.main[0].columns[0].parts', withMain({ ...main, columns: [{ parts: 7, placements: [] }] })],
    ['areas.main[0].background.colour', withMain({ ...main, background: other })],
    ['areas.main[0].above', withMain({ ...main, above: 241 })],
    ['areas', { ...page, shelf: [placement(1)] }],
    ['areas', withMain({ ...main, id: 2 })],
    ['areas', { ...page, areas: { ...page.areas, cellar: [] } }],
    ['areas.side', { ...page, frame: 'one-column' }],
    ['version', { ...page, version: 9 }],
  ])('is refused at %s', (path, input) => {
    const parsed = parsePage(input)
    expect(parsed.ok ? [] : parsed.faults.map((fault) => fault.path)).toContain(path)
  })

  it('keeps on the shelf what has no area in another frame, and leaves the rest where it is', () => {
    const narrow = withFrame(page, 'one-column')
    expect(narrow.areas).toEqual({ main: page.areas.main })
    expect(narrow.shelf.map(unparked)).toEqual([placement(3), note, placement(4)])
    expect(strandedBy(page, 'one-column')).toEqual([placement(3), note])
    expect(strandedBy(page, 'three-columns')).toEqual([])
    expect(withFrame(page, 'side-main').areas).toEqual(page.areas)
  })

  it('has room on the shelf for all that any frame may leave without an area', () => {
    const full = Array.from({ length: 1500 }, (_, place): Placement => ({
      ...placement(1),
      id: `00000000-0000-4000-8000-${String(place).padStart(12, '0')}`,
    }))
    const front = newPage('Full', '', 'front')
    const spots = columnsOn(front).map((one) => one.spot)
    const filled = spots.reduce(
      (one, spot, at) =>
        withPlacementsAt(
          one,
          spot,
          full.filter((_, place) => place % spots.length === at),
        ),
      front,
    )
    expect(parsePage(filled).ok).toBe(true)
    expect(parsePage(withFrame(filled, 'one-column')).ok).toBe(true)
    expect(parsePage({ ...filled, shelf: [placement(1)] }).ok).toBe(false)
  })

  it('shows nothing that is on the shelf', () => {
    const shelved = withPlacementMoved(page, id(1), 'shelf', 0)
    expect(spotOf(shelved, id(1))).toBe('shelf')
    expect(shownListingsOf(shelved).map((one) => one.id)).toEqual([id(2), id(3)])
  })
})

describe('a page of the first version', () => {
  const old = (placed: Placement) => ({ id: placed.id, heading: placed.heading, listing: id(9) })
  const listings = fc.array(
    fc.uuid({ version: 4 }).map((one): Placement => ({ ...placement(1), id: one })),
    { maxLength: 12 },
  )

  it('has one plain band in each area, and shows the same in the same order', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...frames.all),
        fc.array(listings, { minLength: 6, maxLength: 6 }),
        ({ name, areas }, placed) => {
          const own = areas.map((area, at) => [area.name, placed[at] ?? []] as const)
          const [shelf = []] = placed.slice(5)
          const parsed = parsePage({
            version: 1,
            title: 'Old',
            introduction: 'As it was',
            frame: name,
            areas: Object.fromEntries(own.map(([area, all]) => [area, all.map(old)])),
            shelf: shelf.map(old),
          })
          if (!parsed.ok) throw new Error(JSON.stringify(parsed.faults))
          const { value } = parsed
          expect(placementsOf(value)).toEqual([...own.flatMap(([, all]) => all), ...shelf])
          for (const { band, column } of columnsOn(value))
            expect({ ...plainBand, id: band.id, columns: [column] } satisfies Band).toEqual(band)
        },
      ),
    )
  })

  it('is refused where it is none, and never by a crash', () => {
    for (const areas of [null, 3, [], { main: 'all' }, { main: [null] }, { cellar: [] }])
      expect(
        parsePage({ version: 1, title: 'Old', introduction: '', frame: 'wide', areas, shelf: [] }).ok,
      ).toBe(false)
  })
})

describe('the ruler', () => {
  const area = areaOf('main-side', 'main')
  if (!area) throw new Error('no main area')

  it('covers every width once and tells the stop that is in force there', () => {
    const stops = grid.stops(grid.defaults)
    const stretches = rulerStretches(area, stops, 320, 1600)
    expect(stretches[0]?.from).toBe(320)
    expect(stretches.at(-1)?.to).toBe(1600)
    stretches.forEach((stretch, at) => expect(stretches[at + 1]?.from ?? 1600).toBe(stretch.to))
    for (const stretch of stretches) {
      const box = boxWidthOn(area, stretch.from)
      expect(stops[stretch.stop]?.from).toBeLessThanOrEqual(box)
    }
  })

  it('knows on which pages a box is so wide, by trying them all', () => {
    const areas = frames.all.flatMap((frame) => [...frame.areas])
    fc.assert(
      fc.property(fc.constantFrom(...areas), fc.integer({ min: 0, max: 4000 }), (area, box) => {
        const pages = Array.from({ length: 6000 }, (_, width) => width)
        const first = pages.find((width) => boxWidthOn(area, width) >= box)
        expect(pageWidthFor(area, box)).toBe(first ?? null)
        expect(Math.max(...pages.map((width) => boxWidthOn(area, width)))).toBeLessThanOrEqual(widestOf(area))
      }),
    )
  })

  it('lets a stop be dragged only where the page’s growing reaches it', () => {
    const stretches = rulerStretches(area, grid.stops(grid.defaults), 320, 1600)
    expect(stretches.map((one) => [one.label, one.movable])).toEqual([
      ['1 column', false],
      ['2 columns', true],
      ['3 columns', true],
      // At 1,000 pixels the side moves beside the main, which gets narrower.
      ['2 columns', false],
      ['3 columns', true],
    ])
  })
})

describe('the frames', () => {
  it.each(frames.all)('have plans of just their areas: $name', ({ areas, plan }) => {
    expect(plan.flat().map(([area]) => area)).toEqual(areas.map((area) => area.name))
  })
})
