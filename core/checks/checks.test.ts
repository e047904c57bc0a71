import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { defaultCard } from '../cards/card'
import type { PartSetting } from '../cards/parts'
import { takeAt } from '../listing/amount'
import { newListing, parseListing } from '../listing/definition'
import type { Listing } from '../listing/definition'
import { defaultValues } from '../looks/site-values'
import { areaOf } from '../pages/frames'
import { shapes, switchedShape } from '../shapes'
import type { ShapeChoice } from '../shapes'
import type { CheckedListing, CheckedPage, ShownCard } from './define'
import { findingsOf } from './index'
import { fillingCounts } from './row-holes'
import { defaultLook } from '../listing/look'
import { newAuthorsControl } from '../visitors/authors'
import { newTermsControl } from '../visitors/terms'
import { newValuesControl } from '../visitors/values'
import type { StyleValues } from '../looks/properties'
import type { Styling } from '../looks/styles'
import { largestPicture } from './soft-pictures'

const area = areaOf('main-side', 'main')
if (area === undefined) throw new Error('The frame has a main area.')
const main = area

const large = { width: 2400, height: 1600 }

function cards(count: number, change: Partial<ShownCard> = {}): readonly ShownCard[] {
  return Array.from({ length: count }, (_, at) => ({
    entry: at + 1,
    title: `Entry ${at + 1}`,
    isCut: false,
    picture: large,
    words: 20,
    date: null,
    ...change,
  }))
}

function listingOf(change: Partial<Listing> = {}): Listing {
  return { ...newListing('Latest', 1), ...change }
}

function checked(
  listing: Listing,
  shown: readonly ShownCard[],
  change: Partial<CheckedListing> = {},
): CheckedListing {
  return { placement: 'one', listing, followed: [], box: main, cards: shown, passing: 100, ...change }
}

function found(
  check: string,
  listings: readonly CheckedListing[],
  letters: CheckedPage['letters'] = { summary: 7 },
  placeholder: CheckedPage['placeholder'] = 'sprig',
) {
  return findingsOf({ listings, letters, placeholder, values: defaultValues }).filter(
    (finding) => finding.check === check,
  )
}

function cardOf(...parts: readonly PartSetting[]): Listing['card'] {
  return { ...defaultCard, parts }
}

function shapeOf<Name extends ShapeChoice['name']>(name: Name, change: object = {}): ShapeChoice {
  return {
    ...switchedShape(listingOf().shape, name),
    ...shapes.get(name).defaults,
    name,
    ...change,
  } as ShapeChoice
}

describe('what visitors can do', () => {
  const controls = [newTermsControl(1), { ...newTermsControl(2), layout: 'list' as const }]
  const narrowed = listingOf({ visitors: { place: 'above', controls } })
  const offering = (...offered: readonly number[]) => [checked(narrowed, cards(6), { offered })]

  it('is told where a bar is longer than is taken in at a glance, and mended', () => {
    const [bar, ...more] = found('long-bar', offering(13, 40))
    expect(more).toEqual([])
    expect(bar?.text).toContain('13 terms side by side')
    const mended = bar?.mends.map((mend) => mend.edit(narrowed).visitors.controls)
    expect(mended).toEqual([
      [{ ...controls[0], offer: 'most-used', most: 8 }, controls[1]],
      [{ ...controls[0], layout: 'list' }, controls[1]],
    ])
    expect(found('long-bar', offering(12, 40))).toEqual([])
    const others = [{ ...newAuthorsControl, layout: 'bar' as const }, newValuesControl(3)]
    const crowded = listingOf({ visitors: { place: 'above', controls: others } })
    const told = found('long-bar', [checked(crowded, cards(6), { offered: [13, 14] })])
    expect(told.map(({ text }) => text.split(' side')[0])).toEqual([
      'Visitors find 13 authors',
      'Visitors find 14 choices',
    ])
    expect(told.map(({ mends }) => mends.length)).toEqual([2, 1])
    expect(told[0]?.mends[0]?.edit(crowded).visitors.controls).toEqual([{ ...others[0], most: 8 }, others[1]])
    expect(found('long-bar', [checked(narrowed, cards(6))])).toEqual([])
  })

  it('is told where a control offers nothing, and mended', () => {
    const [idle, ...more] = found('idle-controls', offering(3, 0))
    expect(more).toEqual([])
    expect(idle?.text).toContain('The second control offers nothing')
    expect(idle?.mends[0]?.edit(narrowed).visitors.controls).toEqual([controls[0]])
    expect(found('idle-controls', offering(3, 1))).toEqual([])
    expect(found('idle-controls', [checked(narrowed, cards(6))])).toEqual([])
  })
})

