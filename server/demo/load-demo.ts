import { defaultValues } from '../../core/looks/site-values'
import type { CollectionIcon } from '../../core/content/collection'
import type { SiteValues } from '../../core/looks/site-values'
import { parseEntryInput } from '../../core/content/entry-input'
import type { EntryInput } from '../../core/content/entry-input'
import { civilDayOf } from '../../core/time/zones'
import { wilsonLowerBound } from '../../core/numbers/wilson'
import { parseFieldInput } from '../../core/content/field'
import type { Field } from '../../core/content/field'
import { parseHappening } from '../../core/content/happening'
import type { HappeningPart } from '../../core/content/happening'
import { documentOfText } from '../../core/content/rich-text/document'
import { storedListing } from '../../core/listing/definition'
import { demoAccount } from '../../demo/account'
import { demoCollections } from '../../demo/collections'
import type { DemoCollection } from '../../demo/content/item'
import { authors, difficulties, districts, plantFamilies, seasons, topics } from '../../demo/content/names'
import { entriesOf } from '../../demo/entry'
import type { DemoDay, DemoEntry, LoadedValue } from '../../demo/entry'
import { fieldNoteEntries } from '../../demo/field-note-entries'
import { withShared } from '../../core/pages/shared-areas'
import { demoFootMenu, demoMenu, demoPages } from '../../demo/pages'
import type { MenuRow, Menus } from '../../core/menus'
import { uuidOf } from '../../demo/uuid'
import type { DrawnPicture } from '../../demo/pictures/draw'
import { demoSite, fieldNotesCollection } from '../../demo/site'
import { readersOf } from '../../demo/readers'
import { entryColumns, writeParts } from '../content/entry-writing'
import { addReadyMadeLooks, sharedLooks } from '../looks/looks'
import { fieldsOf, formColumnsOf as fieldColumnsOf } from '../content/fields'
import type { Db, Trx } from '../db/client'
import { hashPassword } from '../people/passwords'
import { demoMedia } from './demo-media'
import type { DemoMedia } from './demo-media'

/** Whether there is nothing in the database yet. */
export async function isEmpty(db: Db): Promise<boolean> {
  return (await db.selectFrom('site').select('id').executeTakeFirst()) === undefined
}

/** Loads the demo site into an empty database, all or nothing. */
export async function loadDemo(db: Db, on: Omit<DemoDay, 'zone'>): Promise<{ readonly entries: number }> {
  const day = { ...on, zone: demoSite.zone }
  const collections = [fieldNotesCollection, ...demoCollections].map((collection) => ({
    collection,
    entries: collection === fieldNotesCollection ? fieldNoteEntries(day) : entriesOf(collection, day),
  }))
  return db.transaction().execute(async (trx) => {
    const { name, tagline, locale, zone } = demoSite
    const values = JSON.stringify({ ...defaultValues, pages: 'visitor' } satisfies SiteValues)
    await trx
      .insertInto('site')
      .values({ id: 1, name, tagline, locale, time_zone: zone, named_values: values })
      .execute()
    const { email, name: person, password } = demoAccount
    await trx
      .insertInto('accounts')
      .values({ email, name: person, role: 'owner', password_hash: await hashPassword(password) })
      .execute()
    const found: Found = {
      media: await demoMedia(
        trx,
        collections.flatMap(({ entries }) => entries.flatMap(picturesOf)),
      ),
      facets: await addFacets(trx),
      authors: await addAuthors(trx),
      entries: new Map(),
    }
    const ids = new Map<string, number>()
    const fields = new Map<string, Awaited<ReturnType<typeof fieldsOf>>>()
    for (const { collection, entries } of collections) {
      const id = await addCollection(trx, collection, found, ids)
      ids.set(collection.slug, id)
      const own = await fieldsOf(trx, id)
      fields.set(collection.slug, own)
      for (const entry of entries)
        found.entries.set(
          `${collection.slug}/${entry.slug}`,
          await addEntry(trx, id, own, entry, found, civilDayOf(on.now, zone)),
        )
    }
    await addReadyMadeLooks(trx)
    const looks = await sharedLooks(trx)
    const pages = demoPages({
      collection: (slug) => known(ids, slug),
      fields: (slug) => fields.get(slug) ?? [],
      facet: (slug) => known(found.facets.ids, slug),
      term: (path) => known(found.facets.terms, path),
      look: (name) => known(new Map(looks.map((one) => [one.name, one.id])), name),
    })
    await addMenus(trx, await addPages(trx, pages, on.now))
    return { entries: collections.reduce((sum, { entries }) => sum + entries.length, 0) }
  })
}

/** What entries refer to, as it is stored. */
interface Found {
  readonly media: DemoMedia
  readonly facets: Facets
  readonly authors: ReadonlyMap<string, number>
  /** By `collection/slug`. */
  readonly entries: Map<string, number>
}

