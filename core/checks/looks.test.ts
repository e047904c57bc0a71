import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { defaultCard } from '../cards/card'
import { newListing } from '../listing/definition'
import type { Listing } from '../listing/definition'
import { defaultLook } from '../listing/look'
import { contrastOf, readColour } from '../looks/colour'
import type { StyleValues } from '../looks/properties'
import { noGroundPicture } from '../looks/properties/grounds'
import { readyMadeLooks } from '../looks/ready-made'
import { defaultValues } from '../looks/site-values'
import type { PageSet, SiteValues } from '../looks/site-values'
import { merged, valueAt } from '../looks/styles'
import type { Styles } from '../looks/styles'
import { areaOf } from '../pages/frames'
import type { State } from '../style/targets'
import { styles as anyStyles } from '../../tests/support/style-arbitraries'
import type { CheckedListing, OverPicture } from './define'
import { findingsOf } from './index'
import { faintTexts } from './measured-texts'
import type { CheckedTexts, MeasuredText } from './measured-texts'

const area = areaOf('main-side', 'main')
if (area === undefined) throw new Error('The frame has a main area.')
const main = area

const parts = ['picture', 'title', 'summary']
const carried: Listing['card'] = {
  ...defaultCard,
  parts: defaultCard.parts.map((part) => ({ ...part, on: parts.includes(part.part) })),
}
const overCard: Listing['card'] = {
  ...carried,
  parts: carried.parts.map((part) => (part.part === 'title' ? { ...part, zone: 'over' } : part)),
}
const listingOf = (own: Styles): Listing => ({
  ...newListing('Latest', 1),
  card: carried,
  look: { ...defaultLook, own },
})
const set = (
  target: string,
  values: StyleValues,
  state: State | null = null,
  below: number | null = null,
) => ({
  target,
  state,
  below,
  set: values,
})

function found(
  check: string,
  own: Styles,
  followed: Styles = [],
  pages: PageSet = 'light',
  values: SiteValues = defaultValues,
) {
  const listing = listingOf(own)
  const checked: CheckedListing = { placement: 'one', listing, followed, box: main, cards: [], passing: 9 }
  const page = {
    listings: [checked],
    letters: null,
    placeholder: 'sprig',
    values: { ...values, pages },
  }
  return findingsOf({ ...page, placeholder: 'sprig' }).filter((finding) => finding.check === check)
}

const picture = (darkest: number, lightest: number) => ({
  ...noGroundPicture,
  picture: 1,
  source: '/media/0123456789abcdef/1600',
  darkest,
  lightest,
})

