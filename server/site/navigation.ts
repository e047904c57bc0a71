import { menuLinks } from '../../core/menus'
import type { MenuLink, MenuRow } from '../../core/menus'
import { isPlainAddress } from '../../core/pages/shared-address'
import type { SiteNavigation } from '../../site/view'
import type { Db } from '../db/client'
import { siteMenus } from './menus'

/** The menus of the site as visitors get them; at the head every page, where no menu was made. */
export async function navigation(db: Db): Promise<SiteNavigation> {
  const [pages, menus] = await Promise.all([visitedPages(db), siteMenus(db)])
  const everyPage = [...pages.values()].flatMap((page) => (page.path === '/' ? [] : [{ ...page, under: [] }]))
  return {
    head: menus.head === null ? everyPage : menuLinks(menus.head, pages),
    foot: menuLinks(menus.foot, pages),
  }
}

/** A menu that somebody made as visitors get it. */
export async function madeMenu(db: Db, links: readonly MenuRow[]): Promise<readonly MenuLink[]> {
  return menuLinks(links, await visitedPages(db))
}

/** The pages that visitors have, by their numbers, in the site's order. */
async function visitedPages(db: Db): Promise<ReadonlyMap<number, { title: string; path: string }>> {
  const rows = await db
    .selectFrom('pages')
    .select(['id', 'path', 'published'])
    .where('published', 'is not', null)
    .where('deleted_at', 'is', null)
    .orderBy('position')
    .execute()
  return new Map(
    rows.flatMap(({ id, path, published }) =>
      published && isPlainAddress(path) ? [[id, { title: published.title, path }] as const] : [],
    ),
  )
}
