import { setTimeout as pause } from 'node:timers/promises'
import type { Db } from '../db/client'
import type { KnownSite } from '../listings/context'
import { changesBetween } from './change-feed'
import type { ChangeFeed } from './change-feed'
import { dependenciesOf, pageTurnsAt, touchesPage } from './page-dependencies'
import type { PageDependencies } from './page-dependencies'
import type { Change } from './record-change'

/** So many open pages are told at once, and then a pause in milliseconds: they all come and ask. */
const toldAtOnce = 100
const pauseBetween = 50
const longestTimer = 24 * 3600_000

/** What an open page had seen when it was made. */
export interface Seen {
  /** The snapshot of the change log, as the database writes it; null where it is not known. */
  readonly snapshot: string | null
  /** Epoch milliseconds. */
  readonly at: number
}

interface Watch {
  readonly viewers: Set<() => void>
  dependencies: Promise<PageDependencies>
  timer: NodeJS.Timeout | undefined
}

/**
 * Knows which pages are open, and tells them when what they show may be another: once a page,
 * however many have it open.
 */
export class PageWatches {
  private readonly watches = new Map<number, Watch>()
  private readonly unsubscribe: () => void

  constructor(
    private readonly db: Db,
    private readonly feed: Pick<ChangeFeed, 'subscribe'>,
    private readonly known: () => Promise<KnownSite>,
  ) {
    this.unsubscribe = feed.subscribe((changes) => this.changed(changes))
  }

  /**
   * Watches a page for somebody who has it open, from what they saw on, or from now; until the
   * returned function is called.
   */
  open(page: number, tell: () => void, seen: Seen | null): () => void {
    const watch = this.watches.get(page) ?? this.begin(page)
    watch.viewers.add(tell)
    if (seen !== null)
      void this.hasChangedSince(watch, seen).then((has) => has && watch.viewers.has(tell) && tell(), warn)
    return () => {
      watch.viewers.delete(tell)
      if (watch.viewers.size > 0) return
      clearTimeout(watch.timer)
      if (this.watches.get(page) === watch) this.watches.delete(page)
    }
  }

  stop(): void {
    this.unsubscribe()
    for (const { timer } of this.watches.values()) clearTimeout(timer)
    this.watches.clear()
  }

  private begin(page: number): Watch {
    const watch: Watch = { viewers: new Set(), dependencies: dependenciesOf(this.db, page), timer: undefined }
    this.watches.set(page, watch)
    void this.setClock(watch).catch(warn)
    return watch
  }

  private changed(changes: readonly Change[]): void {
    for (const [page, watch] of this.watches)
      void watch.dependencies
        .then(async (before) => {
          if (!changes.some((change) => touchesPage(change, before))) return
          if (changes.some((change) => change.kind !== 'collection'))
            watch.dependencies = dependenciesOf(this.db, page)
          await Promise.all([tellAll(watch), this.setClock(watch)])
        })
        .catch(warn)
  }

  /** Wakes at the next turn of the clock that may change the page. */
  private async setClock(watch: Watch): Promise<void> {
    const now = Date.now()
    const turns = await pageTurnsAt(this.db, await watch.dependencies, (await this.known()).words, now)
    clearTimeout(watch.timer)
    if (!Number.isFinite(turns) || watch.viewers.size === 0) return
    watch.timer = setTimeout(
      () => {
        if (Date.now() >= turns) void tellAll(watch)
        void this.setClock(watch).catch(warn)
      },
      Math.min(longestTimer, turns - now + 1),
    )
  }

  /**
   * Whether the log tells of a change since a page was made, or the clock has turned; also where
   * that can't be told any more.
   */
  private async hasChangedSince(watch: Watch, { snapshot, at }: Seen): Promise<boolean> {
    if (snapshot === null) return true
    const [dependencies, changes, { words }] = await Promise.all([
      watch.dependencies,
      changesBetween(this.db, snapshot, null),
      this.known(),
    ])
    if (changes === null || changes.some((change) => touchesPage(change, dependencies))) return true
    return (await pageTurnsAt(this.db, dependencies, words, at)) <= Date.now()
  }
}

async function tellAll({ viewers }: Watch): Promise<void> {
  const all = [...viewers]
  for (let from = 0; from < all.length; from += toldAtOnce) {
    if (from > 0) await pause(pauseBetween)
    for (const tell of all.slice(from, from + toldAtOnce)) if (viewers.has(tell)) tell()
  }
}

function warn(error: unknown): void {
  console.warn(`An open page was not watched: ${String(error)}`)
}
