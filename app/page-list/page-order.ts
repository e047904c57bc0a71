import type { PageRow } from '~~/core/pages/answers'

export const pageOrders = ['site', 'title', 'changed'] as const
export type PageOrder = (typeof pageOrders)[number]

/** The pages in the order in which somebody wants to look at them. */
export function orderedPages(
  pages: readonly PageRow[],
  order: PageOrder,
  locale: string,
): readonly PageRow[] {
  if (order === 'site') return pages
  if (order === 'changed') return pages.toSorted((a, b) => b.savedAt - a.savedAt)
  const { compare } = new Intl.Collator(locale, { numeric: true })
  return pages.toSorted((a, b) => compare(a.title, b.title))
}

/** The ids of pages in the site's order, one of them so many places later. */
export function withPageMoved(pages: readonly PageRow[], id: number, by: -1 | 1): readonly number[] {
  const ids = pages.map((page) => page.id)
  const at = ids.indexOf(id)
  const without = ids.filter((one) => one !== id)
  return at === -1 ? ids : without.toSpliced(Math.max(0, at + by), 0, id)
}
