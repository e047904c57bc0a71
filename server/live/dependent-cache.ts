import type { ChangeFeed } from './change-feed'
import type { Change } from './record-change'

interface Kept {
  readonly value: unknown
  /** Epoch milliseconds from which the clock alone may have changed it. */
  readonly until: number
  readonly collections: readonly number[]
  readonly reads: boolean
}

/** What an answer depends on, besides the site itself: entries of these collections, and the clock. */
export interface Dependence<T> {
  readonly value: T
  readonly collections: readonly number[]
  readonly until: number
  /** Whether it goes by how often entries are read. */
  readonly reads?: boolean
}

/**
 * Keeps answers until what they depend on changes: entries of a collection, the site, or the clock.
 * The change feed drops them, so that several servers on one database never answer from before a
 * change they were told of; while the feed is cut off, nothing is kept.
 */
export class DependentCache {
  private readonly kept = new Map<string, Kept>()
  private readonly computing = new Map<string, Promise<unknown>>()
  /** Counts changes: what was computed across one may be from before it, and is not kept. */
  private changes = 0

  constructor(
    private readonly feed: Pick<ChangeFeed, 'subscribe' | 'isListening'>,
    private readonly most = 2000,
  ) {
    feed.subscribe((changes) => this.drop(changes))
  }

  /** The answer of that name: kept, being computed, or computed now. `now` is epoch milliseconds. */
  async get<T>(name: string, now: number, compute: () => Promise<Dependence<T>>): Promise<T> {
    const kept = this.kept.get(name)
    if (kept !== undefined && now < kept.until && this.feed.isListening()) {
      // The last asked for is dropped last.
      this.kept.delete(name)
      this.kept.set(name, kept)
      return kept.value as T
    }
    const begun = this.changes
    const shared = `${begun} ${name}`
    const running = this.computing.get(shared) as Promise<Dependence<T>> | undefined
    const answer = running ?? compute()
    if (running === undefined) this.computing.set(shared, answer)
    try {
      const { value, collections, until, reads = false } = await answer
      if (this.changes === begun && this.feed.isListening() && now < until) this.keep(name, { value, collections, until, reads })
      return value
    } finally {
      this.computing.delete(shared)
    }
  }

  private keep(name: string, kept: Kept): void {
    this.kept.delete(name)
    this.kept.set(name, kept)
    const [oldest] = this.kept.keys()
    if (this.kept.size > this.most && oldest !== undefined) this.kept.delete(oldest)
  }

  private drop(changes: readonly Change[]): void {
    this.changes += 1
    if (changes.some((change) => change.kind === 'site')) {
      this.kept.clear()
      return
    }
    const [entries, reads] = [touchedBy(changes, 'collection'), touchedBy(changes, 'reads')]
    for (const [name, kept] of this.kept) if (kept.collections.some((id) => entries.has(id) || (kept.reads && reads.has(id)))) this.kept.delete(name)
  }
}

function touchedBy(changes: readonly Change[], kind: Change['kind']): ReadonlySet<number> {
  return new Set(changes.flatMap((change) => (change.kind === kind && change.subjectId !== null ? [change.subjectId] : [])))
}
