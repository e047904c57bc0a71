import type { Trx } from '../db/client'
import { missing } from '../http/problem'

/**
 * Holds the form of a collection as it is, as writers of its entries do before anything else: many at
 * once, but nobody who changes the form. Throws 404.
 */
export async function holdCollection(trx: Trx, id: number): Promise<void> {
  const row = await trx
    .selectFrom('collections')
    .select('id')
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .forShare()
    .executeTakeFirst()
  if (!row) throw missing('The collection')
}

/** As `holdCollection`, also of one that was deleted. */
export async function holdForm(trx: Trx, id: number): Promise<void> {
  await trx.selectFrom('collections').select('id').where('id', '=', id).forShare().execute()
}

/** Holds a collection against writers of its entries and other writers of its form. Throws 404. */
export async function lockCollection(trx: Trx, id: number): Promise<void> {
  const row = await trx
    .selectFrom('collections')
    .select('id')
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .forNoKeyUpdate()
    .executeTakeFirst()
  if (!row) throw missing('The collection')
}

/** As `lockCollection`, also of one that was deleted. */
export async function lockForm(trx: Trx, id: number): Promise<void> {
  await trx.selectFrom('collections').select('id').where('id', '=', id).forNoKeyUpdate().execute()
}
