import { readFileSync, readdirSync } from 'node:fs'
import { transform } from 'lightningcss'
import { describe, expect, it } from 'vitest'
import { parts } from '../cards/parts'
import { allPartTargets, cardTargets } from '../cards/targets'
import { shapes } from '../shapes'
import { shapeTargets } from '../shapes/targets'
import { selectorOf } from '../style/targets'
import { newListing } from './definition'
import { styleTargets, targetsOf } from './targets'

/** All that public pages are made of, components and what the script adds. */
const written = readdirSync('site', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.(?:vue|ts)$/.test(file))
  .map((file) => readFileSync(`site/${file}`, 'utf8'))
  .join('\n')

describe('what a look can style', () => {
  it('has a name of its own, the same thing wherever it is listed', () => {
    const listed = [...Object.values(shapeTargets).flat(), ...cardTargets, ...allPartTargets]
    for (const target of listed) expect(styleTargets.find(({ name }) => name === target.name)).toBe(target)
    for (const { name, title } of styleTargets) {
      expect(name).toMatch(/^[a-z][a-z\d-]{0,39}$/)
      expect(title).not.toBe('')
    }
  })

  it('is found by what stands on public pages', () => {
    for (const target of styleTargets) {
      const { name, heldBy = '', chosen = '' } = target
      const found = `${selectorOf(target)}${chosen} ${heldBy}`
      expect(() => transform({ filename: 'a.css', code: Buffer.from(`${found}{top:0}`) }), name).not.toThrow()
      for (const [, token = ''] of found.matchAll(/\.([a-z-]+)/g)) expect(written, name).toContain(token)
      for (const [, token = ''] of found.matchAll(/\[(?:data-part=)?"?([a-z-]+)/g))
        expect(`${written} ${parts.names.join(' ')}`, name).toContain(token)
    }
  })

  it('is of a listing what its shape has and its card carries', () => {
    const listing = newListing('All', 1)
    const names = targetsOf(listing).map(({ name }) => name)
    expect(names).toEqual(expect.arrayContaining(['box', 'heading', 'card', 'title', 'picture']))
    expect(names).not.toContain('tab')
    expect(names).not.toContain('price')
    const tabs = { ...listing, shape: { ...shapes.get('tabs').defaults, name: 'tabs' } } as typeof listing
    expect(targetsOf(tabs).map(({ name }) => name)).toContain('tab')
    expect(new Set(names).size).toBe(names.length)
  })
})