describe('what can hardly be read', () => {
  it('is told of what lies on a picture, by its darkest and its lightest area, and what veils it', () => {
    const on = (darkest: number, lightest: number, veil: string | null, ground?: string) => [
      set('card', {
        'ground-picture': picture(darkest, lightest),
        ...(ground === undefined ? {} : { ground }),
        ...(veil === null
          ? {}
          : {
              gradient: {
                angle: 0,
                colours: [
                  { colour: veil, at: 0 },
                  { colour: veil, at: 100 },
                ],
              },
            }),
      }),
      set('summary', { colour: '#ffffff' }),
    ]
    const told = (own: Styles) =>
      found('faint-text', own).some((finding) => finding.text.startsWith('Summary'))
    expect(told(on(0, 20, null))).toBe(false)
    expect(told(on(0, 200, null))).toBe(true)
    // The colour below a picture has no say.
    expect(told(on(0, 200, null, '#000000'))).toBe(true)
    // Half of white under half of black is #808080: 3.9 to 1; a fifth of it is #333333: 12.6.
    expect(told(on(0, 255, '#00000080'))).toBe(true)
    expect(told(on(0, 255, '#000000cc'))).toBe(false)
  })

  it('is told of what lies over pictures, by what was measured there and what veils it', () => {
    const measured = { darkest: 30, lightest: 240, across: [0, 1], down: [0.4, 0.9] } as const
    const told = (own: Styles, over: Readonly<Record<string, OverPicture>> = { title: measured }) => {
      const listing = { ...listingOf(own), card: overCard }
      const checked = { placement: 'one', listing, followed: [], box: main, cards: [], passing: 9, over }
      const page = {
        listings: [checked],
        letters: null,
        placeholder: 'sprig',
        values: defaultValues,
      } as const
      return findingsOf(page).filter(({ check, show }) => check === 'faint-text' && show.part === 'title')
    }
    // The site’s own veil holds up white, and no dark letters.
    expect(told([set('title', { colour: '#ffffff' })])).toEqual([])
    expect(told([set('title', { colour: '#1d2b24' })])).toHaveLength(1)
    // Without a veil the picture decides, by its lightest area for light letters.
    const none = { angle: 0, colours: [] }
    const bare = [set('card-over', { gradient: none })]
    expect(told(bare)).toHaveLength(1)
    expect(told(bare, { title: { ...measured, lightest: 60 } })).toEqual([])
    expect(told([set('card-over', { gradient: none, ground: '#000000b3' })])).toEqual([])
    expect(told([set('card-over', { gradient: none, ground: '#00000033' })])).toHaveLength(1)
    // Nothing is told of what was not measured.
    expect(told(bare, {})).toEqual([])
  })

  it('is told with its contrast, worst first, and the nearest colour that can be', () => {
    // #777777 on #ffffff is 4.48 (WCAG 2.2, a worked value of many; told as 4.4).
    const grey = [set('card', { ground: '#ffffff' }), set('summary', { colour: '#777777' })]
    const [finding] = found('faint-text', grey)
    expect(finding?.text).toBe('Summary has 4.4 to 1 with its ground: 4.5 is the least that all can read.')
    const mended = finding?.mends[0]?.edit(listingOf(grey)).look.own ?? []
    const colour = readColour(valueAt(mended, 'summary', 'colour', { states: [], width: 800 }) ?? '')
    const white = readColour('#ffffff')
    if (colour === null || white === null) throw new Error('There is no colour.')
    expect(contrastOf(colour, white)).toBeGreaterThanOrEqual(4.5)
    expect(found('faint-text', mended)).toEqual([])
    expect(
      found('faint-text', [set('card', { ground: '#ffffff' }), set('summary', { colour: '#767676' })]),
    ).toEqual([])
  })

  it('is told of the state and the set of the palette in which it is so', () => {
    expect(found('faint-text', [set('title', { colour: '#fffef9' }, 'pointed')])[0]?.text).toBe(
      'Title has 1.0 to 1 with its ground where its card is pointed at: 4.5 is the least that all can read.',
    )
    const dark = [set('title', { colour: '#1d2b24' })]
    expect(found('faint-text', dark)).toEqual([])
    expect(found('faint-text', dark, [], 'visitor')[0]?.text).toContain('with its ground on dark pages')
    expect(found('faint-text', dark, [], 'dark')[0]?.text).toContain('with its ground: 4.5')
    // No colour can be read on both papers: that of the palette comes back.
    const [onBoth] = found('faint-text', dark, [], 'visitor')
    expect(onBoth?.mends.map(({ title }) => title)).toEqual(['Put its colour back'])
    expect(onBoth?.mends[0]?.edit(listingOf(dark)).look.own).toEqual([])
    // On a ground of its own with the set that suits it, the page's set does not matter.
    const ground = set('card', { ground: '#fffef9', scheme: 'light', colour: '#1d2b24' })
    expect(found('faint-text', [ground], [], 'visitor')).toEqual([])
    expect(found('faint-text', [set('card', { ground: '#fffef9' })], [], 'visitor')).not.toEqual([])
  })

  it('is less for letters that are large, and of what the look leaves alone nothing is told', () => {
    const grey = (letterSize: '23px' | '24px') => [set('title', { colour: '#8a8a8a', letterSize })]
    expect(found('faint-text', grey('23px'))).toHaveLength(1)
    expect(found('faint-text', grey('24px'))).toEqual([])
    expect(found('faint-text', [set('title', { weight: 700 })])).toEqual([])
  })

  it('is nothing of the looks that a site begins with, on light and on dark pages', () => {
    for (const { styles, title } of readyMadeLooks)
      expect(found('faint-text', [], styles, 'visitor'), title).toEqual([])
  })
})

describe('letters that are small', () => {
  it('are told with their size, and set to the least', () => {
    const [finding] = found('small-letters', [], [set('summary', { letterSize: '0.7rem' })])
    expect(finding?.text).toBe('Summary has letters of 11.2 px: 12 is the least that all can read.')
    expect(finding?.mends[0]?.edit(listingOf([])).look.own).toEqual([set('summary', { letterSize: '12px' })])
    const small = { ...defaultValues, letterSizes: [{ name: 'note', value: 10, unit: 'px' as const }] }
    expect(
      found('small-letters', [set('summary', { letterSize: 'note' })], [], 'light', small)[0]?.text,
    ).toContain('10 px')
    for (const letterSize of ['12px', '0.75rem', '0.5em', 'note', 'gone'] as const)
      expect(found('small-letters', [set('summary', { letterSize })])).toEqual([])
  })
})

describe('what is too small to be pressed', () => {
  it('is told with its size, and set to the least', () => {
    const small = [set('page-link', { 'most-height': '20px', 'most-width': '1rem' })]
    const all = found('small-targets', [], small)
    expect(all.map(({ text }) => text)).toEqual([
      'Way to other pages is 16 px wide at most: 24 is the least that a finger hits.',
      'Way to other pages is 20 px high at most: 24 is the least that a finger hits.',
    ])
    const mended = all.reduce((before, { mends }) => mends[0]?.edit(before) ?? before, listingOf([]))
    expect(found('small-targets', mended.look.own, small)).toEqual([])
  })

  it('is nothing that has room enough, goes by what is around it, or is not pressed', () => {
    for (const [target, length] of [
      ['page-link', '24px'],
      ['page-link', '1em'],
      ['page-link', '50%'],
      ['title', '8px'],
      ['tab', '8px'],
    ] as const)
      expect(found('small-targets', [set(target, { 'most-height': length })]), target).toEqual([])
  })
})

