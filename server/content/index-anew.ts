import { sql } from 'kysely'
import type { Db } from '../db/client'
import { indexMissingWords } from './entry-words'
import { refreshFieldIndex } from './field-index'

/** How entries are indexed by now. It rises when that changes. */
const indexForm = 2

/**
 * Indexes anew what an older Bushel indexed, collection by collection: what fields are asked for, and
 * the words that entries are found by. What is cut off is done at the next start.
 */
export async function indexOldAnew(db: Db): Promise<void> {
  const old = await db.selectFrom('collections').select('id').where('index_form', '<', indexForm).execute()
  for (const { id } of old)
    await db.transaction().execute(async (trx) => {
      await refreshFieldIndex(trx, id)
      await sql`update collections set index_form = ${indexForm} where id = ${id}`.execute(trx)
    })
  await indexMissingWords(db)
}
