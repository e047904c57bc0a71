import { defaultValues, parseSiteValues } from '../../core/looks/site-values'
import type { SavedSiteValues, SiteValues } from '../../core/looks/site-values'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, overtaken } from '../http/problem'
import { recordChange } from '../live/record-change'

/** The named values of the site, with their version. */
export async function siteValues(db: Db | Trx): Promise<SavedSiteValues> {
  const row = await db
    .selectFrom('site')
    .select(['named_values', 'named_values_version'])
    .executeTakeFirstOrThrow()
  return { ...defaultValues, ...row.named_values, version: row.named_values_version }
}

/** Changes them, for visitors at once. Throws 422, and 409 where somebody else did in between. */
export async function saveSiteValues(db: Db, input: unknown): Promise<SavedSiteValues> {
  const { version, ...values } = accepted(parseSiteValues(input))
  return transact(db, async (trx) => {
    const saved = await trx
      .updateTable('site')
      .set({ named_values: JSON.stringify(values satisfies SiteValues), named_values_version: version + 1 })
      .where('named_values_version', '=', version)
      .returning('id')
      .executeTakeFirst()
    if (saved === undefined)
      throw overtaken(
        'Somebody else changed the palette or the scales after you opened it.',
        await siteValues(trx),
      )
    await recordChange(trx, { kind: 'site', subjectId: null })
    return { ...values, version: version + 1 }
  })
}
