import { database, databaseUrl } from '../db/client'
import { askingKept } from '../listings/ask'
import type { ListingAsker } from '../listings/ask'
import { HeldEntries } from '../listings/held-entries'
import { ChangeFeed } from './change-feed'
import { DependentCache } from './dependent-cache'
import { PageWatches } from './page-watches'

let feed: ChangeFeed | undefined
let asker: ListingAsker | undefined
let watches: PageWatches | undefined

/** The server's own change feed. */
export function changeFeed(): ChangeFeed {
  feed ??= new ChangeFeed(database(), databaseUrl())
  return feed
}

/** Answers listings for the live site, and keeps the answers until the feed tells of a change. */
export function liveAsker(): ListingAsker {
  asker ??= askingKept(
    database(),
    new DependentCache(changeFeed()),
    () => changeFeed().seen(),
    new HeldEntries(database()),
  )
  return asker
}

/** The pages that are open at this server. */
export function pageWatches(): PageWatches {
  watches ??= new PageWatches(database(), changeFeed(), liveAsker().known)
  return watches
}
