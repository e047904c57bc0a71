import { defaultColours, parseSiteColours } from '../../core/looks/site-colours'
import type { SavedSiteColours, SiteColours } from '../../core/looks/site-colours'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, overtaken } from '../http/problem'
import { recordChange } from '../live/record-change'

/** The named colours of the site, with their version. */
export async function siteColours(db: Db | Trx): Promise<SavedSiteColours> {
  const row = await db.selectFrom('site').select(['colours', 'colours_version']).executeTakeFirstOrThrow()
  return { ...(row.colours ?? defaultColours), version: row.colours_version }
}

/** Changes the colours, for visitors at once. Throws 422, and 409 where somebody else did in between. */
export async function saveSiteColours(db: Db, input: unknown): Promise<SavedSiteColours> {
  const { version, ...colours } = accepted(parseSiteColours(input))
  return transact(db, async (trx) => {
    const saved = await trx
      .updateTable('site')
      .set({ colours: JSON.stringify(colours satisfies SiteColours), colours_version: version + 1 })
      .where('colours_version', '=', version)
      .returning('id')
      .executeTakeFirst()
    if (saved === undefined)
      throw overtaken('Somebody else changed the palette after you opened it.', await siteColours(trx))
    await recordChange(trx, { kind: 'site', subjectId: null })
    return { ...colours, version: version + 1 }
  })
}
