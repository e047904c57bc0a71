import { parseLookChange, parseLookInput } from '../../core/looks/shared-look'
import type { SharedLook } from '../../core/looks/shared-look'
import { readyMadeLooks } from '../../core/looks/ready-made'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing, overtaken, refused } from '../http/problem'
import { recordChange } from '../live/record-change'

const columns = ['id', 'name', 'styles', 'css', 'version'] as const

/** The looks that listings can share, by name. */
export async function sharedLooks(db: Db | Trx): Promise<readonly SharedLook[]> {
  return db
    .selectFrom('looks')
    .select(columns)
    .where('deleted_at', 'is', null)
    .orderBy('name')
    .orderBy('id')
    .execute()
}

/** Gives a new site the looks to begin with. */
export async function addReadyMadeLooks(db: Db | Trx): Promise<void> {
  await db
    .insertInto('looks')
    .values(readyMadeLooks.map(({ title, styles }) => ({ name: title, styles: JSON.stringify(styles) })))
    .execute()
}

/** Makes a look. Throws 422 for what is wrong in it. */
export async function addLook(db: Db, input: unknown): Promise<SharedLook> {
  const { name, styles, css } = accepted(parseLookInput(input))
  return transact(db, async (trx) => {
    await holdNames(trx)
    await refuseTakenName(trx, name, null)
    const added = await trx
      .insertInto('looks')
      .values({ name, styles: JSON.stringify(styles), css: JSON.stringify(css) })
      .returning(columns)
      .executeTakeFirstOrThrow()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return added
  })
}

/**
 * Changes a look, for visitors at once wherever a listing is in it. Throws 404, 422, and 409 where somebody
 * else changed it in between.
 */
export async function saveLook(db: Db, id: number, input: unknown): Promise<SharedLook> {
  const { version, name, styles, css } = accepted(parseLookChange(input))
  return transact(db, async (trx) => {
    await holdNames(trx)
    const now = await trx
      .selectFrom('looks')
      .select(columns)
      .where('id', '=', id)
      .where('deleted_at', 'is', null)
      .executeTakeFirst()
    if (now === undefined) throw missing('The look')
    if (now.version !== version)
      throw overtaken(`Somebody else changed the look “${now.name}” after you opened it.`, now)
    await refuseTakenName(trx, name, id)
    const saved = await trx
      .updateTable('looks')
      .set({
        name,
        styles: JSON.stringify(styles),
        css: JSON.stringify(css),
        version: version + 1,
      })
      .where('id', '=', id)
      .returning(columns)
      .executeTakeFirstOrThrow()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return saved
  })
}

/** Takes a look away, or puts it back; listings in it are in the site's look meanwhile. Throws 404, 422. */
export async function setLookDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  await transact(db, async (trx) => {
    await holdNames(trx)
    const row = await trx
      .selectFrom('looks')
      .select(['name', 'deleted_at'])
      .where('id', '=', id)
      .executeTakeFirst()
    if (row === undefined) throw missing('The look')
    if ((row.deleted_at !== null) === deleted) return
    if (!deleted) await refuseTakenName(trx, row.name, id)
    await trx
      .updateTable('looks')
      .set({ deleted_at: deleted ? new Date() : null })
      .where('id', '=', id)
      .execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
}

/** One writer at a time: what two of them call their looks is not to be the same. */
async function holdNames(trx: Trx): Promise<void> {
  await trx.selectFrom('site').select('id').forNoKeyUpdate().execute()
}

async function refuseTakenName(trx: Trx, name: string, id: number | null): Promise<void> {
  const rows = await trx
    .selectFrom('looks')
    .select('name')
    .where('deleted_at', 'is', null)
    .where('id', 'is distinct from', id)
    .execute()
  if (rows.some((row) => row.name.toLowerCase() === name.toLowerCase()))
    throw refused([{ path: 'name', message: `There is a look “${name}” already. Choose another name.` }])
}
