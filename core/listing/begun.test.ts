import { describe, expect, it } from 'vitest'
import { collectionKinds } from '../content/collection'
import { begunListing } from './begun'
import { parseListing } from './definition'

const begun = (kind: (typeof collectionKinds)[number]) => begunListing('New', { id: 1, kind, fields: [] })

describe('a listing that is begun', () => {
  it.each(collectionKinds)('can be kept as it is, of entries that are each a %s', (kind) => {
    expect(parseListing(begun(kind))).toEqual({ ok: true, value: begun(kind) })
  })

  it.each([
    ['article', 'grid'],
    ['product', 'grid'],
    ['person', 'grid'],
    ['plain', 'grid'],
    ['event', 'list'],
    ['session', 'list'],
    ['place', 'list'],
    ['project', 'masonry'],
    ['quote', 'masonry'],
  ] as const)('has the shape that suits it: of entries that are each a %s a %s', (kind, shape) => {
    expect(begun(kind).shape.name).toBe(shape)
  })
})