describe('what is set and not seen', () => {
  it('is of something that the listing has not, or is covered', () => {
    expect(found('idle-styles', [set('topic', { weight: 700 })])[0]?.text).toBe(
      'Something is set of terms, which it has not.',
    )
    const gradient = {
      angle: 0,
      colours: [
        { colour: 'paper', at: 0 },
        { colour: 'line', at: 100 },
      ],
    }
    expect(found('idle-styles', [set('card', { ground: '#ffffff', gradient })])[0]?.text).toBe(
      'The ground of card is not seen: its gradient covers it.',
    )
    const through = {
      angle: 0,
      colours: [
        { colour: '#ffffff80', at: 0 },
        { colour: 'line', at: 100 },
      ],
    }
    expect(found('idle-styles', [set('card', { ground: '#ffffff', gradient: through })])).toEqual([])
  })

  it('is what would be the same without it', () => {
    const bold = set('title', { weight: 700 })
    expect(found('idle-styles', [bold], [bold])[0]?.text).toBe(
      'The weight of title is not seen: it would be the same without it.',
    )
    expect(found('idle-styles', [bold, set('title', { weight: 700 }, 'pointed')])).toHaveLength(1)
    // What takes back what the look says of a state is seen.
    const look = [bold, set('title', { weight: 400 }, 'pointed')]
    expect(found('idle-styles', [set('title', { weight: 700 }, 'pointed')], look)).toEqual([])
  })

  it('is gone once it is put back, and nothing else is', () => {
    const some = anyStyles(['title', 'card'], [400])
    fc.assert(
      fc.property(some, some, (own, followed) => {
        const before = merged(followed, own)
        for (const { mends, text } of found('idle-styles', own, followed)) {
          if (text.includes('covers')) continue
          const after = mends[0]?.edit(listingOf(own)).look.own ?? []
          expect(after.length).toBeLessThanOrEqual(own.length)
          const then = merged(followed, after)
          for (const seen of [[], ['pointed'], ['focused'], ['pointed', 'focused']] as const)
            for (const width of [300, 800])
              for (const target of ['title', 'card'])
                for (const name of ['weight', 'ground', 'colour', 'letterSize'] as const)
                  expect(valueAt(then, target, name, { states: seen, width })).toEqual(
                    valueAt(before, target, name, { states: seen, width }),
                  )
        }
      }),
      { numRuns: 300 },
    )
  })
})

describe('what was measured to be hard to read', () => {
  const text = {
    name: 'search-button',
    title: 'Button',
    state: null,
    set: null,
    ratio: 3.49,
    least: 4.5,
    nearest: '#ffffff',
  } as const
  const found = (change: Partial<MeasuredText>, of: CheckedTexts['of'] = 'fitting') =>
    faintTexts({ placement: 'one', of, texts: [{ ...text, ...change }] })

  it('of a fitting is told as it was, and mended by the nearest colour', () => {
    const [faint, ...more] = found({})
    expect(more).toEqual([])
    expect(faint).toMatchObject({
      check: 'faint-text',
      placement: 'one',
      text: 'Button has 3.4 to 1 with its ground: 4.5 is the least that all can read.',
    })
    expect(faint?.restyles?.[0]?.restyle([])).toEqual([
      { target: 'search-button', state: null, below: null, set: { colour: '#ffffff' } },
    ])
    expect(found({ ratio: 4.5 })).toEqual([])
    expect(found({ ratio: 2, nearest: null })[0]?.restyles).toEqual([])
  })

  it('is told of the state and the set in which it was hardest to read, and mended there', () => {
    const [faint, ...more] = faintTexts({
      placement: 'one',
      of: 'listing',
      texts: [
        { ...text, name: 'tab', title: 'Tab', set: 'light' },
        { ...text, name: 'tab', title: 'Tab', state: 'chosen', set: 'dark', ratio: 1.2 },
        // A large text may be fainter: what counts is how far it is from what all can read.
        { ...text, name: 'heading', title: 'Heading', state: 'pointed', ratio: 2.9, least: 3 },
      ],
    })
    expect([faint, ...more].map((one) => one?.text)).toEqual([
      'Tab has 1.2 to 1 with its ground where it is chosen on dark pages: 4.5 is the least that all can read.',
      'Heading has 2.9 to 1 with its ground where it is pointed at: 3 is the least that all can read.',
    ])
    expect(faint?.restyles).toBeUndefined()
    const mended = faint?.mends[0]?.edit(newListing('All', 1))
    expect(mended?.look.own).toEqual([
      { target: 'tab', state: 'chosen', below: null, set: { colour: '#ffffff' } },
    ])
  })
})