describe('a hole in the last row', () => {
  it('is told with the counts that fill every row at every width', () => {
    const [hole] = found('row-holes', [
      checked(listingOf({ amount: { ...listingOf().amount, take: 8 } }), cards(8)),
    ])
    expect(hole?.text).toBe('8 entries in rows of 3 leave a hole of 1 in the last row.')
    expect(hole?.mends.map((mend) => mend.title)).toEqual(['Show 6', 'Show 12'])
    expect(hole?.mends[0]?.edit(listingOf()).amount.take).toBe(6)
    expect(found('row-holes', [checked(listingOf(), cards(6))])).toEqual([])
    expect(found('row-holes', [checked(listingOf(), cards(2))])).toEqual([])
  })

  it('is gone after any of the counts that are offered', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 0, max: 80 }),
        (columns, shown, passing) => {
          for (const count of fillingCounts(columns, shown, passing)) {
            expect(count).toBeLessThanOrEqual(passing)
            for (const one of columns) expect(count % one).toBe(0)
          }
        },
      ),
    )
  })
})

describe('soft pictures', () => {
  it('are those with fewer pixels than their box, then those short of twice that', () => {
    const listing = listingOf()
    const largest = largestPicture({ listing, followed: [], box: main }, defaultValues)
    const width = Math.floor(largest?.width ?? 0)
    const with_ = (picture: ShownCard['picture']) =>
      found('soft-pictures', [checked(listing, cards(3, { picture }))])[0]?.text ?? ''
    expect(with_({ width: width - 1, height: 4000 })).toContain('is stretched')
    expect(with_({ width, height: 4000 })).toContain('double density')
    expect(with_({ width: 2 * width, height: 4000 })).toBe('')
    // Cropped to 3:2, a wide picture has only what its height allows.
    expect(with_({ width: 4000, height: Math.floor(width / 1.5) - 2 })).toContain('is stretched')
    expect(
      found('soft-pictures', [
        checked(
          { ...listing, card: cardOf({ part: 'title', on: true, level: 3 }) },
          cards(3, { picture: null }),
        ),
      ]),
    ).toEqual([])
  })
})

describe('a look', () => {
  const set = (target: string, values: StyleValues): Styling => ({
    target,
    state: null,
    below: null,
    set: values,
  })
  const within = (...own: readonly Styling[]) => listingOf({ look: { ...defaultLook, own } })
  const largest = (...own: readonly Styling[]) =>
    largestPicture({ listing: within(...own), followed: [], box: main }, defaultValues)?.width ?? 0

  it('makes pictures smaller by its borders and by the space inside', () => {
    const border = { width: 10, line: 'solid', colour: 'ink' } as const
    // The named space “medium” is 16 px.
    const room = set('card', { 'inside-start': 'medium', 'inside-end': '20px', 'border-start': border })
    expect(largest(room)).toBeCloseTo(largest() - 46)
    expect(largest(room, set('picture', { 'border-end': border }))).toBeCloseTo(largest() - 56)
    expect(largest(set('card', { 'inside-start': '2em', 'inside-top': '90px' }))).toBeCloseTo(largest())
  })

  it('makes lines shorter by larger letters, by what is between them, and by the space around', () => {
    const lettersIn = (...own: readonly Styling[]) => {
      const shape = shapeOf('grid', { stops: [{ from: 0, columns: 1, columnGap: 0, rowGap: 0 }] })
      const listing = { ...within(...own), shape }
      const text = found('crowded-text', [checked(listing, cards(6, { words: 90 }))])[0]?.text ?? ''
      return Number(/up to (\d+) letters/.exec(text)?.[1] ?? 0)
    }
    const plain = lettersIn()
    expect(plain).toBeGreaterThan(120)
    expect(lettersIn(set('summary', { letterSize: '20px' }))).toBe(Math.floor((plain * 15) / 20))
    expect(lettersIn(set('summary', { letterSpacing: '1px' }))).toBeLessThan(plain - 10)
    expect(lettersIn(set('card', { 'inside-start': '35px', 'inside-end': '35px' }))).toBe(plain - 10)
  })
})

