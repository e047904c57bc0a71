import type { Db } from '../db/client'
import { transact } from '../db/transact'
import { beginWork } from '../work/begin'
import { finishSoon } from '../work/finish'
import { indexMissingWords } from './entry-words'
import { collectionIndexing } from './index-work'

/** How entries are indexed by now. It rises when that changes. */
const indexForm = 3

/**
 * Indexes anew what an older Bushel indexed, collection by collection: what fields are asked for, and
 * the words that entries are found by. What is cut off goes on where it was.
 */
export async function indexOldAnew(db: Db): Promise<void> {
  const old = await db
    .selectFrom('collections')
    .select('id')
    .where('index_form', '<', indexForm)
    .orderBy('id')
    .execute()
  for (const { id } of old) {
    const work = await transact(db, async (trx) => {
      const claimed = await trx
        .updateTable('collections')
        .set({ index_form: indexForm })
        .where('id', '=', id)
        .where('index_form', '<', indexForm)
        .returning('id')
        .executeTakeFirst()
      return claimed === undefined ? null : beginWork(trx, collectionIndexing, { collection: id })
    })
    if (work !== null) await finishSoon(db, work)
  }
  await indexMissingWords(db)
}
