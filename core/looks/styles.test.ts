import fc from 'fast-check'
import { noGroundPicture } from './properties/grounds'
import { transform } from 'lightningcss'
import { describe, expect, it } from 'vitest'
import { styleValues, styledProperties, styles } from '~~/tests/support/style-arbitraries'
import { cssOf } from '../style/rules'
import { states } from '../style/targets'
import type { StyleTarget } from '../style/targets'
import { compiled } from './compile'
import { properties } from './properties'
import type { PropertyName, StyleValues } from './properties'
import { departing, merged, parseStyles, shownIn, sourceOf, valueAt, withValue } from './styles'
import type { SeenAs, Styles } from './styles'

const title: StyleTarget = { name: 'title', title: 'Title', selector: '.title', heldBy: '.card' }
const tab: StyleTarget = { name: 'tab', title: 'Tab', selector: '.tab', chosen: "[aria-selected='true']" }
const targets = [title, tab]
const some = styles(['title', 'tab'], [400, 700])

const seen = fc.record({
  states: fc.subarray([...states]),
  width: fc.constantFrom(300, 399, 400, 500, 699, 700, 1200),
})
const names = fc.constantFrom(...properties.names)

function faultsOf(input: unknown): readonly string[] {
  const parsed = parseStyles(input)
  return parsed.ok ? [] : parsed.faults.map(({ path }) => path)
}

describe('styles', () => {
  it('can be made of each property, and are read as they were stated', () => {
    expect([...styledProperties].toSorted()).toEqual([...properties.names].toSorted())
    fc.assert(
      fc.property(some, (all) => {
        expect(parseStyles(structuredClone(all))).toEqual({ ok: true, value: all })
      }),
    )
  })

  it.each([
    [{ letterSize: '5px' }, 'letterSize'],
    [{ letterSize: '201px' }, 'letterSize'],
    [{ letterSize: '12.51em' }, 'letterSize'],
    [{ letterSize: '50%' }, 'letterSize'],
    [{ letterSize: '1e2px' }, 'letterSize'],
    [{ letterSize: '20' }, 'letterSize'],
    [{ letterSize: 20 }, 'letterSize'],
    [{ letterSize: 'Large' }, 'letterSize'],
    [{ letterSize: 'large;' }, 'letterSize'],
    [{ letterSpacing: 'large' }, 'letterSpacing'],
    [{ 'least-width': 'wide' }, 'least-width'],
    [{ weight: 0 }, 'weight'],
    [{ weight: 1001 }, 'weight'],
    [{ weight: 1.5 }, 'weight'],
    [{ lineHeight: 0.7 }, 'lineHeight'],
    [{ family: 'Comic' }, 'family'],
    [{ colour: 'red;' }, 'colour'],
    [{ colour: '#fff' }, 'colour'],
    [{ colour: '#FFFFFF' }, 'colour'],
    [{ colour: 'url(x)' }, 'colour'],
    [{ colour: '-ink' }, 'colour'],
    [{ gradient: { angle: 361, colours: [] } }, 'gradient.angle'],
    [{ gradient: { angle: 0, colours: [{ colour: 'ink', at: 0 }] } }, 'gradient.colours'],
    [
      {
        gradient: {
          angle: 0,
          colours: [
            { colour: 'i nk', at: 0 },
            { colour: 'ink', at: 1 },
          ],
        },
      },
      'gradient.colours[0].colour',
    ],
    [
      { 'ground-picture': { ...noGroundPicture, source: '/media/0123456789abcdef/1600)' } },
      'ground-picture.source',
    ],
    [
      { 'ground-picture': { ...noGroundPicture, source: 'https://example.org/a.png' } },
      'ground-picture.source',
    ],
    [{ 'ground-picture': { ...noGroundPicture, source: '/media/x/1' } }, 'ground-picture.source'],
    [
      { 'ground-picture': { ...noGroundPicture, source: '/media/0123456789abcdef/0' } },
      'ground-picture.source',
    ],
    [{ 'ground-picture': { ...noGroundPicture, lightest: 256 } }, 'ground-picture.lightest'],
    [{ 'inside-top': '-1px' }, 'inside-top'],
    [{ 'border-end': { width: 1, line: 'wavy', colour: 'ink' } }, 'border-end.line'],
    [{ 'border-end': { width: 41, line: 'solid', colour: 'ink' } }, 'border-end.width'],
    [{ 'corner-top-start': '101%' }, 'corner-top-start'],
    [{ covers: 101 }, 'covers'],
    [{ glide: 2001 }, 'glide'],
    [{ position: 'fixed' }, ''],
  ])('are refused where they say %j, and where is said', (set, path) => {
    const at = `[0].set${path === '' ? '' : `.${path}`}`
    expect(faultsOf([{ target: 'title', state: null, below: null, set }])).toContain(at)
  })

  it('set a target once for a state and a width', () => {
    const one = { target: 'title', state: null, below: null, set: {} }
    expect(faultsOf([one, { ...one, below: 400 }, one])).toEqual(['[2]'])
    expect(faultsOf([{ ...one, target: 'Title{}' }])).toEqual(['[0].target'])
    expect(faultsOf([{ ...one, state: 'visited' }])).toEqual(['[0].state'])
    expect(faultsOf([{ ...one, below: 0 }])).toEqual(['[0].below'])
    expect(faultsOf(Array.from({ length: 401 }, (_, at) => ({ ...one, below: at + 1 })))).toEqual([''])
  })

  it('prevail by state, then in narrower boxes', () => {
    const at = (state: Styles[number]['state'], below: number | null, weight: number) =>
      ({ target: 'tab', state, below, set: { weight } }) as const
    const all: Styles = [
      at('focused', null, 5),
      at(null, 400, 3),
      at('pointed', null, 4),
      at(null, 700, 2),
      at(null, null, 1),
    ]
    const weight = (width: number, ...held: SeenAs['states']) =>
      valueAt(all, 'tab', 'weight', { states: held, width })
    expect([weight(700), weight(699), weight(399)]).toEqual([1, 2, 3])
    expect([weight(399, 'pointed'), weight(399, 'focused', 'pointed'), weight(800, 'chosen')]).toEqual([
      4, 5, 1,
    ])
    expect(valueAt(all, 'tab', 'colour', { states: [], width: 500 })).toBeUndefined()
    expect(valueAt(all, 'title', 'weight', { states: [], width: 500 })).toBeUndefined()
  })
})

