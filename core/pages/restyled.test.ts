import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newFitting } from '../fittings'
import type { Styles } from '../looks/styles'
import { styles as anyStyles } from '~~/tests/support/style-arbitraries'
import type { Page, PlacedFitting, Placement } from './definition'
import { newPage } from './definition'
import { withPlacementChanged, withPlacementMoved, withPlacementsAt } from './moves'
import { parsePage } from './parse-page'
import { restyledFittings } from './restyled'
import { columnsOn } from './standing'

const leaf: Styles = [{ target: 'rule', state: null, below: null, set: { colour: 'leaf' } }]
const line = (at: number, styles?: Styles): PlacedFitting => ({
  kind: 'fitting',
  id: `00000000-0000-4000-8000-00000000000${at}`,
  heading: '',
  fitting: newFitting('rule'),
  ...(styles !== undefined && { styles }),
})

function pageOf(...placements: readonly Placement[]): Page {
  const page = newPage('Home', '', 'one-column')
  return withPlacementsAt(page, columnsOn(page)[0]?.spot ?? 'shelf', placements)
}
const idsOf = (before: Page, after: Page) => restyledFittings(before, after)?.map(({ id }) => id) ?? null
const page = pageOf(line(1), line(2, leaf), line(3))

describe('fittings that look otherwise', () => {
  it('are told where styles came, changed or went', () => {
    expect(idsOf(page, page)).toEqual([])
    expect(idsOf(page, structuredClone(page))).toEqual([])
    expect(idsOf(page, pageOf(line(1, leaf), line(2), line(3)))).toEqual([line(1).id, line(2).id])
  })

  it('are not where more of the page is another', () => {
    const [first, second] = [line(1).id, line(2).id]
    const restyled = withPlacementChanged(page, first, (one) => ({ ...one, styles: leaf }))
    expect(idsOf(page, { ...restyled, title: 'Start' })).toBeNull()
    expect(
      idsOf(
        page,
        withPlacementChanged(restyled, second, (one) => ({ ...one, heading: 'News' })),
      ),
    ).toBeNull()
    expect(idsOf(page, withPlacementMoved(restyled, second, 'shelf', 0))).toBeNull()
    expect(idsOf(page, pageOf(line(1, leaf), line(2, leaf)))).toBeNull()
  })
})

describe('the styles of a fitting', () => {
  it('are kept with it, as looks may have them', () => {
    fc.assert(
      fc.property(anyStyles(['rule', 'heading'], [640, 1000]), (styles) => {
        const styled = pageOf(line(1, styles))
        expect(parsePage(JSON.parse(JSON.stringify(styled)))).toEqual({ ok: true, value: styled })
      }),
    )
  })

  it('are refused where they are none, by their place', () => {
    const faults = parsePage(
      pageOf(line(1, [{ target: 'rule', state: null, below: null, set: { weight: 2000 } }])),
    )
    expect(faults.ok ? [] : faults.faults.map(({ path }) => path)).toEqual([
      'areas.main[0].columns[0].placements[0].styles[0].set.weight',
    ])
  })
})
