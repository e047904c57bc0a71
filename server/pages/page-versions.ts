import type { PageDocument } from '../../core/edits/document'
import type { PageVersion } from '../../core/pages/answers'
import { pageChanges } from '../../core/pages/changes'
import type { Db } from '../db/client'
import { missing } from '../http/problem'
import { knownSite } from '../listings/context'
import { readListing } from './pages'
import { readPage } from './stored-page'

/** So many versions are told of a page, the newest first. */
const most = 50

/** What visitors had of a page, the newest first: when, by whom, and what was another than before. */
export async function pageVersions(db: Db, id: number): Promise<readonly PageVersion[]> {
  const [rows, { words }] = await Promise.all([
    versions(db)
      .where('v.page_id', '=', id)
      .orderBy('v.id', 'desc')
      .limit(most + 1)
      .execute(),
    knownSite(db),
  ])
  const documents = rows.map(documentOf)
  return rows.slice(0, most).flatMap((row, at) => {
    const document = documents[at]
    const before = documents[at + 1]
    if (document === undefined) return []
    return [
      {
        id: row.id,
        publishedAt: row.published_at.getTime(),
        publishedBy: row.by,
        title: document.page.title,
        isFirst: before === undefined,
        changes: before === undefined ? [] : pageChanges(before, document, words),
      },
    ]
  })
}

/** A page with its listings as they were once. Throws 404. */
export async function pageVersion(db: Db, id: number, version: number): Promise<PageDocument> {
  const row = await versions(db).where('v.page_id', '=', id).where('v.id', '=', version).executeTakeFirst()
  if (row === undefined) throw missing('This version of the page')
  return documentOf(row)
}

function versions(db: Db) {
  return db
    .selectFrom('page_versions as v')
    .leftJoin('accounts as a', 'a.id', 'v.published_by')
    .select(['v.id', 'v.page', 'v.listings', 'v.published_at', 'a.name as by'])
}

type VersionRow = Awaited<ReturnType<ReturnType<typeof versions>['executeTakeFirstOrThrow']>>

function documentOf({ page, listings }: Pick<VersionRow, 'page' | 'listings'>): PageDocument {
  return {
    page: readPage(page),
    listings: Object.fromEntries(Object.entries(listings).map(([id, listing]) => [id, readListing(listing)])),
  }
}