describe('what is missing', () => {
  it('is a picture, once a card shows pictures', () => {
    const shown = [...cards(2), ...cards(1, { entry: 9, title: 'Bare', picture: null })]
    const [finding] = found('missing-pictures', [checked(listingOf(), shown)])
    expect(finding).toMatchObject({
      text: '“Bare” has no picture; a placeholder stands for it.',
      show: { entry: 9 },
    })
    expect(found('missing-pictures', [checked(listingOf(), shown)], null, 'none')).toEqual([])
    const mended = finding?.mends[0]?.edit(listingOf())
    expect(mended && parseListing(mended).ok).toBe(true)
    expect(mended?.from.rules).toEqual([{ rule: 'flag', flag: 'picture', is: true }])
    const only = cardOf({ part: 'picture', on: true, ratio: '3:2', only: { if: 'picture' } })
    expect(found('missing-pictures', [checked(listingOf({ card: only }), shown)])).toEqual([])
  })

  it('is what was asked for and is not there', () => {
    const [few] = found('too-few', [checked(listingOf(), cards(5), { passing: 5 })])
    expect(few?.text).toBe('6 are asked for, and there are 5.')
    expect(few?.mends[0]?.edit(listingOf()).amount.take).toBe(5)
    expect(found('too-few', [checked(listingOf(), cards(6), { passing: 6 })])).toEqual([])
    expect(found('too-few', [checked(listingOf(), [], { passing: 0 })])[0]?.text).toContain('no entry passes')
    expect(found('too-few', [checked(listingOf(), cards(3), { passing: null })])).toEqual([])
  })
})

describe('text', () => {
  const grid = (columns: number) =>
    shapeOf('grid', { stops: [{ from: 0, columns, columnGap: 22, rowGap: 20 }] })

  it('is too short in many columns, too long in one, told by the measured letters', () => {
    expect(found('crowded-text', [checked(listingOf({ shape: grid(6) }), cards(6))])[0]?.text).toMatch(
      /^Lines have only \d+ letters on a page of 320 px/,
    )
    expect(
      found('crowded-text', [checked(listingOf({ shape: grid(1) }), cards(6, { words: 60 }))])[0]?.text,
    ).toMatch(/up to 1\d\d letters/)
    expect(found('crowded-text', [checked(listingOf(), cards(6))])).toEqual([])
    expect(found('crowded-text', [checked(listingOf({ shape: grid(1) }), cards(6, { words: 5 }))])).toEqual(
      [],
    )
    expect(found('crowded-text', [checked(listingOf({ shape: grid(1) }), cards(6))], null)).toEqual([])
  })

  it('of a title is cut by its limit, and shown whole again', () => {
    const listing = listingOf({ card: cardOf({ part: 'title', on: true, level: 3, words: 2 }) })
    const [cut] = found('cut-titles', [checked(listing, cards(2, { isCut: true }))])
    expect(cut?.text).toBe('“Entry 1” and 1 more titles are cut after 2 words.')
    expect(cut?.mends[0]?.edit(listing).card.parts).toEqual([
      { part: 'title', on: true, level: 3, words: undefined },
    ])
  })
})

