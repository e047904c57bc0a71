import { describe, expect, it } from 'vitest'
import { fieldsOfAll } from './catalogue'
import type { Catalogue, CollectionSummary } from './catalogue'
import type { Field } from './field'
import { happensNever } from './happening'
import { defaultValues } from '../looks/site-values'

describe('the fields of several collections', () => {
  const field = (id: number, key: string, name: string, type: Field['type'] = 'number'): Field => ({
    id,
    key,
    name,
    type,
    settings: {},
    required: false,
    help: '',
    fallback: null,
    filterable: true,
    sortable: true,
  })
  const collection = (id: number, name: string, ...fields: readonly Field[]): CollectionSummary => ({
    id,
    slug: name.toLowerCase(),
    name,
    singular: name,
    plural: name,
    kind: 'article',
    address: `/${id}/{slug}`,
    icon: 'leaf',
    facets: [],
    fields,
    happening: happensNever,
  })
  const catalogue: Catalogue = {
    siteName: '',
    placeholder: 'sprig',
    locale: 'en-GB',
    zone: 'UTC',
    facets: [],
    terms: [],
    authors: [],
    looks: [],
    values: defaultValues,
    fonts: [],
    collections: [
      collection(1, 'Plots', field(11, 'size', 'Size'), field(12, 'price', 'Price')),
      collection(
        2,
        'Seeds',
        field(21, 'price', 'Price'),
        field(22, 'size', 'Size', 'short-text'),
        field(23, 'height', 'Height'),
      ),
    ],
  }
  const named = (...ids: readonly number[]) => fieldsOfAll(catalogue, ids).map((one) => [one.id, one.name])

  it('are one for what they share, and say whose they are where names would be mistaken', () => {
    expect(named(1)).toEqual([
      [11, 'Size'],
      [12, 'Price'],
    ])
    expect(named(1, 2)).toEqual([
      [11, 'Size (Plots)'],
      [12, 'Price'],
      [22, 'Size (Seeds)'],
      [23, 'Height'],
    ])
    expect(named(2, 1)).toEqual([
      [21, 'Price'],
      [22, 'Size (Seeds)'],
      [23, 'Height'],
      [11, 'Size (Plots)'],
    ])
    expect(named(9)).toEqual([])
  })
})
