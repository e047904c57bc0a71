import { isPattern } from '../../../core/content/entry-address'
import type { SubjectOfPage } from '../../../core/pages/answers'
import type { PageSubject } from '../../../core/rules/context'
import type { Db, Trx } from '../../db/client'
import { loadSite } from '../../site/site'
import type { Site } from '../../site/site'
import { authorPages } from './authors'
import type { FoundAddress, SubjectHead, SubjectPages } from './define'
import { entryPages } from './entries'
import { monthPages } from './months'
import { termPages } from './terms'

export type { FoundAddress, FoundSubject } from './define'

/** Pages by what they are of. A new kind is a file beside these and a line here. */
const found: readonly SubjectPages[] = [monthPages, authorPages, termPages]
const all: readonly Omit<SubjectPages, 'find'>[] = [entryPages, ...found]

/**
 * What a path (percent-decoded) is the page of, besides pages made by hand and entries; null for
 * nothing that anything was published of. `now` is epoch milliseconds.
 */
export async function subjectAt(
  db: Db | Trx,
  site: Site,
  path: string,
  now: number,
): Promise<FoundAddress | null> {
  for (const one of found) {
    const address = await one.find(db, site, path, now)
    if (address !== null) return address
  }
  return null
}

/** What a page at a pattern is of; null where it is of nothing in particular, or that is gone. */
export async function subjectOfPage(db: Db, path: string, now = Date.now()): Promise<SubjectOfPage | null> {
  if (!isPattern(path)) return null
  const site = await loadSite(db)
  for (const one of all) {
    const subject = await one.of(db, site, path, now)
    if (subject !== null) return subject
  }
  return null
}

/** What is said of a subject at the head of its page; null where the page says it itself. */
export async function subjectHead(db: Db, site: Site, subject: PageSubject): Promise<SubjectHead | null> {
  return (await all.find((one) => one.kind === subject.kind)?.head(db, site, subject)) ?? null
}
