import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { entryAddressOf, patternFault, slugIn } from './entry-address'
import { slugOf } from './slug'

describe('the addresses of entries', () => {
  const instant = Date.UTC(2026, 11, 31, 23, 30)

  it('have the year and month of the site’s own clock', () => {
    const entry = { slug: 'saving-seed', publishedAt: instant }
    expect(entryAddressOf('/notes/{year}/{month}/{slug}', entry, 'Europe/London')).toBe(
      '/notes/2026/12/saving-seed',
    )
    expect(entryAddressOf('/notes/{year}/{month}/{slug}', entry, 'Pacific/Auckland')).toBe(
      '/notes/2027/01/saving-seed',
    )
  })

  it.each([
    ['/field-notes/{slug}', null],
    ['/notes/{year}/{slug}', null],
    ['notes/{slug}', 'Begin the address with “/”.'],
    ['/notes', 'End the address with “{slug}”, which stands for the entry’s own part.'],
    ['/{slug}', 'Begin with a word in small letters: “/field-notes/{slug}”.'],
    ['/bench/{slug}', '“/bench” is taken. Begin with another word.'],
    [
      '/notes/{day}/{slug}',
      '“{day}” cannot stand in an address. Use small letters, digits and hyphens, {year}, {month} and {slug}.',
    ],
  ])('follow a pattern: %s', (pattern, fault) => {
    expect(patternFault(pattern)).toBe(fault)
  })

  it('lead back to the slug they were made of, for every slug', () => {
    fc.assert(
      fc.property(
        fc
          .string({ unit: 'grapheme', minLength: 1 })
          .map(slugOf)
          .filter((slug) => slug !== ''),
        fc.constantFrom('/notes/{slug}', '/notes/{year}/{month}/{slug}'),
        (slug, pattern) => {
          const address = entryAddressOf(pattern, { slug, publishedAt: instant }, 'UTC')
          expect(slugIn(pattern, decodeURIComponent(address))).toBe(slug)
        },
      ),
    )
  })
})
