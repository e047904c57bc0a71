import { parseSiteSettings } from '../../core/site-settings'
import type { SiteSettings } from '../../core/site-settings'
import type { Db } from '../db/client'
import { transact } from '../db/transact'
import { accepted } from '../http/problem'
import { recordChange } from '../live/record-change'
import { loadSite } from './site'

/** What is set for the whole site. */
export async function siteSettings(db: Db): Promise<SiteSettings> {
  const { brokenRules, placeholder } = await loadSite(db)
  return { brokenRules, placeholder }
}

/** Changes what is set for the whole site. Throws 422. */
export async function saveSiteSettings(db: Db, input: unknown): Promise<void> {
  const { brokenRules, placeholder } = accepted(parseSiteSettings(input))
  await transact(db, async (trx) => {
    await trx.updateTable('site').set({ broken_rules: brokenRules, placeholder }).execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
}
