import { array, object, string } from 'yup'
import { idSchema } from '../schemas'
import { parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { patternFault } from './entry-address'

/** What an entry is to the outside world: decides its structured data and what it starts with. */
export const collectionKinds = [
  'article',
  'product',
  'project',
  'event',
  'session',
  'quote',
  'video',
  'place',
  'person',
  'plain',
] as const
export type CollectionKind = (typeof collectionKinds)[number]

export const collectionIcons = [
  'leaf',
  'seed',
  'basket',
  'spade',
  'bed',
  'fence',
  'calendar',
  'clock',
  'quote',
  'film',
  'book',
  'person',
  'pin',
  'star',
  'box',
  'note',
] as const
export type CollectionIcon = (typeof collectionIcons)[number]

/** What a designer decides about a collection. */
export interface CollectionInput {
  readonly name: string
  readonly singular: string
  readonly plural: string
  readonly icon: CollectionIcon
  readonly kind: CollectionKind
  /** Addresses of its entries' pages: `/field-notes/{slug}`. */
  readonly address: string
  /** Facets its entries are classified by, in order. */
  readonly facets: readonly number[]
}

const word = (what: string) =>
  string()
    .trim(`Remove the spaces at the ends of the ${what}.`)
    .required(`Give the ${what}.`)
    .max(80, `Keep the ${what} within 80 characters.`)

/** The rules a collection must meet, for forms to check field by field. */
export const collectionFields = {
  name: word('name'),
  singular: word('word for one'),
  plural: word('word for several'),
  icon: string<CollectionIcon>()
    .oneOf([...collectionIcons], 'Choose one of the icons.')
    .required(),
  kind: string<CollectionKind>()
    .oneOf([...collectionKinds], 'Choose what an entry is.')
    .required(),
  address: string()
    .required('Give the address of entry pages.')
    .max(120, 'Keep the address within 120 characters.')
    .test(
      'pattern',
      ({ value }) => patternFault(String(value)) ?? '',
      (value) => value === undefined || patternFault(value) === null,
    ),
  facets: array(idSchema().required()).max(20, 'Use at most 20 facets.').required(),
} as const

const schema = object(collectionFields).noUnknown('This is not part of a collection: ${unknown}.').required()

/** Reads a collection's definition. Faults carry the name of the field. */
export function parseCollectionInput(input: unknown): Parsed<CollectionInput> {
  const parsed = parseWith<unknown>(schema, input)
  if (!parsed.ok) return parsed
  const collection = parsed.value as CollectionInput
  return { ok: true, value: { ...collection, facets: [...new Set(collection.facets)] } }
}
