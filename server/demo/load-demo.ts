import { createHash } from 'node:crypto'
import sharp from 'sharp'
import { storedListing } from '../../core/listing/definition'
import { demoAccount } from '../../demo/account'
import { authors, seasons, topics } from '../../demo/content/names'
import { fieldNoteEntries } from '../../demo/field-note-entries'
import type { DemoDay, DemoEntry } from '../../demo/field-note-entries'
import { demoPages } from '../../demo/pages'
import { pictureWords } from '../../demo/picture-words'
import { draw } from '../../demo/pictures/draw'
import type { DrawnPicture } from '../../demo/pictures/draw'
import { palettes } from '../../demo/pictures/palettes'
import { demoSite, fieldNotesCollection } from '../../demo/site'
import { indexEntries } from '../content/entry-index'
import type { Db, Trx } from '../db/client'
import { hashPassword } from '../people/passwords'

/** Whether there is nothing in the database yet. */
export async function isEmpty(db: Db): Promise<boolean> {
  return (await db.selectFrom('site').select('id').executeTakeFirst()) === undefined
}

/** Loads the demo site into an empty database, all or nothing. */
export async function loadDemo(db: Db, on: Omit<DemoDay, 'zone'>): Promise<{ readonly entries: number }> {
  const notes = fieldNoteEntries({ ...on, zone: demoSite.zone })
  const pictures = await Promise.all(notes.map((one) => (one.picture === null ? null : drawn(one.picture))))
  return db.transaction().execute(async (trx) => {
    const { name, tagline, locale, zone } = demoSite
    await trx.insertInto('site').values({ id: 1, name, tagline, locale, time_zone: zone }).execute()
    const { email, name: person, password } = demoAccount
    await trx
      .insertInto('accounts')
      .values({ email, name: person, role: 'owner', password_hash: await hashPassword(password) })
      .execute()
    const collection = await trx
      .insertInto('collections')
      .values(fieldNotesCollection)
      .returning('id')
      .executeTakeFirstOrThrow()
    const topic = await addFacet(trx, collection.id, { slug: 'topic', name: 'Topic', plural: 'Topics' }, topics, 0)
    const season = await addFacet(trx, collection.id, { slug: 'season', name: 'Season', plural: 'Seasons' }, seasons, 1)
    const authorRows = await trx.insertInto('authors').values([...authors]).returning(['id', 'slug']).execute()
    const authorIds = new Map<string, number>(authorRows.map((row) => [row.slug, row.id]))
    const ids: number[] = []
    for (const [at, one] of notes.entries()) {
      const pictureId = await addPicture(trx, one, pictures[at] ?? null)
      const termIds = [topic.term(one.note.topic), season.term(one.note.season)]
      ids.push(await addNote(trx, collection.id, one, { pictureId, termIds, authorId: authorIds.get(one.note.author) ?? null }))
    }
    await indexEntries(trx, ids)
    await addPages(trx, demoPages({ fieldNotes: collection.id, topicFacet: topic.id, term: topic.term }), on.now)
    return { entries: ids.length }
  })
}

interface Drawn {
  readonly picture: DrawnPicture
  readonly bytes: Buffer
  readonly hash: string
}

async function drawn(picture: DrawnPicture): Promise<Drawn> {
  const bytes = await sharp(Buffer.from(draw(picture))).webp({ quality: 88 }).toBuffer()
  return { picture, bytes, hash: createHash('sha256').update(bytes).digest('hex').slice(0, 32) }
}

type NamedTerm = { readonly slug: string; readonly name: string; readonly within: string | null }

async function addFacet(
  trx: Trx,
  collectionId: number,
  facet: { slug: string; name: string; plural: string },
  terms: readonly NamedTerm[],
  position: number,
): Promise<{ readonly id: number; readonly term: (slug: string) => number }> {
  const { id } = await trx.insertInto('facets').values(facet).returning('id').executeTakeFirstOrThrow()
  await trx.insertInto('collection_facets').values({ collection_id: collectionId, facet_id: id, position }).execute()
  const ids = new Map<string, number>()
  const term = (slug: string) => {
    const found = ids.get(slug)
    if (found === undefined) throw new Error(`The demo has no term “${slug}”.`)
    return found
  }
  for (const [at, one] of terms.entries()) {
    const added = await trx
      .insertInto('terms')
      .values({
        facet_id: id,
        parent_id: one.within === null ? null : term(one.within),
        slug: one.slug,
        name: one.name,
        position: at,
      })
      .returning('id')
      .executeTakeFirstOrThrow()
    ids.set(one.slug, added.id)
  }
  return { id, term }
}

async function addPicture(trx: Trx, entry: DemoEntry, picture: Drawn | null): Promise<number | null> {
  if (picture === null) return null
  const { motif, palette, width, height } = picture.picture
  const { id } = await trx
    .insertInto('media')
    .values({
      hash: picture.hash,
      file_name: `${entry.slug}.webp`,
      width,
      height,
      alternative: pictureWords[motif],
      tint: palettes[palette].ground,
    })
    .returning('id')
    .executeTakeFirstOrThrow()
  await trx.insertInto('media_files').values({ hash: picture.hash, width, bytes: picture.bytes }).execute()
  return id
}

async function addNote(
  trx: Trx,
  collectionId: number,
  { note, ...entry }: DemoEntry,
  refs: { readonly pictureId: number | null; readonly termIds: readonly number[]; readonly authorId: number | null },
): Promise<number> {
  const { id } = await trx
    .insertInto('entries')
    .values({
      collection_id: collectionId,
      slug: entry.slug,
      title: note.title,
      summary: note.summary,
      body: note.body,
      status: entry.status,
      published_at: entry.publishedAt === null ? null : new Date(entry.publishedAt),
      author_id: refs.authorId,
      picture_id: refs.pictureId,
      pinned: entry.pinned,
      view_count: entry.views,
      updated_by: null,
    })
    .returning('id')
    .executeTakeFirstOrThrow()
  await trx
    .insertInto('entry_terms')
    .values(refs.termIds.map((termId, position) => ({ entry_id: id, term_id: termId, position })))
    .execute()
  return id
}

async function addPages(trx: Trx, pages: ReturnType<typeof demoPages>, now: number): Promise<void> {
  for (const [position, { path, page, listings }] of pages.entries()) {
    for (const [id, listing] of listings) {
      const stored = JSON.stringify(storedListing(listing))
      await trx.insertInto('listings').values({ id, draft: stored, published: stored }).execute()
    }
    const stored = JSON.stringify(page)
    await trx
      .insertInto('pages')
      .values({
        path,
        position,
        draft: stored,
        draft_by: null,
        draft_at: new Date(now),
        published: stored,
        published_at: new Date(now),
      })
      .execute()
  }
}
