import { array, number, object, string } from 'yup'
import type { Schema } from 'yup'
import { idOrNoneSchema, idSchema } from '../schemas'
import { parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { collectionIcons } from './collection'
import type { CollectionIcon } from './collection'
import { longestSlug, slugPattern } from './slug'

/** What a designer decides about a facet. */
export interface FacetInput {
  readonly name: string
  readonly plural: string
  /** The collections whose entries it classifies. */
  readonly collections: readonly number[]
}

/** What is said about a term. */
export interface TermInput {
  readonly name: string
  /** Its part of the address of its page: `/topic/soil`. */
  readonly slug: string
  readonly description: string
  readonly pictureId: number | null
  /** Empty for none. */
  readonly icon: CollectionIcon | ''
  /** `#rrggbb`, empty for none. */
  readonly colour: string
}

/** Where a term is put: under which other, and before how many of those there. */
export interface TermPlace {
  readonly parentId: number | null
  readonly at: number
}

const name = () =>
  string()
    .trim('Remove the spaces at the ends of the name.')
    .required('Give it a name.')
    .max(80, 'Keep the name within 80 characters.')

const facetSchema = object({
  name: name(),
  plural: name(),
  collections: array(idSchema().required()).max(200).required(),
})
  .noUnknown()
  .required()

const termSchema = object({
  name: name(),
  slug: string()
    .required('Give the term an address.')
    .max(longestSlug, `Keep the address within ${longestSlug} characters.`)
    .matches(slugPattern, 'Use small letters, digits and single hyphens: “seed-saving”.'),
  description: string().defined().max(600, 'Keep the description within 600 characters.'),
  pictureId: idOrNoneSchema(),
  icon: string<CollectionIcon | ''>()
    .oneOf(['', ...collectionIcons], 'Choose one of the icons.')
    .defined(),
  colour: string()
    .defined()
    .matches(/^(?:#[0-9a-f]{6})?$/, 'This takes a colour, such as #a8431f.'),
})
  .noUnknown()
  .required()

const placeSchema = object({
  parentId: idOrNoneSchema(),
  at: number().integer().min(0).max(100_000).required(),
})
  .noUnknown()
  .required()

/** Reads a facet. Faults carry the name of the field. */
export function parseFacetInput(input: unknown): Parsed<FacetInput> {
  return parseWith<FacetInput>(facetSchema, input)
}

/** Reads what is said about a term. Faults carry the name of the field. */
export function parseTermInput(input: unknown): Parsed<TermInput> {
  return parseWith(termSchema as unknown as Schema<TermInput>, input)
}

/** Reads where a term is put. */
export function parseTermPlace(input: unknown): Parsed<TermPlace> {
  return parseWith(placeSchema, input)
}
