import { randomUUID } from 'node:crypto'
import { object, string } from 'yup'
import { baseOf, isPattern } from '../../core/content/entry-address'
import { parseWith } from '../../core/parsing'
import type { MadePage } from '../../core/pages/ready-made'
import { searchAddress, usualKinds, usualPage, usualPages } from '../../core/pages/usual'
import type { UsualPage } from '../../core/pages/usual'
import { idOrNoneSchema } from '../../core/schemas'
import { loadCatalogue } from '../content/catalogue'
import type { Db } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing } from '../http/problem'
import { insertPage, pageAddresses } from './insert-page'
import type { Writer } from './insert-page'

/** The pages that visitors get though nobody made them yet. */
export async function unmadePages(db: Db): Promise<readonly UsualPage[]> {
  const [catalogue, taken, left] = await Promise.all([
    loadCatalogue(db),
    pageAddresses(db),
    db
      .selectFrom('old_addresses as o')
      .innerJoin('pages as p', 'p.id', 'o.page_id')
      .select('o.path')
      .where('p.deleted_at', 'is', null)
      .where('p.published', 'is not', null)
      .execute(),
  ])
  // Where a page was, visitors are led to where it is.
  const led = new Set(left.map((one) => one.path))
  return usualPages(catalogue).filter((page) => !taken.has(page.path) && !led.has(page.path))
}

/** What stands at an address or pattern where no hand made a page; null for nothing. */
export async function unmadePage(db: Db, path: string): Promise<MadePage | null> {
  // There is no end to addresses where nothing is: those cost no look at everything.
  if (!isPattern(path) && path !== searchAddress && !(await isCollection(db, path))) return null
  const catalogue = await loadCatalogue(db)
  const usual = usualPages(catalogue).find((page) => page.path === path)
  let last = 0
  return usual === undefined ? null : usualPage(usual, catalogue, () => `usual-${(last += 1)}`)
}

async function isCollection(db: Db, path: string): Promise<boolean> {
  const rows = await db.selectFrom('collections').select('address').where('deleted_at', 'is', null).execute()
  return rows.some((row) => baseOf(row.address) === path)
}

const schema = object({
  kind: string().oneOf(usualKinds, 'Choose one of the kinds of page.').required(),
  of: idOrNoneSchema(),
})
  .noUnknown()
  .required()

/**
 * Makes one of the pages that visitors get anyway a page that can be set up, with what they see on it
 * until then; the one there is, where it was made meanwhile. Throws 404 where what it is of is gone.
 */
export async function setUpUsualPage(
  db: Db,
  input: unknown,
  writer: Writer,
): Promise<{ readonly id: number }> {
  const { kind, of } = accepted(parseWith(schema, input))
  const catalogue = await loadCatalogue(db)
  const usual = usualPages(catalogue).find((page) => page.kind === kind && page.of === of)
  if (usual === undefined) throw missing('What the page is of')
  return transact(db, async (trx) => {
    const there = await trx
      .selectFrom('pages')
      .select('id')
      .where('path', '=', usual.path)
      .where('deleted_at', 'is', null)
      .executeTakeFirst()
    if (there) return there
    const { page, listings } = usualPage(usual, catalogue, randomUUID)
    return insertPage(trx, usual.path, { page, listings: Object.fromEntries(listings) }, writer)
  })
}
