import { lazy, object, string } from 'yup'
import type { Schema } from 'yup'
import { parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { idOrNoneSchema, textSchema, versionSchema } from '../schemas'
import { pageAddressFault } from './address'
import { frames } from './frames'
import type { FrameName } from './frames'
import { readyMadePages } from './ready-made'

/** How long a deleted page can be put back. */
export const pageKeptDays = 30

/** What a new page begins with. */
export type PageBeginning =
  | { readonly with: 'frame'; readonly frame: FrameName }
  /** `collection` is the id of the one that it is mostly about; null for what suits it. */
  | { readonly with: 'ready-made'; readonly name: string; readonly collection: number | null }

export interface NewPage {
  readonly title: string
  readonly address: string
  readonly beginning: PageBeginning
}

/** What a page is called and where visitors find it, with the version of the draft that was seen. */
export interface NamedPage {
  readonly title: string
  /** Null where it stays: a page for many things has a pattern, which moves with them. */
  readonly address: string | null
  readonly version: number
}

const address = () =>
  string().test(
    'address',
    ({ value }) => pageAddressFault(String(value)) ?? '',
    (value) => value == null || pageAddressFault(value) === null,
  )

const named = {
  title: textSchema()
    .trim('Remove the spaces at the ends of the title.')
    .required('Give the page a title.')
    .max(160, 'Keep the title within 160 characters.'),
  address: address().required('Give the page an address.'),
}

const beginnings = {
  frame: object({
    with: string().required(),
    frame: string().oneOf(frames.names, 'Choose one of the frames.').required('Choose a frame.'),
  }),
  'ready-made': object({
    with: string().required(),
    name: string().oneOf(readyMadePages.names, 'Choose one of the pages.').required('Choose a page.'),
    collection: idOrNoneSchema(),
  }),
}

const beginning = lazy((given: unknown) => {
  const name: unknown = typeof given === 'object' && given !== null ? Reflect.get(given, 'with') : null
  return (name === 'frame' ? beginnings.frame : beginnings['ready-made']).noUnknown().required()
}) as unknown as Schema<PageBeginning>

const newSchema = object({ ...named, beginning })
  .noUnknown()
  .required()
const namedSchema = object({
  ...named,
  address: address().nullable().defined(),
  version: versionSchema().required(),
})
  .noUnknown()
  .required()

/** Checks what a page is made from. */
export function parseNewPage(input: unknown): Parsed<NewPage> {
  return parseWith<unknown>(newSchema, input) as Parsed<NewPage>
}

/** Checks a page's new title and address. */
export function parseNamedPage(input: unknown): Parsed<NamedPage> {
  return parseWith<unknown>(namedSchema, input) as Parsed<NamedPage>
}
