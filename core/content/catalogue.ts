import type { FontAtHand } from '../looks/fonts/site-fonts'
import type { SiteValues } from '../looks/site-values'
import type { SharedLook } from '../looks/shared-look'
import type { Placeholder } from '../pictures/placeholder'
import type { KnownField, Words } from '../words'
import type { CollectionInput } from './collection'
import type { Field } from './field'
import type { Happening } from './happening'
import type { Term } from './terms'

export interface CollectionSummary extends CollectionInput {
  readonly id: number
  /** Names the collection in the bench's own addresses. */
  readonly slug: string
  /** In the order of its form. */
  readonly fields: readonly Field[]
  readonly happening: Happening
}

export interface Facet {
  readonly id: number
  readonly slug: string
  readonly name: string
  readonly plural: string
}

export interface Author {
  readonly id: number
  readonly name: string
  /** Its part of the address of their page. */
  readonly slug: string
}

/** The site and the names of everything that listings refer to. */
export interface Catalogue {
  readonly siteName: string
  readonly locale: string
  readonly zone: string
  /** What stands for a missing picture, unless a card has another. */
  readonly placeholder: Placeholder
  readonly collections: readonly CollectionSummary[]
  readonly facets: readonly Facet[]
  readonly terms: readonly Term[]
  /** Terms that became others: what names the first means the second. */
  readonly merged?: readonly { readonly id: number; readonly into: number }[]
  readonly authors: readonly Author[]
  /** By name. */
  readonly looks: readonly SharedLook[]
  readonly values: SiteValues
  /** Those that the site brought with it come first. */
  readonly fonts: readonly FontAtHand[]
}

/** The names in a catalogue, by id. */
export function wordsOf(catalogue: Catalogue): Words {
  const collections = new Map(catalogue.collections.map((one) => [one.id, one]))
  const known = catalogue.collections.flatMap((one) =>
    one.fields.map((field): KnownField => ({ ...field, collectionId: one.id })),
  )
  const became = new Map(catalogue.merged?.map((one) => [one.id, one.into]))
  const termNow = (id: number) => became.get(id) ?? id
  const termNames = namesOf(catalogue.terms)
  const fields = new Map(known.map((field) => [field.id, field]))
  const looks = new Map(catalogue.looks.map((one) => [one.id, one]))
  return {
    locale: catalogue.locale,
    zone: catalogue.zone,
    collection: (id) => collections.get(id),
    term: (id) => termNames(termNow(id)),
    termNow,
    author: namesOf(catalogue.authors),
    facet: namesOf(catalogue.facets),
    look: (id) => looks.get(id),
    field: (id) => fields.get(id),
    sameField: (field, collection) =>
      known.find(
        (one) => one.collectionId === collection && one.key === field.key && one.type === field.type,
      ),
  }
}

/**
 * The fields that a listing of these collections can choose from: one for all that share key and
 * type, the first collection's where it has it. Where two have the same name, each says whose it is.
 */
export function fieldsOfAll(catalogue: Catalogue, collectionIds: readonly number[]): readonly Field[] {
  const owned = collectionIds.flatMap((id) => {
    const collection = catalogue.collections.find((one) => one.id === id)
    return collection?.fields.map((field) => ({ field, owner: collection.name })) ?? []
  })
  const distinct = owned.filter(
    ({ field }, at) =>
      owned.findIndex((one) => one.field.key === field.key && one.field.type === field.type) === at,
  )
  const isShared = (name: string) => distinct.filter((one) => one.field.name === name).length > 1
  return distinct.map(({ field, owner }) =>
    isShared(field.name) ? { ...field, name: `${field.name} (${owner})` } : field,
  )
}

function namesOf(
  list: readonly { readonly id: number; readonly name: string }[],
): (id: number) => string | undefined {
  const names = new Map(list.map((one) => [one.id, one.name]))
  return (id) => names.get(id)
}