interface Facets {
  readonly ids: ReadonlyMap<string, number>
  /** By `facet/term`. */
  readonly terms: ReadonlyMap<string, number>
}

function known(ids: ReadonlyMap<string, number>, name: string): number {
  const id = ids.get(name)
  if (id === undefined) throw new Error(`The demo has no “${name}”.`)
  return id
}

function picturesOf(entry: DemoEntry): readonly { readonly picture: DrawnPicture; readonly name: string }[] {
  const inValues = Object.entries(entry.values).flatMap(([key, value]) =>
    isDrawn(value)
      ? value.pictures.map((picture, at) => ({ picture, name: `${entry.slug}-${key}-${at + 1}` }))
      : [],
  )
  return [...(entry.picture === null ? [] : [{ picture: entry.picture, name: entry.slug }]), ...inValues]
}

function isList(value: LoadedValue): value is readonly string[] {
  return Array.isArray(value)
}

function isDrawn(value: LoadedValue): value is { readonly pictures: readonly DrawnPicture[] } {
  return typeof value === 'object' && 'pictures' in value
}

interface NamedTerm {
  readonly slug: string
  readonly name: string
  readonly within: string | null
  readonly icon?: CollectionIcon
}

const facets: readonly {
  readonly slug: string
  readonly name: string
  readonly plural: string
  readonly terms: readonly NamedTerm[]
}[] = [
  { slug: 'topic', name: 'Topic', plural: 'Topics', terms: topics },
  { slug: 'season', name: 'Season', plural: 'Seasons', terms: seasons },
  { slug: 'difficulty', name: 'Difficulty', plural: 'Difficulties', terms: difficulties },
  { slug: 'plant-family', name: 'Plant family', plural: 'Plant families', terms: plantFamilies },
  { slug: 'district', name: 'District', plural: 'Districts', terms: districts },
]

async function addFacets(trx: Trx): Promise<Facets> {
  const ids = new Map<string, number>()
  const found = new Map<string, number>()
  for (const [position, { terms, ...facet }] of facets.entries()) {
    const { id } = await trx
      .insertInto('facets')
      .values({ ...facet, position })
      .returning('id')
      .executeTakeFirstOrThrow()
    ids.set(facet.slug, id)
    for (const [at, { slug, name, within, icon = '' }] of terms.entries()) {
      const parent = within === null ? null : known(found, `${facet.slug}/${within}`)
      const term = { facet_id: id, parent_id: parent, slug, name, position: at, icon }
      found.set(
        `${facet.slug}/${slug}`,
        (await trx.insertInto('terms').values(term).returning('id').executeTakeFirstOrThrow()).id,
      )
    }
  }
  return { ids, terms: found }
}

async function addAuthors(trx: Trx): Promise<ReadonlyMap<string, number>> {
  const rows = await trx
    .insertInto('authors')
    .values([...authors])
    .returning(['id', 'slug'])
    .execute()
  return new Map(rows.map((row) => [row.slug, row.id]))
}

async function addCollection(
  trx: Trx,
  collection: DemoCollection,
  found: Found,
  ids: ReadonlyMap<string, number>,
): Promise<number> {
  const { slug, definition, facets: used, fields } = collection
  const { id } = await trx
    .insertInto('collections')
    .values({ slug, ...definition })
    .returning('id')
    .executeTakeFirstOrThrow()
  await trx
    .insertInto('collection_facets')
    .values(
      used.map((facet, position) => ({
        collection_id: id,
        facet_id: known(found.facets.ids, facet),
        position,
      })),
    )
    .execute()
  for (const [position, field] of fields.entries()) {
    const settings =
      field.type === 'reference'
        ? { ...(field.settings as object), collection: known(ids, 'seed-shelf') }
        : field.settings
    const parsed = parseFieldInput({ ...field, settings })
    if (!parsed.ok)
      throw new Error(`The demo's field “${field.name}” is not right: ${JSON.stringify(parsed.faults)}`)
    await trx
      .insertInto('fields')
      .values({ collection_id: id, position, replaced_id: null, ...fieldColumnsOf(parsed.value) })
      .execute()
  }
  await sayWhen(trx, id, collection)
  return id
}

async function sayWhen(trx: Trx, id: number, { slug, happens }: DemoCollection): Promise<void> {
  if (happens === undefined) return
  const fields = await fieldsOf(trx, id)
  const by = (part: HappeningPart) => fields.find((field) => field.key === happens[part])?.id ?? null
  const parts = ['end', 'length', 'wholeDays', 'repeats', 'zone'] as const
  const when = { start: by('start'), ...Object.fromEntries(parts.map((part) => [part, by(part)])) }
  const parsed = parseHappening({ when, where: by('where'), track: by('track') }, fields)
  if (!parsed.ok)
    throw new Error(`When the demo's “${slug}” happen is not right: ${JSON.stringify(parsed.faults)}`)
  await trx
    .updateTable('collections')
    .set({ happening: JSON.stringify(parsed.value) })
    .where('id', '=', id)
    .execute()
}

