import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { Styles } from '../looks/styles'
import { fittings, newFitting } from '.'
import { fittingCss, fittingTargets, pageStops } from './look'

const site = new URL('../../site/', import.meta.url)
/** All files of a kind that public pages are made of. */
const filesOf = (ending: string) =>
  readdirSync(site, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith(ending))
    .map((name) => readFileSync(new URL(name, site), 'utf8'))
    .join('\n')
const scope = '[data-placement="a"]'

describe('what of a fitting is styled', () => {
  it.each(fittings.all)('is on pages, and stands in the list once: $name', ({ name }) => {
    const components = filesOf('.vue')
    const targets = fittingTargets(newFitting(name))
    expect(new Set(targets.map((one) => one.name)).size).toBe(targets.length)
    expect(new Set(targets.map((one) => one.title)).size).toBe(targets.length)
    for (const { name: own, selector = `.${own}`, chosen = '' } of targets)
      for (const [, word = ''] of `${selector}${chosen}`.matchAll(/(?:\.|\[)([a-z][a-z-]*)/g))
        expect(components, `${selector} of ${name}`).toContain(word)
  })

  it('of the entry is what it shows of that', () => {
    const shown = { part: 'title', on: true, zone: 'below' } as never
    const named = (parts: readonly never[]) =>
      fittingTargets({ ...newFitting('entry'), parts }).map((one) => one.name)
    expect(named([shown])).toContain('title')
    expect(named([])).not.toContain('title')
  })
})

describe('the look of a fitting', () => {
  const menu = newFitting('menu')
  const colour = (state: Styles[number]['state'], value: string, below: number | null = null) => ({
    target: 'menu-link',
    state,
    below,
    set: { colour: value },
  })

  it('is one rule for each state and width, those of the page, in an order that lets each prevail', () => {
    const styles: Styles = [
      colour('pointed', '#111111'),
      colour(null, '#333333', 640),
      colour(null, '#222222'),
      colour('chosen', '#444444'),
    ]
    expect(fittingCss(menu, styles, scope).split('\n')).toEqual([
      `@layer listing{:where(${scope} .menu :is(a, summary)){color:#222222}`,
      `@container site (width < 640px){:where(${scope} .menu :is(a, summary)){color:#333333}}`,
      `:where(${scope} .menu :is(a, summary):hover){color:#111111}`,
      `:where(${scope} .menu :is(a, summary):is([aria-current], [data-here])){color:#444444}}`,
    ])
  })

  it('is shown as in a state that it is not in', () => {
    const css = fittingCss(menu, [colour(null, '#222222'), colour('pointed', '#111111')], scope, {
      target: 'menu-link',
      state: 'pointed',
    })
    expect(css.split('\n')[0]).toBe(`@layer listing{:where(${scope} .menu :is(a, summary)){color:#111111}`)
  })

  it('says nothing of what this fitting has not', () => {
    expect(fittingCss(newFitting('rule'), [colour(null, '#222222')], scope)).toBe('')
    expect(fittingCss(menu, [], scope)).toBe('')
  })

  it('changes at the widths at which the site does', () => {
    const asked = [...filesOf('.css').matchAll(/@container site \(min-width: (\d+)px\)/g)]
    expect(new Set(asked.map(([, width]) => Number(width)))).toEqual(new Set(pageStops))
  })
})
