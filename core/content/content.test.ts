import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { stateOf } from './entry'
import { parseEntryInput } from './entry-input'
import { longestSlug, slugOf, slugPattern } from './slug'
import { inTreeOrder, withAncestors } from './terms'
import type { Term } from './terms'

describe('a slug', () => {
  it.each([
    ['Leaf mould: the eighteen-month recipe', 'leaf-mould-the-eighteen-month-recipe'],
    ['Growers’ words', 'growers-words'],
    ['Crème brûlée, à la hill', 'creme-brulee-a-la-hill'],
    ['種子の 交換', '種子の-交換'],
    ['…!', ''],
  ])('of “%s” is “%s”', (title, slug) => {
    expect(slugOf(title)).toBe(slug)
  })

  it('always fits the pattern, or is empty', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 300 }), (title) => {
        const slug = slugOf(title)
        expect(slug === '' || (slugPattern.test(slug) && slug.length <= longestSlug)).toBe(true)
      }),
    )
  })
})

describe('an entry’s state', () => {
  it('follows its status and its date', () => {
    expect(stateOf('draft', 5, 10)).toBe('draft')
    expect(stateOf('published', 10, 10)).toBe('published')
    expect(stateOf('published', 11, 10)).toBe('scheduled')
    expect(stateOf('archived', 5, 10)).toBe('archived')
  })
})

describe('terms', () => {
  const term = (id: number, parentId: number | null): Term => ({ id, parentId, facetId: 1, name: String(id), slug: String(id) })
  const terms = [term(1, null), term(2, 1), term(3, 2), term(4, null)]
  const byId = new Map(terms.map((one) => [one.id, one]))

  it('know their ancestors, even in a loop', () => {
    expect(withAncestors(3, byId)).toEqual([3, 2, 1])
    expect(withAncestors(1, new Map([[1, term(1, 2)], [2, term(2, 1)]]))).toEqual([1, 2])
  })

  it('are read with children after their parent', () => {
    expect(inTreeOrder(terms).map(({ term: one, depth }) => [one.id, depth])).toEqual([[1, 0], [2, 1], [3, 2], [4, 0]])
  })
})

describe('what an editor writes', () => {
  const good = {
    title: 'Rain', slug: 'rain', summary: '', body: '', status: 'published', publishedAt: 0,
    authorId: null, pictureId: null, pinned: false, termIds: [3, 3, 4],
  }

  it('is taken as it is, terms once each', () => {
    expect(parseEntryInput(good)).toEqual({ ok: true, value: { ...good, termIds: [3, 4] } })
  })

  it.each([
    ['title', ''], ['title', 'x'.repeat(201)], ['title', 'a\0b'], ['slug', 'Not a slug'], ['slug', 'a--b'], ['summary', 'x'.repeat(601)],
    ['body', null], ['status', 'gone'], ['publishedAt', null], ['publishedAt', Infinity], ['authorId', -1], ['pinned', 'yes'], ['termIds', 3],
  ])('is refused at its field: %s = %j', (field, value) => {
    const parsed = parseEntryInput({ ...good, [field]: value })
    expect(parsed.ok ? [] : parsed.faults.map((fault) => fault.path)).toContain(field)
  })

  it('needs no date as a draft', () => {
    expect(parseEntryInput({ ...good, status: 'draft', publishedAt: null }).ok).toBe(true)
  })
})
