import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { grid } from '../shapes/grid'
import { newPage } from './definition'
import { parsePage } from './parse-page'
import { strandedBy, withFrame, withPlacementMoved } from './moves'
import { placementsOf, shownPlacementsOf, spotOf, spotsOf } from './standing'
import type { Page, Placement } from './definition'
import { areaNames, areaOf, areaWidthAt, frames, widestOf } from './frames'
import { pageWidthFor, rulerStretches } from './ruler'

const id = (at: number) => `00000000-0000-4000-8000-00000000000${at}`
const placement = (at: number): Placement => ({ id: id(at), listing: id(9), heading: '' })
const page: Page = {
  ...newPage('Home'),
  areas: { main: [placement(1), placement(2)], side: [placement(3)] },
  shelf: [placement(4)],
}

describe('a page', () => {
  it('is read as it is written', () => {
    expect(parsePage(JSON.parse(JSON.stringify(page)))).toEqual({ ok: true, value: page })
  })

  it.each([
    ['title', { ...page, title: ' ' }],
    ['frame', { ...page, frame: 'spiral' }],
    ['areas.main[0].id', { ...page, areas: { ...page.areas, main: [{ ...placement(1), id: 'one' }] } }],
    ['areas', { ...page, shelf: [placement(1)] }],
    ['areas', { ...page, areas: { ...page.areas, cellar: [] } }],
    ['areas.side', { ...page, frame: 'one-column' }],
    ['version', { ...page, version: 9 }],
  ])('is refused at %s', (path, input) => {
    const parsed = parsePage(input)
    expect(parsed.ok ? [] : parsed.faults.map((fault) => fault.path)).toContain(path)
  })

  it('keeps every placement with all its settings wherever it is moved, in whichever frames', () => {
    const moves = fc.tuple(fc.integer({ min: 1, max: 4 }), fc.constantFrom(...areaNames, 'shelf'), fc.nat(4))
    const edits = fc.oneof(
      moves.map(
        ([which, spot, at]) =>
          (one: Page) =>
            spotsOf(one).includes(spot) ? withPlacementMoved(one, id(which), spot, at) : one,
      ),
      fc.constantFrom(...frames.names).map((frame) => (one: Page) => withFrame(one, frame)),
    )
    fc.assert(
      fc.property(fc.array(edits), (all) => {
        const edited = all.reduce((one, edit) => edit(one), page)
        const sorted = (one: Page) => placementsOf(one).toSorted((a, b) => a.id.localeCompare(b.id))
        expect(sorted(edited)).toEqual(sorted(page))
        expect(parsePage(edited).ok).toBe(true)
      }),
    )
  })

  it('keeps on the shelf what has no area in another frame, and leaves the rest where it is', () => {
    const narrow = withFrame(page, 'one-column')
    expect(narrow.areas).toEqual({ main: page.areas.main })
    expect(narrow.shelf).toEqual([placement(3), placement(4)])
    expect(strandedBy(page, 'one-column')).toEqual([placement(3)])
    expect(strandedBy(page, 'three-columns')).toEqual([])
    expect(withFrame(page, 'side-main').areas).toEqual(page.areas)
  })

  it('has room on the shelf for all that its fullest frame may leave without an area', () => {
    const at = (area: number, place: number) =>
      `${area}0000000-0000-4000-8000-${String(place).padStart(12, '0')}`
    const full = Array.from({ length: 100 })
    const areas = frames
      .get('front')
      .areas.map(
        (area, which) =>
          [area.name, full.map((_, place) => ({ ...placement(1), id: at(which, place) }))] as const,
      )
    const front: Page = { ...newPage('Full', '', 'front'), areas: Object.fromEntries(areas) }
    expect(parsePage(front).ok).toBe(true)
    const narrow = withFrame(front, 'one-column')
    expect(narrow.shelf).toHaveLength(400)
    expect(parsePage(narrow).ok).toBe(true)
    const over = { ...front, areas: { ...front.areas, top: [...(front.areas.top ?? []), placement(1)] } }
    expect(parsePage(over).ok).toBe(false)
  })

  it('shows nothing that is on the shelf', () => {
    const shelved = withPlacementMoved(page, id(1), 'shelf', 0)
    expect(spotOf(shelved, id(1))).toBe('shelf')
    expect(shownPlacementsOf(shelved).map((one) => one.id)).toEqual([id(2), id(3)])
  })
})

describe('the ruler', () => {
  const main = areaOf('main-side', 'main')
  if (!main) throw new Error('no main area')

  it('covers every width once and tells the stop that is in force there', () => {
    const stops = grid.stops(grid.defaults)
    const stretches = rulerStretches(main, stops, 320, 1600)
    expect(stretches[0]?.from).toBe(320)
    expect(stretches.at(-1)?.to).toBe(1600)
    stretches.forEach((stretch, at) => expect(stretches[at + 1]?.from ?? 1600).toBe(stretch.to))
    for (const stretch of stretches) {
      const box = areaWidthAt(main, stretch.from)
      expect(stops[stretch.stop]?.from).toBeLessThanOrEqual(box)
    }
  })

  it('knows on which pages a box is so wide, by trying them all', () => {
    const areas = frames.all.flatMap((frame) => [...frame.areas])
    fc.assert(
      fc.property(fc.constantFrom(...areas), fc.integer({ min: 0, max: 4000 }), (area, box) => {
        const pages = Array.from({ length: 6000 }, (_, width) => width)
        const first = pages.find((width) => areaWidthAt(area, width) >= box)
        expect(pageWidthFor(area, box)).toBe(first ?? null)
        expect(Math.max(...pages.map((width) => areaWidthAt(area, width)))).toBeLessThanOrEqual(
          widestOf(area),
        )
      }),
    )
  })

  it('lets a stop be dragged only where the page’s growing reaches it', () => {
    const stretches = rulerStretches(main, grid.stops(grid.defaults), 320, 1600)
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
