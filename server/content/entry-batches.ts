import type { Db } from '../db/client'

const size = 2000

/** The ids of all entries of a collection, deleted ones too, in batches that a statement can carry. */
export async function* entryBatches(db: Db, collectionId: number): AsyncGenerator<readonly number[]> {
  for (let after = 0; ; ) {
    const rows = await db
      .selectFrom('entries')
      .select('id')
      .where('collection_id', '=', collectionId)
      .where('id', '>', after)
      .orderBy('id')
      .limit(size)
      .execute()
    const last = rows.at(-1)
    if (last === undefined) return
    yield rows.map((row) => row.id)
    after = last.id
  }
}
