import { pageVersion } from '../../core/pages/definition'
import type { Page } from '../../core/pages/definition'
import { parsePage } from '../../core/pages/parse-page'
import type { Trx } from '../db/client'

/** A page as it is stored: it may be of an older version. */
export interface StoredPage {
  readonly version: number
  readonly title: string
}

/** A stored page as one of today. Throws when what is stored is no page. */
export function readPage(stored: StoredPage): Page {
  // What was written as one of this version was checked before it was.
  if (stored.version === pageVersion) return stored as Page
  const parsed = parsePage(stored)
  if (parsed.ok) return parsed.value
  const [fault] = parsed.faults
  throw new Error(`A stored page can’t be read: ${fault?.path}: ${fault?.message}`)
}

/** A page as it is stored, for whoever writes it next and nobody else until then; undefined where it is gone. */
export function lockedPage(trx: Trx, id: number) {
  return trx
    .selectFrom('pages')
    .select(['id', 'path', 'draft', 'draft_version', 'published'])
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .forUpdate()
    .executeTakeFirst()
}
