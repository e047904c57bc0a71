import { array, boolean, mixed, number, object, string } from 'yup'
import type { Schema } from 'yup'
import { idOrNoneSchema, idSchema, textSchema } from '../schemas'
import { parseWith } from '../parsing'
import type { Fault, Parsed } from '../parsing'
import { entryStatuses } from './entry'
import type { EntryStatus } from './entry'
import { parseFieldValues } from './field'
import type { Field, FieldValues } from './field'
import { isBlank } from './fields'
import { earliestInstant, latestInstant } from './fields/date-time'
import { emptyDocument, parseRichText } from './rich-text/document'
import type { RichText } from './rich-text/document'
import { longestSlug, slugPattern } from './slug'

/** What an editor writes of an entry: the one form that screens and files bring content in by. */
export interface EntryInput {
  readonly title: string
  readonly slug: string
  readonly summary: string
  readonly body: RichText
  readonly status: EntryStatus
  /** Epoch milliseconds; needed when published. In the future it schedules the entry. */
  readonly publishedAt: number | null
  /** Epoch milliseconds; from then on visitors no longer see it. Null is never. */
  readonly expiresAt: number | null
  readonly authorId: number | null
  readonly pictureId: number | null
  readonly pinned: boolean
  readonly termIds: readonly number[]
  /** By the id of their field. */
  readonly values: FieldValues
}

/** An entry before anything is written. */
export const blankEntry: EntryInput = {
  title: '',
  slug: '',
  summary: '',
  body: emptyDocument,
  status: 'draft',
  publishedAt: null,
  expiresAt: null,
  authorId: null,
  pictureId: null,
  pinned: false,
  termIds: [],
  values: {},
}

/** What an editor writes of an entry, out of anything that holds more; fields left empty have no value. */
export function entryInputOf(entry: EntryInput): EntryInput {
  const {
    title,
    slug,
    summary,
    body,
    status,
    publishedAt,
    expiresAt,
    authorId,
    pictureId,
    pinned,
    termIds,
    values,
  } = entry
  const filled = Object.fromEntries(Object.entries(values).filter(([, value]) => !isBlank(value)))
  return {
    title,
    slug,
    summary,
    body,
    status,
    publishedAt,
    expiresAt,
    authorId,
    pictureId,
    pinned,
    termIds: [...termIds],
    values: filled,
  }
}

const instantOrNone = () =>
  number()
    .integer()
    .min(earliestInstant, 'The date lies before the year 1.')
    .max(latestInstant, 'The date lies after the year 9999.')
    .nullable()
    .defined()

/** The rules an entry must meet, for forms to check field by field. */
export const entryInputFields = {
  title: textSchema()
    .trim('Remove the spaces at the ends of the title.')
    .required('Give the entry a title.')
    .max(200, 'Keep the title within 200 characters.'),
  slug: string()
    .required('Give the entry an address.')
    .max(longestSlug, `Keep the address within ${longestSlug} characters.`)
    .matches(slugPattern, 'Use small letters, digits and single hyphens: “drying-bean-pods”.'),
  summary: textSchema().defined().max(600, 'Keep the summary within 600 characters.'),
  body: mixed<RichText>()
    .test(
      'rich text',
      ({ value }) => richTextFault(value) ?? '',
      (value) => richTextFault(value) === null,
    )
    .required(),
  status: string<EntryStatus>()
    .oneOf([...entryStatuses], 'A status is draft, published or archived.')
    .required(),
  publishedAt: instantOrNone().when('status', {
    is: 'published',
    then: (date) => date.nonNullable('Say from when the entry is published.'),
  }),
  expiresAt: instantOrNone().test(
    'after',
    'The end lies before the beginning. Set a later one, or none.',
    (expiresAt, { parent }) => {
      const { publishedAt } = parent as EntryInput
      return expiresAt == null || publishedAt == null || expiresAt > publishedAt
    },
  ),
  authorId: idOrNoneSchema(),
  pictureId: idOrNoneSchema(),
  pinned: boolean().required(),
  termIds: array(idSchema().required()).max(100, 'Choose at most 100 terms.').required(),
} as const

const schema = object({ ...entryInputFields, values: mixed().required() })
  .noUnknown('This is not part of an entry: ${unknown}.')
  .required()

function richTextFault(value: unknown): string | null {
  const parsed = parseRichText(value)
  return parsed.ok ? null : (parsed.faults[0]?.message ?? '')
}

/**
 * Reads what an editor wrote of an entry with these fields. Faults carry the name of the field,
 * `values.12` for the others.
 */
export function parseEntryInput(input: unknown, fields: readonly Field[]): Parsed<EntryInput> {
  const parsed = parseWith(schema as unknown as Schema<EntryInput>, input)
  const given = typeof input === 'object' && input !== null ? (input as Record<string, unknown>) : {}
  const values = parseFieldValues(fields, given.values ?? {}, { complete: given.status === 'published' })
  const faults: readonly Fault[] = [
    ...(parsed.ok ? [] : parsed.faults),
    ...(values.ok
      ? []
      : values.faults.map((fault) => ({
          ...fault,
          path: fault.path === '' ? 'values' : `values.${fault.path}`,
        }))),
  ]
  if (!parsed.ok || !values.ok) return { ok: false, faults }
  const body = parseRichText(parsed.value.body)
  if (!body.ok) return body
  const { termIds } = parsed.value
  return {
    ok: true,
    value: { ...parsed.value, body: body.value, termIds: [...new Set(termIds)], values: values.value },
  }
}