async function addEntry(
  trx: Trx,
  collectionId: number,
  fields: readonly Field[],
  entry: DemoEntry,
  found: Found,
  today: number,
): Promise<number> {
  const values: Record<string, unknown> = {}
  for (const [key, value] of Object.entries(entry.values)) {
    const field = fields.find((one) => one.key === key)
    if (field === undefined)
      throw new Error(`The demo's “${entry.title}” has a value for “${key}”, which is no field.`)
    values[field.id] = await stored(value, `${entry.slug}-${key}`, found)
  }
  const parsed = parseEntryInput({ ...inputOf(entry, found), values }, fields)
  if (!parsed.ok)
    throw new Error(`The demo's “${entry.title}” is not right: ${JSON.stringify(parsed.faults)}`)
  const readers = readersOf(entry.slug, entry.views)
  const { id } = await trx
    .insertInto('entries')
    .values({
      collection_id: collectionId,
      ...entryColumns(parsed.value),
      view_count: entry.views,
      comment_count: readers.comments,
      votes: readers.votes,
      votes_for: readers.votesFor,
      rating: readers.votes === 0 ? null : wilsonLowerBound(readers.votesFor, readers.votes),
      updated_by: null,
    })
    .returning('id')
    .executeTakeFirstOrThrow()
  await writeParts(trx, collectionId, fields, id, parsed.value)
  const days = readers.reads.map(({ daysAgo, count }) => ({
    entry_id: id,
    day: new Date(today - daysAgo * 86_400_000).toISOString().slice(0, 10),
    count,
  }))
  if (days.length > 0) await trx.insertInto('entry_reads').values(days).execute()
  return id
}

function inputOf(entry: DemoEntry, found: Found): Omit<EntryInput, 'values'> {
  return {
    title: entry.title,
    slug: entry.slug,
    summary: entry.summary,
    body: documentOfText(entry.body),
    status: entry.status,
    publishedAt: entry.publishedAt,
    expiresAt: null,
    authorId: entry.author === null ? null : known(found.authors, entry.author),
    pictureId: entry.picture === null ? null : found.media.picture(entry.picture, entry.title),
    pinned: entry.pinned,
    termIds: entry.terms.map((term) => known(found.facets.terms, term)),
  }
}

async function stored(value: LoadedValue, name: string, found: Found): Promise<unknown> {
  if (typeof value !== 'object' || isList(value)) return value
  if (isDrawn(value)) return value.pictures.map((picture) => found.media.picture(picture, name))
  if ('file' in value) return found.media.file(value.file)
  return 'entries' in value ? value.entries.map((path) => known(found.entries, path)) : value
}

/** Loads the pages; their numbers by their addresses. */
async function addPages(
  trx: Trx,
  pages: ReturnType<typeof demoPages>,
  now: number,
): Promise<ReadonlyMap<string, number>> {
  const ids = new Map<string, number>()
  for (const [position, { path, page: told, listings, side }] of pages.entries()) {
    const area = side === undefined ? undefined : known(ids, side)
    const page = area === undefined ? told : withShared(told, 'side', area)
    for (const [id, listing] of listings) {
      const definition = JSON.stringify(storedListing(listing))
      await trx.insertInto('listings').values({ id, draft: definition, published: definition }).execute()
    }
    const definition = JSON.stringify(page)
    const { id } = await trx
      .insertInto('pages')
      .values({
        path,
        position,
        draft: definition,
        draft_by: null,
        draft_at: new Date(now),
        published: definition,
        published_at: new Date(now),
      })
      .returning('id')
      .executeTakeFirstOrThrow()
    ids.set(path, id)
    const stored = Array.from(listings, ([listing, one]) => [listing, storedListing(one)] as const)
    await trx
      .insertInto('page_versions')
      .values({
        page_id: id,
        page: definition,
        listings: JSON.stringify(Object.fromEntries(stored)),
        published_at: new Date(now),
        published_by: null,
      })
      .execute()
  }
  return ids
}

async function addMenus(trx: Trx, pages: ReadonlyMap<string, number>): Promise<void> {
  const link = (menu: string, path: string, isWithin = false): MenuRow => ({
    id: uuidOf(`${menu} ${path}`),
    title: '',
    to: { is: 'page', page: known(pages, path) },
    isWithin,
  })
  const menus: Menus = {
    head: demoMenu.flatMap((one): readonly MenuRow[] =>
      typeof one === 'string'
        ? [link('head', one)]
        : [
            { id: uuidOf(`head ${one.title}`), title: one.title, to: { is: 'nowhere' }, isWithin: false },
            ...one.under.map((path) => link('head', path, true)),
          ],
    ),
    foot: demoFootMenu.map((path) => link('foot', path)),
  }
  await trx
    .updateTable('site')
    .set({ menus: JSON.stringify(menus) })
    .execute()
}
