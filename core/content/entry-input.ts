import { array, boolean, number, object, string } from 'yup'
import type { Schema } from 'yup'
import { faulty, parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { entryStatuses } from './entry'
import type { EntryStatus } from './entry'
import { longestSlug, slugPattern } from './slug'

/** What an editor writes of an entry: the one form that screens and files bring content in by. */
export interface EntryInput {
  readonly title: string
  readonly slug: string
  readonly summary: string
  /** Plain text; blank lines part paragraphs. */
  readonly body: string
  readonly status: EntryStatus
  /** Epoch milliseconds; needed when published. In the future it schedules the entry. */
  readonly publishedAt: number | null
  readonly authorId: number | null
  readonly pictureId: number | null
  readonly pinned: boolean
  readonly termIds: readonly number[]
}

const idOrNone = () => number().integer().positive().nullable().defined()

/** Year 1 to year 9999: what date fields can show. */
const earliest = -62_135_596_800_000
const latest = 253_402_300_799_999

/** The rules an entry must meet, for forms to check field by field. */
export const entryInputFields = {
  title: string().trim('Remove the spaces at the ends of the title.').required('Give the entry a title.').max(200, 'Keep the title within 200 characters.'),
  slug: string()
    .required('Give the entry an address.')
    .max(longestSlug, `Keep the address within ${longestSlug} characters.`)
    .matches(slugPattern, 'Use small letters, digits and single hyphens: “drying-bean-pods”.'),
  summary: string().defined().max(600, 'Keep the summary within 600 characters.'),
  body: string().defined().max(200_000, 'Keep the text within 200,000 characters.'),
  status: string<EntryStatus>().oneOf([...entryStatuses], 'A status is draft, published or archived.').required(),
  publishedAt: number()
    .integer()
    .min(earliest, 'The date lies before the year 1.')
    .max(latest, 'The date lies after the year 9999.')
    .nullable()
    .defined()
    .when('status', {
      is: 'published',
      then: (date) => date.nonNullable('Say from when the entry is published.'),
    }),
  authorId: idOrNone(),
  pictureId: idOrNone(),
  pinned: boolean().required(),
  termIds: array(number().integer().positive().required()).max(100, 'Choose at most 100 terms.').required(),
} as const

const schema = object(entryInputFields).noUnknown('This is not part of an entry: ${unknown}.').required()

/** PostgreSQL keeps no NUL in a text, and no half of a surrogate pair. */
const unstorable = /\0|\p{Surrogate}/u

/** Reads what an editor wrote. Faults carry the name of the field. */
export function parseEntryInput(input: unknown): Parsed<EntryInput> {
  const parsed = parseWith(schema as Schema<EntryInput>, input)
  if (!parsed.ok) return parsed
  for (const field of ['title', 'summary', 'body'] as const) {
    if (unstorable.test(parsed.value[field]))
      return faulty(field, 'The text holds a character that cannot be stored. Paste it as plain text.')
  }
  const { termIds } = parsed.value
  return { ok: true, value: { ...parsed.value, termIds: [...new Set(termIds)] } }
}
