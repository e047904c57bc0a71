import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyCatalogue } from '~~/tests/support/catalogue'
import { wordsOf } from '../content/catalogue'
import type { Term } from '../content/terms'
import { askedBy, asksOf, choicesIn } from './choices'
import type { ControlSite } from './define'
import { newTermsControl, offeredTerms, pressedTerm, termsControl } from './terms'
import type { TermsControl } from './terms'

const term = (id: number, slug: string, facetId = 1, parentId: number | null = null): Term => ({
  id,
  facetId,
  parentId,
  name: slug.toUpperCase(),
  slug,
})
const terms = [
  term(3, 'winter'),
  term(1, 'spring'),
  term(2, 'may', 1, 1),
  term(9, 'soil', 2),
  term(8, 'now', 3),
]
const facets = [
  { id: 1, slug: 'season', name: 'Season', plural: 'Seasons' },
  { id: 2, slug: 'topic', name: 'Topic', plural: 'Topics' },
  { id: 3, slug: 'month', name: 'Month', plural: 'Months' },
]
const words = wordsOf({ ...emptyCatalogue, facets, terms })
const site: ControlSite = { facets, terms, authors: [], words }
const season: TermsControl = { ...newTermsControl(1), choose: 'any' }
const topic = newTermsControl(2)
const askedIn = (address: string) => {
  const query = new URLSearchParams(address)
  return choicesIn([season, topic], (parameter) => query.get(parameter), site)
}

describe('terms by other names', () => {
  const named: TermsControl = { ...season, named: [{ term: 1, name: 'When it thaws' }] }

  it('are told so, at the addresses that they had', () => {
    expect(termsControl.told(named, [3, 1], words).map(({ title }) => title)).toEqual([
      'WINTER',
      'When it thaws',
    ])
    expect(termsControl.write(named, [1], site)).toBe('spring')
  })

  it('have one each', () => {
    const twice = { ...named, named: [...(named.named ?? []), { term: 1, name: 'Thaw' }] }
    expect(termsControl.schema.isValidSync(named, { strict: true })).toBe(true)
    expect(termsControl.schema.isValidSync(twice, { strict: true })).toBe(false)
  })
})

describe('what visitors choose', () => {
  it('is read from the site’s own words, in the order in which they are kept', () => {
    expect(askedIn('season=may,winter&topic=soil').chosen).toEqual([
      { control: season, choice: [3, 2] },
      { control: topic, choice: [9] },
    ])
    expect(askedIn('')).toEqual({ chosen: [], unknown: [] })
  })

  it('is nothing where it means nothing, and that is told', () => {
    expect(askedIn('season=soil,,spring,purple')).toEqual({
      chosen: [{ control: season, choice: [1] }],
      unknown: ['soil', 'purple'],
    })
    expect(askedIn('topic=winter').chosen).toEqual([])
  })

  it('tells a little of what means nothing, however much that is', () => {
    const { unknown } = askedIn(
      `season=${'x'.repeat(300)},${Array.from({ length: 500 }, (_, at) => `y${at}`).join(',')}`,
    )
    expect(unknown).toEqual([`${'x'.repeat(40)}…`, 'y0', 'y1'])
  })

  it('is one term where one at a time is chosen', () => {
    const one = { ...season, choose: 'one' } as const
    expect(choicesIn([one], () => 'may,spring', site).chosen).toEqual([{ control: one, choice: [1] }])
  })

  it('is called as nothing else is that pages are asked', () => {
    expect(askedBy(newTermsControl(3), [8], site)).toEqual({ 'by-month': 'now' })
    expect(askedBy(newTermsControl(4), [8], site)).toEqual({})
    expect(askedBy(season, [], site)).toEqual({ season: null })
  })

  it('is written as it is read', () => {
    fc.assert(
      fc.property(fc.subarray([1, 2, 3]), (choice) => {
        const text = termsControl.write(season, choice, site)
        const { choice: back } = termsControl.read(season, text, site)
        expect(new Set(back ?? [])).toEqual(new Set(choice))
        expect(back === null ? '' : termsControl.write(season, back, site)).toBe(text)
      }),
    )
  })

  it('asks for any of the terms, or for all, and of each control', () => {
    const chosen = [
      { control: season, choice: [3, 1] },
      { control: { ...topic, choose: 'all' } as const, choice: [9] },
    ]
    const at = { ...site, collections: [1] }
    expect(asksOf(chosen, at)).toEqual([
      { test: 'anyKey', keys: [3, 1] },
      { test: 'allKeys', keys: [9] },
    ])
    expect(asksOf(chosen, at, season)).toEqual([{ test: 'allKeys', keys: [9] }])
  })

  it('changes by a press, and goes back by the same', () => {
    expect(pressedTerm({ choose: 'one' }, [1], 3)).toEqual([3])
    expect(pressedTerm({ choose: 'all' }, [1], 3)).toEqual([1, 3])
    expect(pressedTerm({ choose: 'one' }, [3], 3)).toEqual([])
    expect(pressedTerm({ choose: 'any' }, [1, 3], 3)).toEqual([1])
  })
})

describe('the terms that are offered', () => {
  const ever = new Map([
    [1, 5],
    [2, 2],
    [3, 9],
  ])
  const offered = (change: Partial<TermsControl>, choice: readonly number[] = [], now = ever) => {
    const { first, others } = offeredTerms({ ...season, ...change }, terms, choice, { ever, now })
    const said = (all: typeof first) =>
      all.map((one) => `${' '.repeat(one.depth)}${one.term.slug} ${one.count}`)
    return [said(first), said(others)]
  }

  it('are those that something has, in their order and nested', () => {
    expect(offered({})).toEqual([['winter 9', 'spring 5', ' may 2'], []])
  })

  it('are chosen ones in the order chosen', () => {
    expect(offered({ offer: 'chosen', terms: [2, 77, 3] })).toEqual([['may 2', 'winter 9'], []])
  })

  it('are the most used first, and the rest folds out', () => {
    expect(offered({ offer: 'most-used', most: 1 })).toEqual([['winter 9'], ['spring 5', 'may 2']])
    expect(offered({ offer: 'most-used', most: 1 }, [2])).toEqual([['winter 9', 'may 2'], ['spring 5']])
  })

  it('are without those that would find nothing now, unless they are wanted or chosen', () => {
    const now = new Map([[1, 4]])
    expect(offered({}, [], now)[0]).toEqual(['spring 4'])
    expect(offered({}, [3], now)[0]).toEqual(['winter 0', 'spring 4'])
    expect(offered({ empty: true }, [], now)[0]).toEqual(['winter 0', 'spring 4', ' may 0'])
  })
})
