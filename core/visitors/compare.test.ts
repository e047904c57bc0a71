import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { trialWords } from '~~/tests/support/trial-fields'
import { compareControl, newCompareControl, pressedMark } from './compare'
import type { Compared } from './compare'
import type { ControlSite } from './define'

const site: ControlSite = { facets: [], terms: [], authors: [], words: trialWords }
const read = (text: string) => compareControl.read(newCompareControl, text, site)

describe('entries that visitors compare', () => {
  it.each([
    ['bean,pea', { slugs: ['bean', 'pea'], shown: 'cards' }],
    ['bean,pea/side-by-side', { slugs: ['bean', 'pea'], shown: 'side-by-side' }],
    ['pea,bean,pea/differences', { slugs: ['pea', 'bean'], shown: 'differences' }],
  ])('are read from an address: %s', (text, choice) => {
    expect(read(text)).toEqual({ choice, unknown: [] })
  })

  it('are as many as can be compared, and what is none is told', () => {
    expect(read('a,b,c,d,e')).toEqual({
      choice: { slugs: ['a', 'b', 'c', 'd'], shown: 'cards' },
      unknown: ['e'],
    })
    expect(read('a,B c')).toEqual({ choice: { slugs: ['a'], shown: 'cards' }, unknown: ['B c'] })
    expect(read('a,b/upside-down').unknown).toEqual(['a,b/upside-down'])
    expect(read('')).toEqual({ choice: null, unknown: [] })
  })

  it('come by a press and go by another, within their number; one alone is not seen side by side', () => {
    const slugs = ['a', 'b', 'c', 'd', 'e', 'f']
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...slugs), { maxLength: 20 }),
        fc.integer({ min: 2, max: 4 }),
        (presses, most) => {
          let choice: Compared | null = null
          let expected: readonly string[] = []
          for (const slug of presses) {
            const next = pressedMark({ most }, choice, slug)
            if (expected.includes(slug)) expected = expected.filter((one) => one !== slug)
            else if (expected.length < most) expected = [...expected, slug]
            else expect(next).toBeUndefined()
            if (next !== undefined) choice = next
            expect(choice?.slugs ?? []).toEqual(expected)
            if (choice !== null)
              expect(read(compareControl.write(newCompareControl, choice, site)).choice).toEqual(choice)
          }
        },
      ),
    )
    const two: Compared = { slugs: ['a', 'b'], shown: 'differences' }
    expect(pressedMark({ most: 4 }, two, 'a')).toEqual({ slugs: ['b'], shown: 'cards' })
    expect(pressedMark({ most: 4 }, two, 'c')).toEqual({ slugs: ['a', 'b', 'c'], shown: 'differences' })
  })
})
