import { LRUCache } from 'lru-cache'
import type { ChangeFeed } from './change-feed'
import type { Change } from './record-change'

/** What an answer depends on, besides the site itself: entries of these collections, and the clock. */
export interface DependsOn {
  readonly collections: readonly number[]
  /** Epoch milliseconds from which the clock alone may have changed it. */
  readonly until: number
  /** Whether it goes by how often entries are read. */
  readonly reads?: boolean
  /** Whether it goes by which pages there are, and what is on them. */
  readonly pages?: boolean
}

export type Dependence<T> = DependsOn & { readonly value: T }

type Kept = Dependence<unknown>

/** How much is kept: so many answers, or, where they differ much in size, so many bytes of them. */
export type Bound =
  { readonly most: number } | { readonly bytes: number; readonly sizeOf: (value: unknown) => number }

/**
 * Keeps answers until what they depend on changes: entries of a collection, the site, or the clock.
 * The change feed drops them, so that several servers on one database never answer from before a
 * change they were told of; while the feed is cut off, nothing is kept, nor what was begun meanwhile.
 */
export class DependentCache {
  /** The last asked for is dropped last. */
  private readonly kept: LRUCache<string, Kept>
  private readonly computing = new Map<string, Promise<unknown>>()
  /** Counts changes: what was computed across one may be from before it, and is not kept. */
  private changes = 0

  constructor(
    private readonly feed: Pick<ChangeFeed, 'subscribe' | 'isListening'>,
    bound: Bound = { most: 2000 },
  ) {
    this.kept =
      'most' in bound
        ? new LRUCache({ max: bound.most })
        : new LRUCache({
            maxSize: bound.bytes,
            sizeCalculation: ({ value }) => Math.max(1, bound.sizeOf(value)),
          })
    feed.subscribe((changes) => this.drop(changes))
  }

  /** The answer of that name: kept, being computed, or computed now. `now` is epoch milliseconds. */
  async get<T>(name: string, now: number, compute: () => Promise<Dependence<T>>): Promise<T> {
    const kept = this.keptNow<T>(name, now)
    if (kept !== undefined) return kept
    const [begun, isHeard] = [this.changes, this.feed.isListening()]
    const shared = `${begun} ${isHeard} ${name}`
    const running = this.computing.get(shared) as Promise<Dependence<T>> | undefined
    const answer = running ?? compute()
    if (running === undefined) this.computing.set(shared, answer)
    try {
      const dependence = await answer
      if (isHeard && this.changes === begun && this.feed.isListening() && now < dependence.until)
        this.kept.set(name, dependence)
      return dependence.value
    } finally {
      this.computing.delete(shared)
    }
  }

  /** The answer of that name where it is kept; undefined where it must be computed. */
  keptNow<T>(name: string, now: number): T | undefined {
    const kept = this.kept.get(name)
    return kept !== undefined && now < kept.until && this.feed.isListening() ? (kept.value as T) : undefined
  }

  private drop(changes: readonly Change[]): void {
    this.changes += 1
    if (changes.some((change) => change.kind === 'site')) {
      this.kept.clear()
      return
    }
    const [entries, reads] = [touchedBy(changes, 'collection'), touchedBy(changes, 'reads')]
    const pages = changes.some((change) => change.kind === 'page')
    for (const [name, kept] of this.kept.entries()) {
      const isTouched = kept.collections.some(
        (id) => entries.has(id) || (kept.reads === true && reads.has(id)),
      )
      if (isTouched || (pages && kept.pages === true)) this.kept.delete(name)
    }
  }
}

function touchedBy(changes: readonly Change[], kind: Change['kind']): ReadonlySet<number> {
  return new Set(
    changes.flatMap((change) =>
      change.kind === kind && change.subjectId !== null ? [change.subjectId] : [],
    ),
  )
}
