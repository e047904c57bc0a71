import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { styles } from '~~/tests/support/style-arbitraries'
import { setAt, stylesOf, withStylesOf, withValues } from './target-edits'

const some = styles(['title', 'card'], [400, 700])
const place = { target: 'title', state: 'pointed', below: 400 } as const

describe('the styles of a target', () => {
  it('are set together, and put back together', () => {
    fc.assert(
      fc.property(some, (before) => {
        const sides = ['outside-top', 'outside-end'] as const
        const after = withValues(before, place, sides, '8px')
        expect(setAt(after, place)).toEqual({
          ...setAt(before, place),
          'outside-top': '8px',
          'outside-end': '8px',
        })
        expect(stylesOf(after, 'card')).toEqual(stylesOf(before, 'card'))
        const back = setAt(withValues(after, place, sides, undefined), place)
        expect(Object.keys(back)).not.toContain('outside-top')
        expect(Object.keys(back)).not.toContain('outside-end')
      }),
    )
  })

  it('are copied to another, of states that it can be in alone', () => {
    fc.assert(
      fc.property(some, (before) => {
        const after = withStylesOf(before, 'card', stylesOf(before, 'title'), ['pointed', 'focused'])
        expect(stylesOf(after, 'card')).toEqual(
          stylesOf(before, 'title').filter(({ state }) => state !== 'chosen'),
        )
        expect(stylesOf(after, 'title')).toEqual(stylesOf(before, 'title'))
      }),
    )
  })

  it('are put back by none', () => {
    fc.assert(
      fc.property(some, (before) => {
        expect(stylesOf(withStylesOf(before, 'title', [], []), 'title')).toEqual([])
      }),
    )
  })
})
