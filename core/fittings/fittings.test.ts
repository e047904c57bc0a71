import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { documentOfText } from '../content/rich-text/document'
import { withAncestors } from '../content/terms'
import type { Term } from '../content/terms'
import { faultsOf, parseWith } from '../parsing'
import { fittingLabel, fittingSchema, fittings, newFitting } from '.'
import { indexedTerms } from './term-index'
import type { IndexedTerm } from './term-index'

const faultsIn = (input: unknown) => faultsOf(parseWith(fittingSchema, input)).map((fault) => fault.path)

const twice = { part: 'divider', on: true }

describe('fittings', () => {
  it.each(fittings.names)(
    'are sound as they are placed, and take nothing that they don’t know: %s',
    (name) => {
      expect(faultsIn(newFitting(name))).toEqual([])
      expect(faultsIn({ ...newFitting(name), colour: 'red' })).not.toEqual([])
      expect(fittingLabel(newFitting(name))).not.toBe('')
    },
  )

  it.each([
    ['name', { name: 'engine' }, ''],
    ['text', { ...newFitting('heading'), text: ' ' }, 'text'],
    ['level', { ...newFitting('heading'), level: 1 }, 'level'],
    ['text', { ...newFitting('note'), text: { type: 'doc', content: [{ type: 'script' }] } }, 'text'],
    ['height', { ...newFitting('space'), height: 4 }, 'height'],
    ['line', { ...newFitting('rule'), line: 'wavy' }, 'line'],
    ['address', { ...newFitting('picture'), address: 'javascript:alert(1)' }, 'address'],
    ['first', { ...newFitting('terms'), first: 0 }, 'first'],
    ['title', { ...newFitting('menu'), title: '' }, 'title'],
    ['title of a menu', { ...newFitting('site-name'), title: '' }, 'title'],
    ['link', { ...newFitting('menu'), links: [{ title: 'Map' }] }, 'links[0].id'],
    ['part', { ...newFitting('entry'), parts: [{ part: 'engine', on: true }] }, 'parts[0]'],
    ['words', { ...newFitting('entry'), parts: [{ part: 'text', on: true, words: 0 }] }, 'parts[0].words'],
    ['part that stands twice', { ...newFitting('entry'), parts: [twice, twice] }, 'parts'],
    ['number of parts', { ...newFitting('entry'), parts: Array(41).fill(twice) }, 'parts'],
    ['kind of parts', { ...newFitting('entry'), parts: [null, 'title'] }, 'parts[0]'],
    ['facets', { ...newFitting('terms'), facets: ['Topic'] }, 'facets[0]'],
  ])('are refused for a wrong %s', (_, input, path) => {
    expect(faultsIn(input)).toContain(path)
  })

  it('are called by what they say', () => {
    const text = documentOfText(
      `${'Come by on a Saturday and see which beds are free. '.repeat(3)}\n\nOr write.`,
    )
    expect(fittingLabel({ name: 'note', text })).toBe(
      'Come by on a Saturday and see which beds are free. Come by…',
    )
    expect(fittingLabel({ name: 'heading', text: 'Beds to let', level: 2 })).toBe('Beds to let')
    expect(fittingLabel(newFitting('rule'))).toBe('Line')
  })
})

describe('an index of terms', () => {
  /** Terms of one facet, each under an earlier one or under none. */
  const facets = fc
    .array(fc.record({ parent: fc.nat(20), isUnder: fc.boolean() }), { maxLength: 20 })
    .map((all) =>
      all.map(({ parent, isUnder }, at): Term => ({
        id: at + 1,
        facetId: 1,
        parentId: isUnder && at > 0 ? (parent % at) + 1 : null,
        name: `Term ${at + 1}`,
        slug: `term-${at + 1}`,
      })),
    )
  const all = (index: readonly IndexedTerm[]): readonly IndexedTerm[] =>
    index.flatMap((one) => [one, ...all(one.children)])

  it('counts each entry once for a term, and leaves out what none has, nested or flat', () => {
    fc.assert(
      fc.property(facets, fc.array(fc.nat(19), { maxLength: 40 }), fc.boolean(), (terms, tagged, nested) => {
        const byId = new Map(terms.map((term) => [term.id, term]))
        const entries = tagged.filter((at) => at < terms.length).map((at) => withAncestors(at + 1, byId))
        const counted = new Map<number, number>()
        for (const id of entries.flat()) counted.set(id, (counted.get(id) ?? 0) + 1)
        for (const order of ['given', 'most-used'] as const) {
          const index = indexedTerms(terms, counted, { nested, order })
          expect(new Map(all(index).map((one) => [one.term.id, one.count]))).toEqual(counted)
          if (!nested) expect(index.every((one) => one.children.length === 0)).toBe(true)
          const counts = index.map((one) => one.count)
          if (order === 'most-used') expect(counts).toEqual(counts.toSorted((a, b) => b - a))
        }
      }),
    )
  })
})