describe('what only some notice', () => {
  it('is a heading level left out, counted from the headings of groups', () => {
    const titled = (level: number, shape = listingOf().shape) =>
      found('heading-levels', [
        checked(listingOf({ shape, card: cardOf({ part: 'title', on: true, level }) }), cards(1)),
      ])
    expect(titled(3)).toEqual([])
    expect(titled(5)[0]?.text).toContain('from h2 to h5')
    expect(titled(4, shapeOf('grouped'))).toEqual([])
    expect(titled(5, shapeOf('grouped'))[0]?.mends[0]?.title).toBe('Make titles h4')
    expect(titled(0)).toEqual([])
  })

  it('is a link that says the same everywhere', () => {
    const button = { part: 'button', on: true, text: 'Read on', form: 'link' } as const
    const listing = listingOf({ card: cardOf(button) })
    const [silent] = found('silent-links', [checked(listing, cards(3))])
    expect(silent?.mends[0]?.edit(listing).card.parts).toEqual([{ ...button, titled: true }])
    expect(
      found('silent-links', [checked(listingOf({ card: cardOf({ ...button, titled: true }) }), cards(3))]),
    ).toEqual([])
  })

  it('is the same entry twice on a page, said at the second', () => {
    const [first, second] = [
      checked(listingOf(), cards(2)),
      checked(listingOf(), cards(4), { placement: 'two' }),
    ]
    const twice = found('repeated-entries', [first, second])
    expect(twice.map((one) => [one.placement, one.text])).toEqual([
      ['two', '“Entry 1” and 1 more are shown above on this page already.'],
    ])
    const mended = twice[0]?.mends[0]?.edit(second.listing) ?? second.listing
    expect(found('repeated-entries', [first, { ...second, listing: mended }])).toEqual([])
  })

  it('is a row that moves on before it can be read', () => {
    const moving = (autoplay: number | null) => listingOf({ shape: shapeOf('slides', { autoplay }) })
    // 238 words a minute: 40 words take eleven seconds.
    const [hurried] = found('hurried-slides', [checked(moving(6), cards(3, { words: 40 }))])
    expect(hurried?.mends.map((mend) => mend.title)).toEqual(['Wait 11 seconds', 'Do not move by itself'])
    expect(hurried?.mends.map((mend) => mend.edit(moving(6)).shape)).toMatchObject([
      { autoplay: 11 },
      { autoplay: null },
    ])
    expect(found('hurried-slides', [checked(moving(11), cards(3, { words: 40 }))])).toEqual([])
    expect(found('hurried-slides', [checked(moving(null), cards(3, { words: 400 }))])).toEqual([])
  })
})

it('takes the amount at narrow widths into account', () => {
  // Three and two columns: 12 fill both; 3 in the two columns below 500 pixels don't.
  const amount = { ...listingOf().amount, take: 12, stops: [{ below: 500, take: 3 }] }
  expect(takeAt(amount, 460)).toBe(3)
  expect(found('row-holes', [checked(listingOf({ amount }), cards(12))])[0]?.text).toBe(
    '3 entries in rows of 2 leave a hole of 1 in the last row.',
  )
  expect(found('row-holes', [checked(listingOf({ amount: { ...amount, stops: [] } }), cards(12))])).toEqual(
    [],
  )
})

describe('what stands in time', () => {
  it('is told to begin with the list where a month is mostly empty', () => {
    const calendar = listingOf({ shape: shapeOf('calendar') })
    const [finding] = found('empty-month', [checked(calendar, cards(2))])
    expect(finding?.text).toBe('This month has two things on it: visitors see mostly empty days first.')
    const mended = finding?.mends[0]?.edit(calendar)
    expect(mended?.shape).toMatchObject({ views: ['agenda', 'month', 'week'] })
    expect(parseListing(mended)).toMatchObject({ ok: true })
    expect(found('empty-month', [checked(mended ?? calendar, cards(2))])).toEqual([])
    expect(found('empty-month', [checked(calendar, cards(4))])).toEqual([])
  })

  it('is told where cards stretch a line to scale, with the room that they need', () => {
    const line = (change: object) =>
      listingOf({
        shape: shapeOf('timeline', { lay: 'lying', spacing: 'scale', sides: 'both', atOnce: 2, ...change }),
      })
    const [finding] = found('stretched-line', [checked(line({ room: 60 }), cards(5))])
    const room = Number(/(\d+) px of the line/.exec(finding?.text ?? '')?.[1])
    expect(room).toBeGreaterThan(60)
    const mended = finding?.mends[0]?.edit(line({ room: 60 }))
    expect(mended?.shape).toMatchObject({ room })
    expect(parseListing(mended)).toMatchObject({ ok: true })
    expect(found('stretched-line', [checked(mended ?? line({}), cards(5))])).toEqual([])
    const even = finding?.mends[1]?.edit(line({ room: 60 })) ?? line({})
    expect(found('stretched-line', [checked(even, cards(5))])).toEqual([])
    expect(found('stretched-line', [checked(line({ room: 60, lay: 'upright' }), cards(5))])).toEqual([])
  })
})

