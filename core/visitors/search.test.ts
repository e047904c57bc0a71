import { describe, expect, it } from 'vitest'
import { emptyCatalogue } from '~~/tests/support/catalogue'
import { wordsOf } from '../content/catalogue'
import type { ControlSite } from './define'
import { newSearchControl, searchControl } from './search'

const site: ControlSite = {
  facets: [],
  terms: [],
  authors: [],
  words: wordsOf(emptyCatalogue),
}
const read = (text: string) => searchControl.read(newSearchControl, text, site).choice

describe('words that visitors look for', () => {
  it('are those that can be looked for, within bounds', () => {
    expect(read(' Leaf mould ')).toBe('Leaf mould')
    for (const nothing of ['', '  ', '“”', ', .']) expect(read(nothing)).toBeNull()
    expect(read('x'.repeat(900))).toBe('x'.repeat(200))
  })

  it('ask for each of them, as entries are indexed', () => {
    expect(searchControl.asks?.(newSearchControl, 'Leaf MOULD', { ...site, collections: [1] })).toEqual({
      test: 'words',
      words: ['leaf', 'mould'],
    })
  })

  it('are told as they were typed, and taken back at once', () => {
    expect(searchControl.told(newSearchControl, 'leaf, mould', site.words)).toEqual([
      { title: '“leaf, mould”', without: null },
    ])
    expect(searchControl.write(newSearchControl, 'leaf, mould', site)).toBe('leaf, mould')
  })
})
