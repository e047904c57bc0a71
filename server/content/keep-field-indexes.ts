import type { Db } from '../db/client'
import { reconcileFieldIndexes } from './field-indexes'

let working: Promise<void> = Promise.resolve()

/**
 * Brings the indexes of fields up to date in the background, one round after the other. What fails
 * or is cut off is done in a later round: each looks at what is wanted and what is there.
 */
export function keepFieldIndexes(db: Db): void {
  working = working.then(async () => {
    try {
      await reconcileFieldIndexes(db)
    } catch (error) {
      console.warn(
        `The indexes of fields are not up to date: ${error instanceof Error ? error.message : String(error)}`,
      )
    }
  })
}
