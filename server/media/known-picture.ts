import type { Trx } from '../db/client'
import { refused } from '../http/problem'

/** Throws 422 at `path` where there is no picture of that number, or none any more; null is none. */
export async function refuseUnknownPicture(trx: Trx, id: number | null, path: string): Promise<void> {
  if (id === null) return
  const picture = await trx
    .selectFrom('media')
    .select('id')
    .where('id', '=', id)
    .where('kind', '=', 'picture')
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!picture) throw refused([{ path, message: 'This picture is gone. Choose another.' }])
}
