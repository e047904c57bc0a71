import { parseHappening } from '../../core/content/happening'
import { same } from '../../core/same'
import type { Db } from '../db/client'
import { transact } from '../db/transact'
import { accepted } from '../http/problem'
import { recordChange } from '../live/record-change'
import { beginWork } from '../work/begin'
import { finishSoon } from '../work/finish'
import { fieldsOf } from './fields'
import { lockCollection } from './form-locks'
import { collectionIndexing } from './index-work'

/**
 * Says which fields of a collection tell when its entries happen, where, and in which line. All of
 * them are written down anew by it, which goes on by itself where they are many. Throws 404, and 422
 * where a field is gone or of a type that can't say so.
 */
export async function saveHappening(db: Db, id: number, input: unknown): Promise<void> {
  const work = await transact(db, async (trx) => {
    await lockCollection(trx, id)
    const happening = accepted(parseHappening(input, await fieldsOf(trx, id)))
    const before = await trx
      .selectFrom('collections')
      .select('happening')
      .where('id', '=', id)
      .executeTakeFirstOrThrow()
    if (same(before.happening, happening)) return null
    await trx
      .updateTable('collections')
      .set({ happening: JSON.stringify(happening) })
      .where('id', '=', id)
      .execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return same(before.happening.when, happening.when)
      ? null
      : beginWork(trx, collectionIndexing, { collection: id })
  })
  if (work !== null) await finishSoon(db, work)
}
