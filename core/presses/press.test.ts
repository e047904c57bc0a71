import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { emptyCatalogue } from '~~/tests/support/catalogue'
import { wordsOf } from '../content/catalogue'
import type { Term } from '../content/terms'
import type { ControlSite } from '../visitors/define'
import { newDatesControl } from '../visitors/dates'
import { newSearchControl } from '../visitors/search'
import { newSortControl } from '../visitors/sort'
import { newTermsControl } from '../visitors/terms'
import { countedChoice, countedPage, pressAddress, pressesAddress, pressIn, pressKinds } from './press'
import type { Press } from './press'

const listing = '0b0e3c1a-6f6e-4a57-9a55-0d6f0c2b9d11'
const facets = [
  { id: 1, slug: 'season', name: 'Season', plural: 'Seasons' },
  { id: 2, slug: 'topic', name: 'Topic', plural: 'Topics' },
]
const terms = [
  [11, 1, 'spring'],
  [21, 2, 'soil'],
  [22, 2, 'seed'],
].map(([id, facetId, slug]): Term => ({
  id: Number(id),
  facetId: Number(facetId),
  parentId: null,
  name: String(slug),
  slug: String(slug),
}))
const site: ControlSite = {
  facets,
  terms,
  authors: [],
  words: wordsOf({ ...emptyCatalogue, facets, terms }),
}
const controls = [
  newTermsControl(1),
  { ...newTermsControl(2), choose: 'any' },
  newSearchControl,
  newSortControl,
  { ...newDatesControl('published'), spans: ['this-week'] },
] as const
const back = (press: Press) => pressIn(new URLSearchParams(pressAddress(press).slice(pressesAddress.length)))

describe('a press', () => {
  it('comes back from the address at which it is told', () => {
    const what: Record<Press['kind'], fc.Arbitrary<string>> = {
      choice: fc
        .string({ minLength: 1, maxLength: 199, unit: 'binary' })
        .map((text) => `x:${text}`.slice(0, 200)),
      page: fc.constantFrom('next', 'previous', 'more', '1', '999999999'),
      card: fc.integer({ min: 1, max: 2147483647 }).map(String),
    }
    fc.assert(
      fc.property(
        fc
          .constantFrom(...pressKinds)
          .chain((kind) => what[kind].map((one) => ({ listing, kind, what: one }))),
        (press) => {
          expect(back(press)).toEqual(press)
        },
      ),
    )
  })

  it.each([
    '',
    'choice=season:spring',
    `listing=${listing}`,
    `listing=${listing}&choice=season`,
    `listing=${listing}&choice=:spring`,
    `listing=${listing}&choice=season:${'x'.repeat(200)}`,
    `listing=${listing}&card=0`,
    `listing=${listing}&card=1e3`,
    `listing=${listing}&page=-1`,
    `listing=${listing}&page=last`,
    `listing=${listing.toUpperCase()}&page=next`,
    `listing='; drop table presses&page=next`,
  ])('is none where an address tells “%s”', (address) => {
    expect(pressIn(new URLSearchParams(address))).toBeNull()
  })

  it('on a page is counted by its number as long as that is small', () => {
    const counted = ['next', 'more', '1', '99', '100', '101', '999999999'].map(countedPage)
    expect(counted).toEqual(['next', 'more', '1', '99', '100', '100', '100'])
  })

  it.each([
    ['season:spring', 'season:spring'],
    ['season:spring,winter', 'season:spring'],
    ['topic:soil,seed', 'topic:'],
    ['topic:soil', 'topic:soil'],
    ['season:winter', 'season:'],
    ['season:', 'season:'],
    ['by:titles-a-to-z', 'by:titles-a-to-z'],
    ['published:this-week', 'published:this-week'],
    ['published:2026-01-01..', 'published:'],
    ['search:my own name', 'search:'],
    ['colour:red', null],
    ['__proto__:x', null],
  ])('on a control is counted by what is one of few: %s', (what, counted) => {
    expect(countedChoice(what, controls, site)).toBe(counted)
  })
})
