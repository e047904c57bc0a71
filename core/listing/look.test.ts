import { describe, expect, it } from 'vitest'
import { noCss } from '../looks/own-css/own-css'
import type { Styles } from '../looks/styles'
import { trialWords } from '../../tests/support/trial-fields'
import { newListing } from './definition'
import { defaultLook, lookCss, lookPhrase, sharedStyles } from './look'
import type { Look } from './look'
import { listingOwnCss } from './own-css'

const shared: Styles = [
  { target: 'title', state: null, below: null, set: { letterSize: '21px', weight: 700 } },
  { target: 'title', state: 'pointed', below: null, set: { weight: 400 } },
]
const own: Styles = [{ target: 'title', state: null, below: null, set: { weight: 500 } }]
const looking = (look: Partial<Look>) => ({
  ...newListing('Latest', 1),
  look: { ...defaultLook, ...look },
})
const css = { text: ':--title { color: red }', isOn: true }
const words = {
  ...trialWords,
  look: (id: number) => (id === 7 ? { name: 'Quiet', styles: shared, css: noCss } : undefined),
}

describe('a look that is shared', () => {
  it('is said by its name, with what departs from it', () => {
    expect(lookPhrase(looking({ shared: 7, own: [] }), words)).toBe('Quiet')
    expect(lookPhrase(looking({ shared: 7, own }), words)).toBe('Quiet, with title of its own')
    expect(lookPhrase(looking({ shared: 7, own, css }), words)).toBe('Quiet, with title and CSS of its own')
    expect(lookPhrase(looking({ shared: 7, css: { ...css, isOn: false } }), words)).toBe('Quiet')
  })

  it('is the site’s once it is gone, and said to be', () => {
    const gone = { ...defaultLook, shared: 8 }
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

  it('has rules of its own, which lie below those of the listing', () => {
    const listing = looking({ css: { text: ':--title { color: blue }', isOn: true } })
    expect(listingOwnCss(listing, css, '#a').replace(/\{contain[^}]*\}/g, '{}')).toBe(
      '@layer look{#a{}\n#a :is(.part[data-part="title"] .title){color:red}}\n' +
        '@layer listing{#a{}\n#a :is(.part[data-part="title"] .title){color:blue}}',
    )
  })

  it('is shown with what departs from it where something is shown in a state', () => {
    const css = lookCss(looking({ shared: 7, own }), shared, '#a', { target: 'title', state: 'pointed' })
    expect(css).toMatch(/^@layer listing\{[^}]*font-size:21px;font-weight:400\}/)
    expect(css).not.toContain('@layer look')
  })
})
