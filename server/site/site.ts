import { pictureAddress, widthFor } from '../../core/pictures/picture'
import { defaultValues } from '../../core/looks/site-values'
import type { SiteMakings } from '../../core/looks/site-css'
import type { SiteSettings } from '../../core/site-settings'
import type { Db } from '../db/client'
import { addReadyMadeLooks } from '../looks/looks'

/** The one website an installation serves. */
export interface Site extends SiteSettings, SiteMakings {
  readonly name: string
  readonly tagline: string
  /** Where visitors reach it; empty where that is not known. */
  readonly address: string
  readonly locale: string
  readonly zone: string
  /** Words a minute. */
  readonly readingPace: number
  /** The address of its icon; null for that of Bushel. */
  readonly icon: string | null
}

/** So wide is an icon at least, in pixels: what a home screen shows of it. */
const iconWidth = 180

/** The site's settings. Throws when the database holds no site yet: load one first. */
export async function loadSite(db: Db): Promise<Site> {
  const row = await db
    .selectFrom('site as s')
    .leftJoin('media as m', (join) => join.onRef('m.id', '=', 's.icon_id').on('m.deleted_at', 'is', null))
    .selectAll('s')
    .select(['m.hash', 'm.width'])
    .executeTakeFirst()
  if (!row) throw new Error('The database holds no site. Load the demo site with “npm start”.')
  return {
    name: row.name,
    tagline: row.tagline,
    address: row.address,
    locale: row.locale,
    zone: row.time_zone,
    readingPace: row.reading_pace,
    icon:
      row.hash === null || row.width === null
        ? null
        : pictureAddress({ hash: row.hash }, widthFor({ width: row.width }, iconWidth)),
    brokenRules: row.broken_rules,
    placeholder: row.placeholder,
    values: { ...defaultValues, ...row.named_values },
    fonts: row.fonts,
  }
}

/**
 * Makes the site of a new installation: its name, language and zone are those of nowhere in particular; it has
 * looks to begin with.
 */
export async function makeEmptySite(db: Db): Promise<void> {
  await db
    .insertInto('site')
    .values({ id: 1, name: 'A new site', tagline: '', locale: 'en-GB', time_zone: 'UTC' })
    .execute()
  await addReadyMadeLooks(db)
}
