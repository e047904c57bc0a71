import type { Menus, SavedMenus } from '../../core/menus'
import { parseMenus } from '../../core/menus'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, overtaken } from '../http/problem'
import { recordChange } from '../live/record-change'

/** The menus of the site, with their version. */
export async function siteMenus(db: Db | Trx): Promise<SavedMenus> {
  const row = await db.selectFrom('site').select(['menus', 'menus_version']).executeTakeFirstOrThrow()
  return { ...row.menus, version: row.menus_version }
}

/** Changes the menus, for visitors at once. Throws 422, and 409 where somebody else did in between. */
export async function saveMenus(db: Db, input: unknown): Promise<SavedMenus> {
  const { version, ...menus } = accepted(parseMenus(input))
  return transact(db, async (trx) => {
    const saved = await trx
      .updateTable('site')
      .set({ menus: JSON.stringify(menus satisfies Menus), menus_version: version + 1 })
      .where('menus_version', '=', version)
      .returning('id')
      .executeTakeFirst()
    if (saved === undefined)
      throw overtaken('Somebody else changed the menus after you opened them.', await siteMenus(trx))
    await recordChange(trx, { kind: 'site', subjectId: null })
    return { ...menus, version: version + 1 }
  })
}
