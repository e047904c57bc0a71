import { describe, expect, it } from 'vitest'
import { emptyCatalogue } from '~~/tests/support/catalogue'
import { wordsOf } from '../content/catalogue'
import { authorsControl, newAuthorsControl, offeredAuthors } from './authors'
import { askedBy, choicesIn } from './choices'
import type { ControlSite } from './define'

const authors = ['Agnes Orr', 'Bram Toll', 'Maud Ferris'].map((name, at) => ({
  id: 21 + at,
  name,
  slug: name.toLowerCase().replace(' ', '-'),
}))
const words = wordsOf({ ...emptyCatalogue, authors })
const site: ControlSite = { facets: [], terms: [], authors, words }
const several = { ...newAuthorsControl, choose: 'any' } as const
const counts = (...all: readonly number[]) => new Map(all.map((count, at) => [21 + at, count]))

describe('authors that visitors narrow by', () => {
  it('are read from an address and written in one, in their order', () => {
    const read = (text: string, control = several) => choicesIn([control], () => text, site)
    expect(read('maud-ferris,agnes-orr').chosen).toEqual([{ control: several, choice: [21, 23] }])
    expect(askedBy(several, [23, 21], site)).toEqual({ 'by-author': 'agnes-orr,maud-ferris' })
    expect(read('maud-ferris,nobody').unknown).toEqual(['nobody'])
    const one = newAuthorsControl
    expect(choicesIn([one], () => 'maud-ferris,agnes-orr', site).chosen).toEqual([
      { control: one, choice: [21] },
    ])
  })

  it('ask for whoever wrote it, and are told one by one', () => {
    const at = { ...site, collections: [1] }
    expect(authorsControl.asks?.(several, [21, 23], at)).toEqual({ test: 'anyKey', keys: [21, 23] })
    expect(authorsControl.told(several, [21, 23], words)).toEqual([
      { title: 'Agnes Orr', without: [23] },
      { title: 'Maud Ferris', without: [21] },
    ])
    expect(authorsControl.told(several, [21], words)).toEqual([{ title: 'Agnes Orr', without: null }])
  })

  it('are offered by name, those who wrote most in sight', () => {
    const ever = counts(1, 5, 3)
    const offered = (most: number, choice: readonly number[], now = ever, empty = false) => {
      const { first, others } = offeredAuthors({ most, empty }, authors, choice, { ever, now })
      return [first.map(({ id }) => id), others.map(({ id }) => id)]
    }
    expect(offered(2, [])).toEqual([[22, 23], [21]])
    expect(offered(1, [21])).toEqual([[21, 22], [23]])
    expect(offered(3, [], counts(1, 0, 3))).toEqual([[21, 23], []])
    expect(offered(3, [22], counts(1, 0, 3))).toEqual([[21, 22, 23], []])
    expect(offered(3, [], counts(1, 0, 3), true)).toEqual([[21, 22, 23], []])
    const nobody = offeredAuthors({ most: 3, empty: true }, authors, [], { ever: counts(0, 0, 0), now: ever })
    expect(nobody).toEqual({ first: [], others: [] })
  })
})
