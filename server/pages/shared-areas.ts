import { randomUUID } from 'node:crypto'
import { mixed, object, string } from 'yup'
import type { SharedAreaRow } from '../../core/pages/answers'
import { ownPlacement } from '../../core/pages/copy'
import type { Page } from '../../core/pages/definition'
import { areaNames, areaOf } from '../../core/pages/frames'
import type { AreaName } from '../../core/pages/frames'
import { withPlacementsAt } from '../../core/pages/moves'
import { parsePage } from '../../core/pages/parse-page'
import { placementsIn, columnsOn, placedListingsOf } from '../../core/pages/standing'
import { furnitureAt, sharedAreaAddress, sharedAreaAt } from '../../core/pages/shared-address'
import { sharedAreaPage, sharedIn, sharedOn } from '../../core/pages/shared-areas'
import { parseWith } from '../../core/parsing'
import { idSchema, textSchema } from '../../core/schemas'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, refused } from '../http/problem'
import { insertPage } from './insert-page'
import type { Writer } from './insert-page'
import { editedPage, nobody, readListing, refuseUnknownListings } from './pages'
import { goLive } from './publishing'
import type { AskedPage } from './shown-on-page'
import { readPage, withShownAreas } from './stored-page'

/** Every shared area of the site, with the pages that have it in their drafts or before visitors. */
export async function sharedAreas(db: Db): Promise<readonly SharedAreaRow[]> {
  const rows = await db
    .selectFrom('pages')
    .select(['id', 'path', 'draft', 'published'])
    .where('deleted_at', 'is', null)
    .orderBy('position')
    .orderBy('id')
    .execute()
  const pages = rows.map(({ id, draft, published }) => ({
    id,
    title: draft.title,
    isLive: published !== null,
    drafted: sharedOn(readPage(draft)),
    live: published === null ? [] : sharedOn(readPage(published)),
  }))
  const found = rows.flatMap(({ id, path }) => {
    const area = sharedAreaAt(path)
    return area === null ? [] : [{ id, area, isOnEvery: furnitureAt(path) !== null }]
  })
  return Promise.all(
    found.map(async ({ id, area, isOnEvery }) => {
      const { page, changed, publishedAt } = await editedPage(db, id)
      return {
        id,
        area,
        isOnEvery,
        title: page.title,
        changed,
        publishedAt,
        pages: pages
          .filter((one) => one.drafted.includes(id) || one.live.includes(id))
          .map((one) => ({ id: one.id, title: one.title, isLive: one.live.includes(id) })),
      }
    }),
  )
}

const schema = object({
  title: textSchema()
    .trim()
    .required('Give the shared area a name.')
    .max(160, 'Keep the name within 160 characters.'),
  area: string<AreaName>().oneOf(areaNames, 'Name one of the areas there are.').required(),
  from: idSchema().required(),
  page: mixed().required(),
})
  .noUnknown()
  .required()

/**
 * Makes a shared area of what stands in an area of a page: the same things at places of their own. It is
 * live from the start, on no page yet; of its listings visitors keep what they have. Throws 404 and 422.
 */
export async function addSharedArea(
  db: Db,
  input: unknown,
  writer: Writer,
): Promise<{ readonly id: number }> {
  const {
    title,
    area,
    from,
    page: told,
  } = accepted(parseWith<Record<string, unknown>>(schema, input)) as {
    readonly title: string
    readonly area: AreaName
    readonly from: number
    readonly page: unknown
  }
  const page = accepted(parsePage(told), 'page')
  if (areaOf(page.frame, area) === undefined || sharedIn(page, area) !== undefined)
    throw refused([{ path: 'area', message: 'The page has no area of its own there.' }])
  const shared = withOwnPlaces(sharedAreaPage(page, area, title))
  return transact(db, async (trx) => {
    await refuseUnknownListings(trx, shared)
    const made = await insertPage(
      trx,
      sharedAreaAddress(area, randomUUID()),
      { page: shared, listings: {} },
      writer,
    )
    await keepFromShelves(trx, from, page, area)
    const rows = await trx
      .selectFrom('listings')
      .select(['id', 'draft', 'published'])
      .where('id', 'in', [...placedListingsOf(shared).map((one) => one.listing), nobody])
      .execute()
    const listings = Object.fromEntries(rows.map((row) => [row.id, row.published ?? row.draft]))
    await goLive(trx, made.id, { page: shared, listings }, writer.id)
    return made
  })
}

/** What is placed nowhere else: ids are those of places. */
function withOwnPlaces(page: Page): Page {
  return columnsOn(page).reduce(
    (done, { spot, column }) =>
      withPlacementsAt(
        done,
        spot,
        column.placements.map((one) => ownPlacement(one, new Map(), randomUUID)),
      ),
    page,
  )
}

/** What came from another page’s shelf is not given back there as it leaves this page: it goes on, shared. */
async function keepFromShelves(trx: Trx, from: number, page: Page, area: AreaName): Promise<void> {
  const ids = placementsIn(page, area).map((one) => one.id)
  await trx
    .deleteFrom('shelf_moves')
    .where('to_page', '=', from)
    .where('placement_id', 'in', [...ids, nobody])
    .execute()
}

/**
 * A draft with what visitors see in its shared areas: what is unfinished there is none of its own.
 */
export async function withSharedAreas<Asked extends AskedPage>(db: Db, asked: Asked): Promise<Asked> {
  const page = await withShownAreas(db, asked.page)
  if (page === asked.page) return asked
  const unknown = placedListingsOf(page).filter((one) => !asked.listings.has(one.listing))
  const rows = await db
    .selectFrom('listings')
    .select(['id', 'published'])
    .where('id', 'in', [...unknown.map((one) => one.listing), nobody])
    .execute()
  const shared = rows.flatMap((row) =>
    row.published === null ? [] : [[row.id, readListing(row.published)] as const],
  )
  return { ...asked, page, listings: new Map([...shared, ...asked.listings]) }
}
