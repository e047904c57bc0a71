import type { MenuSettings } from '../../core/fittings/menu'
import type { FittingContents } from '../../site/view'
import { madeMenu, navigation } from '../site/navigation'
import type { FittingAsked } from './index'

/** The links of a menu, and at which of them the page is. */
export async function menuContent(
  { of, links }: MenuSettings,
  { db, trail }: FittingAsked,
): Promise<FittingContents['menu']> {
  return {
    links: of === 'own' ? await madeMenu(db, links) : (await navigation(db))[of],
    path: trail.at(-1)?.path ?? '',
  }
}
