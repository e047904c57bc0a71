import { lazy, mixed, number, object } from 'yup'
import { latestInstant, earliestInstant } from '../../core/content/fields/date-time'
import { parseWith } from '../../core/parsing'
import { pageSubjectSchema } from '../../core/query/page-subject'
import { accepted } from '../http/problem'
import type { Asked } from './context'

const schema = object({
  /** Epoch milliseconds of the day that is looked at; none for now. */
  asOf: number().integer().min(earliestInstant).max(latestInstant).nullable(),
  /** What the page is taken to be about. */
  sample: lazy((value: unknown) =>
    value === null || value === undefined ? mixed().nullable() : (pageSubjectSchema as never),
  ),
})

/** For which moment and which sample the bench asks. Throws 422. `now` is epoch milliseconds. */
export function askedInput(body: unknown, now: number): Asked {
  const given =
    typeof body === 'object' && body !== null
      ? { asOf: Reflect.get(body, 'asOf') as unknown, sample: Reflect.get(body, 'sample') as unknown }
      : {}
  const { asOf, sample } = accepted(parseWith<unknown>(schema, given)) as {
    readonly asOf?: number | null
    readonly sample?: Asked['page']
  }
  return { now: asOf ?? now, page: sample ?? null, visit: 'bench' }
}