describe('a state that is shown', () => {
  it('is as it is where that holds, at every width, and changes nothing else', () => {
    fc.assert(
      fc.property(some, names, seen, fc.constantFrom(...states), (all, name, { width }, state) => {
        const shown = shownIn(all, { target: 'title', state })
        const as = (held: SeenAs['states']) => ({ states: held, width })
        expect(valueAt(shown, 'title', name, as([]))).toEqual(valueAt(all, 'title', name, as([state])))
        expect(valueAt(shown, 'tab', name, as([state]))).toEqual(valueAt(all, 'tab', name, as([state])))
      }),
      { numRuns: 1000 },
    )
  })
})

describe('departures from a look', () => {
  it('hold where they are set; what they leave is the look’s, in every state and width', () => {
    fc.assert(
      fc.property(some, some, names, fc.constantFrom('title', 'tab'), seen, (look, own, name, target, as) => {
        const value = valueAt(merged(look, own), target, name, as)
        const source = sourceOf({ look, own }, target, name, as)
        expect(source === 'site').toBe(value === undefined)
        // Layer over layer, as a browser has it: the listing's, and where it is silent the look's.
        const layered = valueAt(departing(look, own), target, name, as) ?? valueAt(look, target, name, as)
        expect(layered).toEqual(value)
        if (source === 'listing') expect(value).toEqual(valueAt(own, target, name, as))
        if (valueAt(own, target, name, as) === undefined) expect(source).not.toBe('listing')
      }),
      { numRuns: 1000 },
    )
  })

  it('are put back one by one', () => {
    const place = { target: 'title', state: 'pointed', below: null } as const
    fc.assert(
      fc.property(some, whole, (before, weight) => {
        const set = withValue(before, place, 'weight', weight)
        const as = { states: ['pointed'], width: 800 } as const
        expect(valueAt(set, 'title', 'weight', as)).toBe(weight)
        const back = withValue(set, place, 'weight', undefined)
        const own = back.find(
          ({ target, state, below }) => target === 'title' && state === 'pointed' && below === null,
        )
        expect(own?.set ?? {}).not.toHaveProperty('weight')
        expect(own === undefined || Object.keys(own.set).length > 0).toBe(true)
        expect(parseStyles(back).ok).toBe(true)
      }),
    )
  })
})

const whole = fc.integer({ min: 1, max: 1000 })

describe('the style sheet of a look', () => {
  it('is read without a fault, and has the same bytes in whatever order it is stated', () => {
    fc.assert(
      fc.property(some, (all) => {
        const css = cssOf(compiled(all, targets, '[data-placement="a"]'))
        const { warnings } = transform({ filename: 'look.css', code: Buffer.from(css), errorRecovery: true })
        expect(warnings).toEqual([])
        expect(cssOf(compiled(all.toReversed(), targets, '[data-placement="a"]'))).toBe(css)
      }),
    )
  })

  it('is small and can be read', () => {
    const set: StyleValues = { letterSize: '21px', colour: 'accent', 'inside-start': '1em' }
    const of = (styling: Partial<Styles[number]>, target = title) =>
      cssOf(compiled([{ target: target.name, state: null, below: null, set, ...styling }], targets, '.a'))
    const held = 'font-size:21px;color:var(--accent);padding-inline-start:1em'
    expect(of({})).toBe(`:where(.a .title){${held}}`)
    expect(of({ state: 'pointed' })).toBe(`:where(.a .card:hover .title){${held}}`)
    expect(of({ state: 'focused' }, tab)).toBe(
      `:where(.a .tab:is(:focus-visible, :has(:focus-visible))){${held}}`,
    )
    expect(of({ state: 'chosen', below: 400 }, tab)).toBe(
      `@container listing (width < 400px){:where(.a .tab[aria-selected='true']){${held}}}`,
    )
    // A title is never chosen, and what is no target of the listing is not there.
    expect(of({ state: 'chosen' })).toBe('')
    expect(of({ target: 'dot' })).toBe('')
  })

  it('lets motion be for those who like it, and what appears be hidden from those who can point alone', () => {
    const css = cssOf(
      compiled(
        [{ target: 'title', state: null, below: null, set: { glide: 200, appears: 'while pointed at' } }],
        targets,
        '.a',
      ),
    )
    expect(css.split('\n').map((line) => line.split('{')[0])).toEqual([
      '@media (hover:hover)',
      '@media (prefers-reduced-motion:no-preference)',
    ])
  })

  it('has declarations of its own for each property', () => {
    fc.assert(
      fc.property(styleValues, (set) => {
        const said = Object.keys(set).map((name) => {
          const property = properties.get(name as PropertyName)
          return Object.keys(property.css(set[name as PropertyName] as never))
        })
        const own = said.flat().filter((declared) => !['opacity', 'background-image'].includes(declared))
        expect(new Set(own).size).toBe(own.length)
      }),
    )
  })
})
