import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { defaultCard } from '../cards/card'
import type { PartSetting } from '../cards/parts'
import { takeAt } from '../listing/amount'
import { newListing, parseListing } from '../listing/definition'
import type { Listing } from '../listing/definition'
import { areaOf } from '../pages/frames'
import { shapes, switchedShape } from '../shapes'
import type { ShapeChoice } from '../shapes'
import type { CheckedListing, CheckedPage, ShownCard } from './define'
import { findingsOf } from './index'
import { fillingCounts } from './row-holes'
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
  return { placement: 'one', listing, box: main, cards: shown, passing: 100, ...change }
}

function found(
  check: string,
  listings: readonly CheckedListing[],
  letters: CheckedPage['letters'] = { summary: 7 },
  placeholder: CheckedPage['placeholder'] = 'sprig',
) {
  return findingsOf({ listings, letters, placeholder }).filter((finding) => finding.check === check)
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
    const largest = largestPicture({ listing, box: main })
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
