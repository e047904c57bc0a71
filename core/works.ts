/** The kinds of work that goes on by itself, as they are stored. */
export const workKinds = [
  'index-collection',
  'index-terms',
  'convert-field',
  'term-leaving',
  'term-returning',
  'change-in-bulk',
  'undo-in-bulk',
  'author-leaving',
  'author-returning',
] as const
export type WorkKind = (typeof workKinds)[number]

/** Work that goes on by itself, or failed to. */
export interface WorkRow {
  readonly id: string
  readonly kind: WorkKind
  /** What it is done to, by name. */
  readonly subject: string
  /** About how many entries are done, of about how many. */
  readonly done: number
  readonly size: number
  /** Epoch milliseconds. */
  readonly begunAt: number
  /** Why it does not go on, as the server met it; null while it does. */
  readonly failure: string | null
  readonly isStopping: boolean
  /** Whether it can be ended where it is. */
  readonly mayStop: boolean
}

/** A job that was given up after several tries. */
export interface FailedJob {
  readonly name: string
  /** Epoch milliseconds. */
  readonly failedAt: number
  readonly message: string
}

/** What goes on by itself beside what people do, and what failed to. */
export interface Works {
  readonly works: readonly WorkRow[]
  /** How many pictures are still to be made at their widths. */
  readonly pictures: number
  readonly failed: readonly FailedJob[]
}
