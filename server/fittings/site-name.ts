import type { SiteNameSettings } from '../../core/fittings/site-name'
import type { FittingContents } from '../../site/view'
import { navigation } from '../site/navigation'
import type { FittingAsked } from './index'

/** The site's name and menu, as they are by now. */
export async function siteNameContent(
  { tagline, icon, menu }: SiteNameSettings,
  { db, known: { site }, trail }: FittingAsked,
): Promise<FittingContents['site-name']> {
  return {
    name: site.name,
    tagline: tagline ? site.tagline : '',
    icon: icon ? site.icon : null,
    links: menu === 'none' ? [] : (await navigation(db))[menu],
    path: trail.at(-1)?.path ?? '',
  }
}
