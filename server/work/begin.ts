import type { Trx } from '../db/client'
import type { LongWork } from './define'

/** Begins long work within the transaction that makes it necessary; gives the id to finish it by. */
export async function beginWork<Detail, State>(
  trx: Trx,
  work: LongWork<Detail, State>,
  detail: Detail,
): Promise<string> {
  const { subject, size } = await work.about(trx, detail)
  const { id } = await trx
    .insertInto('long_work')
    .values({
      kind: work.kind,
      detail: JSON.stringify(detail),
      state: JSON.stringify(work.start),
      subject,
      size,
    })
    .returning('id')
    .executeTakeFirstOrThrow()
  return id
}
