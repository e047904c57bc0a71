import { baseOf } from '../../core/content/entry-address'
import { sharedAreaAt } from '../../core/pages/shared-address'
import type { NavigationLink } from '../../core/navigation'
import type { Db } from '../db/client'

/**
 * The way from the front page to an address: the pages that stand at the beginnings of it, and what is
 * there itself under the title it has. The front page is told without a title.
 */
export async function trailOf(db: Db, path: string, title: string): Promise<readonly NavigationLink[]> {
  const home = { title: '', path: '/' }
  if (path === '/' || sharedAreaAt(path) !== null) return [home]
  const parts = path.split('/').slice(1, -1)
  const above = parts.map((_, at) => `/${parts.slice(0, at + 1).join('/')}`)
  if (above.length === 0) return [home, { title, path }]
  const [pages, collections] = await Promise.all([
    db
      .selectFrom('pages')
      .select(['path', 'published'])
      .where('path', 'in', above)
      .where('published', 'is not', null)
      .where('deleted_at', 'is', null)
      .execute(),
    db.selectFrom('collections').select(['name', 'address']).where('deleted_at', 'is', null).execute(),
  ])
  const steps = above.flatMap((step) => {
    const page = pages.find((one) => one.path === step)?.published
    const name = page?.title ?? collections.find((one) => baseOf(one.address) === step)?.name
    return name === undefined ? [] : [{ title: name, path: step }]
  })
  return [home, ...steps, { title, path }]
}
