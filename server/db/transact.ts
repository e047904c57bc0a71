import { setTimeout as pause } from 'node:timers/promises'
import type { Db, Trx } from './client'
import { databaseFailure } from './failures'

/** As often is tried what keeps coming across other writers. */
const mostTries = 8

/**
 * Runs a transaction, all or nothing. One that came across another writer, so that the database
 * took it back (a deadlock, or what it built on went away meanwhile), is run again from its start.
 */
export async function transact<T>(db: Db, work: (trx: Trx) => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries += 1) {
    try {
      return await db.transaction().execute(work)
    } catch (error) {
      if (databaseFailure(error) !== 'crossed' || tries === mostTries) throw error
      await pause(Math.random() * 20 * 2 ** tries)
    }
  }
}
