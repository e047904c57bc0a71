import { describe, expect, it } from 'vitest'
import type { Styles } from '../looks/styles'
import { trialWords } from '../../tests/support/trial-fields'
import { newListing } from './definition'
import { lookCss, lookPhrase, sharedStyles } from './look'
import type { Look } from './look'

const shared: Styles = [
  { target: 'title', state: null, below: null, set: { letterSize: '21px', weight: 700 } },
  { target: 'title', state: 'pointed', below: null, set: { weight: 400 } },
]
const own: Styles = [{ target: 'title', state: null, below: null, set: { weight: 500 } }]
const looking = (look: Look) => ({ ...newListing('Latest', 1), look })
const words = {
  ...trialWords,
  look: (id: number) => (id === 7 ? { name: 'Quiet', styles: shared } : undefined),
}

describe('a look that is shared', () => {
  it('is said by its name, with what departs from it', () => {
    expect(lookPhrase(looking({ shared: 7, own: [] }), words)).toBe('Quiet')
    expect(lookPhrase(looking({ shared: 7, own }), words)).toBe('Quiet, with title of its own')
  })

  it('is the site’s once it is gone, and said to be', () => {
    const gone = { shared: 8, own: [] }
    expect(lookPhrase(looking(gone), words)).toBe('the site’s look, as its own is gone')
    expect(sharedStyles(gone, words)).toEqual([])
  })

  it('lies below what the listing sets itself, whose states follow the look', () => {
    const [look, listing] = lookCss(looking({ shared: 7, own }), shared, '#a').split('@layer listing')
    expect(look).toMatch(
      /^@layer look\{[^}]*\{font-size:21px;font-weight:700\}\n.*:hover.*\{font-weight:400\}\}\n$/,
    )
    // The look's weight where it is pointed at is said once more, or that at rest would cover it.
    expect(listing).toMatch(/^\{[^}]*\{font-weight:500\}\n.*:hover.*\{font-weight:400\}\}$/)
    expect(lookCss(looking({ shared: null, own: [] }), [], '#a')).toBe('')
  })

  it('is shown with what departs from it where something is shown in a state', () => {
    const css = lookCss(looking({ shared: 7, own }), shared, '#a', { target: 'title', state: 'pointed' })
    expect(css).toMatch(/^@layer listing\{[^}]*font-size:21px;font-weight:400\}/)
    expect(css).not.toContain('@layer look')
  })
})
