import { sql } from 'kysely'
import type { SavedSiteFacts } from '../../core/site-facts'
import { parseSiteFacts } from '../../core/site-facts'
import { keepFieldIndexes } from '../content/keep-field-indexes'
import { collectionIndexing } from '../content/index-work'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, overtaken } from '../http/problem'
import { recordChange } from '../live/record-change'
import { refuseUnknownPicture } from '../media/known-picture'
import { beginWork } from '../work/begin'
import { finishSoon } from '../work/finish'

/** What the site says of itself. */
export async function siteFacts(db: Db | Trx): Promise<SavedSiteFacts> {
  const row = await db.selectFrom('site').selectAll().executeTakeFirstOrThrow()
  return {
    name: row.name,
    tagline: row.tagline,
    address: row.address,
    locale: row.locale,
    zone: row.time_zone,
    readingPace: row.reading_pace,
    iconId: row.icon_id,
    version: row.facts_version,
  }
}

/**
 * Changes what the site says of itself, for visitors at once. In another language entries are found and put
 * in order by other rules: they are looked through anew, which goes on by itself. Throws 422, and 409 where
 * somebody else changed it in between.
 */
export async function saveSiteFacts(db: Db, input: unknown): Promise<SavedSiteFacts> {
  const facts = accepted(parseSiteFacts(input))
  const { saved, works } = await transact(db, async (trx) => {
    const before = await siteFacts(trx)
    await refuseUnknownPicture(trx, facts.iconId, 'iconId')
    const version = facts.version + 1
    const changed = await trx
      .updateTable('site')
      .set({
        name: facts.name,
        tagline: facts.tagline,
        address: facts.address,
        locale: facts.locale,
        time_zone: facts.zone,
        reading_pace: facts.readingPace,
        icon_id: facts.iconId,
        facts_version: version,
      })
      .where('facts_version', '=', facts.version)
      .returning('id')
      .executeTakeFirst()
    if (changed === undefined)
      throw overtaken('Somebody else changed this after you opened it.', await siteFacts(trx))
    await recordChange(trx, { kind: 'site', subjectId: null })
    return {
      saved: { ...facts, version },
      works: await indexingFor(trx, before, facts),
    }
  })
  if (works.length > 0) keepFieldIndexes(db)
  for (const work of works) await finishSoon(db, work, 0)
  return saved
}

/** In another language all is indexed by other rules; in another zone what happens does so at other times. */
async function indexingFor(
  trx: Trx,
  before: Pick<SavedSiteFacts, 'locale' | 'zone'>,
  now: Pick<SavedSiteFacts, 'locale' | 'zone'>,
): Promise<readonly string[]> {
  if (before.locale === now.locale && before.zone === now.zone) return []
  const collections = await trx
    .selectFrom('collections')
    .select('id')
    .$if(before.locale === now.locale, (query) => query.where(sql<boolean>`happening -> 'when' <> 'null'`))
    .orderBy('id')
    .execute()
  const works: string[] = []
  for (const { id } of collections) works.push(await beginWork(trx, collectionIndexing, { collection: id }))
  return works
}
