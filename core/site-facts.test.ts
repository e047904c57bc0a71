import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { siteLocales } from './formats/locales'
import { faultsOf } from './parsing'
import { fastest, noFacts, parseSiteFacts, slowest } from './site-facts'

const facts = { ...noFacts, name: 'Sorrel Hill', iconId: 4 }
const faultsIn = (changed: object) =>
  faultsOf(parseSiteFacts({ ...facts, ...changed })).map((fault) => fault.path)

describe('what a site says of itself', () => {
  it.each([
    {},
    { address: 'https://example.org' },
    { address: 'http://localhost:4000' },
    { locale: 'ar', zone: 'Asia/Kathmandu', readingPace: 50, iconId: null },
  ])('is taken as it is: %o', (changed) => {
    expect(parseSiteFacts({ ...facts, ...changed })).toEqual({ ok: true, value: { ...facts, ...changed } })
  })

  it.each([
    ['name', { name: ' ' }],
    ['name', { name: 'x'.repeat(81) }],
    ['tagline', { tagline: 'x'.repeat(201) }],
    ['address', { address: 'example.org' }],
    ['address', { address: 'https://example.org/' }],
    ['address', { address: 'https://example.org/shop' }],
    ['address', { address: 'https://EXAMPLE.org' }],
    ['address', { address: 'https://somebody@example.org' }],
    ['address', { address: 'javascript:alert(1)' }],
    ['locale', { locale: 'xx-nowhere' }],
    ['zone', { zone: 'Moon/Base' }],
    ['readingPace', { readingPace: 49 }],
    ['readingPace', { readingPace: 238.5 }],
    ['readingPace', { readingPace: '238' }],
    ['iconId', { iconId: 0 }],
    ['', { owner: 'me' }],
  ])('is refused for a wrong %s: %o', (path, changed) => {
    expect(faultsIn(changed)).toContain(path)
  })

  it('is taken up to its limits and refused past them', () => {
    const length = (most: number) => fc.integer({ min: 1, max: most + 5 })
    fc.assert(
      fc.property(length(80), length(200), fc.integer({ min: 45, max: 1005 }), (name, tagline, pace) => {
        const past = [
          ...(name > 80 ? ['name'] : []),
          ...(tagline > 200 ? ['tagline'] : []),
          ...(pace < slowest || pace > fastest ? ['readingPace'] : []),
        ]
        const told = { name: 'é'.repeat(name), tagline: '種'.repeat(tagline), readingPace: pace }
        expect(faultsIn(told).toSorted()).toEqual(past.toSorted())
      }),
    )
  })

  it('can be in any language that is offered, and all of them have dates and numbers of their own', () => {
    expect(Intl.DateTimeFormat.supportedLocalesOf(siteLocales)).toEqual(siteLocales)
    for (const locale of siteLocales) expect(faultsIn({ locale })).toEqual([])
  })
})
