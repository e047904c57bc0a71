import type { SiteSettings } from '../../core/site-settings'
import type { Db } from '../db/client'

/** The one website an installation serves. */
export interface Site extends SiteSettings {
  readonly name: string
  readonly tagline: string
  readonly locale: string
  readonly zone: string
}

/** The site's settings. Throws when the database holds no site yet: load one first. */
export async function loadSite(db: Db): Promise<Site> {
  const row = await db.selectFrom('site').selectAll().executeTakeFirst()
  if (!row) throw new Error('The database holds no site. Load the demo site with “npm start”.')
  return {
    name: row.name,
    tagline: row.tagline,
    locale: row.locale,
    zone: row.time_zone,
    brokenRules: row.broken_rules,
    placeholder: row.placeholder,
  }
}

/** Makes the site of a new installation: its name, language and zone are those of nowhere in particular. */
export async function makeEmptySite(db: Db): Promise<void> {
  await db
    .insertInto('site')
    .values({ id: 1, name: 'A new site', tagline: '', locale: 'en-GB', time_zone: 'UTC' })
    .execute()
}
