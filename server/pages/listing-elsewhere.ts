import { boolean, object } from 'yup'
import { newPage } from '../../core/pages/definition'
import { withPlacementsAt } from '../../core/pages/moves'
import { spotsOf } from '../../core/pages/standing'
import { parseWith } from '../../core/parsing'
import type { Db } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing } from '../http/problem'
import { recordChange } from '../live/record-change'
import { readListing } from './pages'
import type { AskedPage } from './shown-on-page'

/** Whether a listing is shown at an address of its own. Throws 404. */
export async function isShownElsewhere(db: Db, listing: string): Promise<boolean> {
  const row = await db
    .selectFrom('listings')
    .select('is_elsewhere')
    .where('id', '=', listing)
    .executeTakeFirst()
  if (row === undefined) throw missing('The listing')
  return row.is_elsewhere
}

const schema = object({ isShown: boolean().required('Say whether it is shown.') })
  .noUnknown()
  .required()

/** Shows a listing at an address of its own from now on, or no more. Throws 404 and 422. */
export async function showElsewhere(db: Db, listing: string, input: unknown): Promise<void> {
  const { isShown } = accepted(parseWith(schema, input))
  await transact(db, async (trx) => {
    const changed = await trx
      .updateTable('listings')
      .set({ is_elsewhere: isShown })
      .where('id', '=', listing)
      .returning('id')
      .executeTakeFirst()
    if (changed === undefined) throw missing('The listing')
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
}

/** A page with nothing but a listing, as visitors have it; null where it is not shown by itself. */
export async function loneListing(db: Db, listing: string): Promise<AskedPage | null> {
  const row = await db
    .selectFrom('listings')
    .select('published')
    .where('id', '=', listing)
    .where('is_elsewhere', '=', true)
    .executeTakeFirst()
  if (!row?.published) return null
  const definition = readListing(row.published)
  const page = newPage(definition.name, '', 'one-column')
  const [spot = 'shelf'] = spotsOf(page)
  const placed = withPlacementsAt(page, spot, [{ kind: 'listing', id: listing, listing, heading: '' }])
  return { page: placed, listings: new Map([[listing, definition]]) }
}
