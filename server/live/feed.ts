import { database, databaseUrl } from '../db/client'
import { askingKept } from '../listings/ask'
import type { ListingAsker } from '../listings/ask'
import { ChangeFeed } from './change-feed'
import { DependentCache } from './dependent-cache'

let feed: ChangeFeed | undefined
let asker: ListingAsker | undefined

/** The server's own change feed. */
export function changeFeed(): ChangeFeed {
  feed ??= new ChangeFeed(database(), databaseUrl())
  return feed
}

/** Answers listings for the live site, and keeps the answers until the feed tells of a change. */
export function liveAsker(): ListingAsker {
  asker ??= askingKept(database(), new DependentCache(changeFeed()))
  return asker
}
