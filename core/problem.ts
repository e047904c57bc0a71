import type { Fault } from './parsing'

/** What an API answers when it can't do what was asked: RFC 9457 problem details. */
export interface ProblemDetails {
  readonly status: number
  readonly title: string
  readonly detail: string
  /** Where input is wrong, field by field. */
  readonly faults: readonly Fault[]
  /** For 409: what stands in the database now. */
  readonly current?: unknown
}