describe('dates that can’t be right', () => {
  const hour = 3_600_000
  const dated = (
    at: number,
    startsAt: number,
    endsAt: number,
    change: Partial<NonNullable<ShownCard['date']>> = {},
  ): ShownCard => ({
    entry: at,
    title: `Session ${at}`,
    isCut: false,
    picture: null,
    words: 5,
    date: { startsAt, endsAt, track: null, endsBefore: false, outside: null, ...change },
  })
  const textsOf = (check: string, shown: readonly ShownCard[]) =>
    found(check, [checked(listingOf(), shown)]).map(({ text, show }) => [text, show.entry])

  it('are told of what ends before it begins', () => {
    const wrong = { endsBefore: true }
    expect(textsOf('ends-before', [dated(1, 0, hour), dated(2, hour, hour, wrong)])).toEqual([
      ['“Session 2” ends before it begins: visitors get it as over at once.', 2],
    ])
    expect(
      textsOf(
        'ends-before',
        [1, 2, 3].map((at) => dated(at, hour, hour, wrong)),
      ),
    ).toEqual([['“Session 1” and 2 others end before they begin: visitors get them as over at once.', 1]])
    expect(textsOf('ends-before', [dated(1, 0, 0), ...cards(2)])).toEqual([])
  })

  it('are told of what is on while its event is not', () => {
    expect(textsOf('outside-event', [dated(1, 0, hour, { outside: 'The long swap' })])).toEqual([
      ['“Session 1” belongs to “The long swap”, and is on while that is not.', 1],
    ])
    expect(textsOf('outside-event', [dated(1, 0, hour)])).toEqual([])
  })

  it('are told of two in one room at once, and of none where one ends as the other begins', () => {
    const inShed = { track: 'Shed' }
    const [first, second, third] = [
      dated(1, 0, 2 * hour, inShed),
      dated(2, hour, 3 * hour, inShed),
      dated(3, 3 * hour, 4 * hour, inShed),
    ]
    expect(textsOf('two-in-a-room', [third, second, first])).toEqual([
      ['“Session 1” and “Session 2” are both in Shed at the same time.', 2],
    ])
    expect(textsOf('two-in-a-room', [first, dated(4, hour, 2 * hour, { track: 'Tent' })])).toEqual([])
    expect(textsOf('two-in-a-room', [first, third])).toEqual([])
    expect(textsOf('two-in-a-room', [dated(1, 0, hour), dated(2, 0, hour)])).toEqual([])
  })

  it('are told of two in a room exactly where some are', () => {
    const session = fc.record({
      startsAt: fc.integer({ min: 0, max: 40 }),
      length: fc.integer({ min: 1, max: 10 }),
      track: fc.option(fc.constantFrom('Shed', 'Tent')),
    })
    fc.assert(
      fc.property(fc.array(session, { maxLength: 12 }), (sessions) => {
        const shown = sessions.map(({ startsAt, length, track }, at) =>
          dated(at + 1, startsAt, startsAt + length, { track }),
        )
        const clash = sessions.some((one, at) =>
          sessions.some(
            (other, index) =>
              index > at &&
              one.track !== null &&
              one.track === other.track &&
              one.startsAt < other.startsAt + other.length &&
              other.startsAt < one.startsAt + one.length,
          ),
        )
        expect(textsOf('two-in-a-room', shown).length).toBe(clash ? 1 : 0)
      }),
    )
  })
})
