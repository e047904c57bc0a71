import { readdirSync, readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newListing, parseListing, storedListing } from '../listing/definition'
import { mostControls } from '../listing/visitors'
import { besideControls, listingBox } from '../pages/bands/geometry'
import { boxWidthOn } from '../pages/frames'
import { faultsOf } from '../parsing'
import { allControlTargets, controlTargets } from '.'
import { newAmountControl } from './amount'
import { newCompareControl } from './compare'
import { newRangeControl } from './range'
import { newSearchControl } from './search'
import { newSortControl } from './sort'
import { newTermsControl } from './terms'

const site = new URL('../../site/', import.meta.url)
const listing = newListing('Notes', 1)
const faultsIn = (visitors: unknown) =>
  faultsOf(parseListing({ ...listing, visitors })).map((one) => one.path)
const sortBy = (order: unknown) => ({ ...newSortControl, orders: [{ name: '', order }] })
const some = (count: number) => Array.from({ length: count }, (_, at) => newTermsControl(at + 1))

describe('what visitors can do with a listing', () => {
  it('is kept with it, and is not said where it is nothing', () => {
    expect(storedListing(listing)).not.toHaveProperty('visitors')
    const narrowed = { ...listing, visitors: { place: 'below', controls: some(mostControls) } as const }
    expect(parseListing(storedListing(narrowed))).toEqual({ ok: true, value: narrowed })
  })

  it.each([
    ['a place', { place: 'behind', controls: [] }, 'visitors.place'],
    ['a kind', { controls: [{ control: 'wheel' }] }, 'visitors.controls[0]'],
    ['too many', { controls: some(mostControls + 1) }, 'visitors.controls'],
    ['two searches', { controls: [newSearchControl, newSearchControl] }, 'visitors.controls[1]'],
    ['no button', { controls: [{ ...newSearchControl, button: '' }] }, 'visitors.controls[0].button'],
    ['an order that is none', { controls: [sortBy({})] }, 'visitors.controls[0].orders[0].order'],
    [
      'an order by chance',
      { controls: [sortBy({ keys: [{ by: 'shuffle', span: 'visit', number: 1 }], pinned: 'first' })] },
      'visitors.controls[0].orders[0].order',
    ],
    ['no order', { controls: [{ ...newSortControl, orders: [] }] }, 'visitors.controls[0].orders'],
    [
      'falling numbers',
      { controls: [{ ...newAmountControl, amounts: [24, 12] }] },
      'visitors.controls[0].amounts',
    ],
    [
      'a number past it',
      { controls: [{ ...newAmountControl, amounts: [201] }] },
      'visitors.controls[0].amounts[0]',
    ],
    ['one facet twice', { controls: [newTermsControl(3), newTermsControl(3)] }, 'visitors.controls[1]'],
    [
      'a label',
      { controls: [{ ...newTermsControl(3), label: 'x'.repeat(81) }] },
      'visitors.controls[0].label',
    ],
    ['a number', { controls: [{ ...newTermsControl(3), most: 0 }] }, 'visitors.controls[0].most'],
    ['anything else', { controls: [{ ...newTermsControl(3), colour: 'red' }] }, 'visitors.controls[0]'],
    ['controls that are none', { controls: [null, 'terms'] }, 'visitors.controls[0]'],
  ])('is refused for %s', (_, visitors, path) => {
    expect(faultsIn(visitors)).toContain(path)
  })

  it('can be styled where it is there, by what pages have', () => {
    const components = readdirSync(site, { recursive: true, encoding: 'utf8' })
      .filter((name) => name.endsWith('.vue'))
      .map((name) => readFileSync(new URL(name, site), 'utf8'))
      .join('\n')
    for (const { name, selector = `.${name}` } of allControlTargets)
      expect(components, name).toContain(/^\.([a-z-]+)/.exec(selector)?.[1])
    expect(
      controlTargets([...some(2), newRangeControl(1), newSearchControl, newSortControl, newCompareControl]),
    ).toEqual(allControlTargets)
    expect(controlTargets([])).toEqual([])
  })

  it('takes room beside the listing only where both have it, as the style sheet does', () => {
    const css = readFileSync(new URL('styles/visitors.css', site), 'utf8')
    const { width, gap, from } = besideControls
    expect(css).toContain(`@container placement (min-width: ${from}px)`)
    expect(css).toContain(`grid-template-columns: ${width}px minmax(0, 1fr);\n    column-gap: ${gap}px;`)
    const box = {
      widths: [
        { from: 0, factor: 1, plus: -40 },
        { from: 1000, factor: 0.5, plus: 100 },
      ],
    }
    const places = fc.constantFrom('before' as const, 'after' as const)
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3000 }), places, (page, place) => {
        const whole = boxWidthOn(box, page)
        const own = boxWidthOn(listingBox(box, { place, controls: some(1) }), page)
        expect(own).toBeCloseTo(whole >= from ? whole - width - gap : whole)
        expect(listingBox(box, { place, controls: [] })).toBe(box)
        expect(listingBox(box, { place: 'above', controls: some(1) })).toBe(box)
      }),
    )
  })
})
