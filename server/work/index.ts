import { bulkChanging, bulkUndoing } from '../content/bulk-work'
import { collectionIndexing, termIndexing } from '../content/index-work'
import { fieldConverting } from '../content/conversion-work'
import { termLeaving, termReturning } from '../content/term-work'
import { authorLeaving, authorReturning } from '../people/author-work'
import type { LongWork } from './define'

/** Every kind of long work. A new one is a file beside what it works on, and a line here. */
const works = [
  collectionIndexing,
  termIndexing,
  fieldConverting,
  termLeaving,
  termReturning,
  bulkChanging,
  bulkUndoing,
  authorLeaving,
  authorReturning,
] as unknown as readonly LongWork<unknown, unknown>[]

/** The work of that kind; undefined for one that this Bushel does not know. */
export function workOf(kind: string): LongWork<unknown, unknown> | undefined {
  return works.find((one) => one.kind === kind)
}
