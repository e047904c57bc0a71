import { database, databaseUrl } from '../db/client'
import { ChangeFeed } from './change-feed'

let feed: ChangeFeed | undefined

/** The server's own change feed. */
export function changeFeed(): ChangeFeed {
  feed ??= new ChangeFeed(database(), databaseUrl())
  return feed
}
