import { sql } from 'kysely'
import { blankEntry as blank } from '~~/core/content/entry-input'
import type { EntryInput } from '~~/core/content/entry-input'
import { emptyDocument } from '~~/core/content/rich-text/document'
import type { IndexedEntry } from '~~/core/content/entry'
import type { Occurrence } from '~~/core/time/occurrences'
import type { Db } from '~~/server/db/client'
import { Problem } from '~~/server/http/problem'

/** Puts index rows in place of whatever was there, as if entries had been written. */
export async function fillIndex(
  db: Db,
  entries: readonly IndexedEntry[],
  dates: ReadonlyMap<number, readonly Occurrence[]> = new Map(),
): Promise<void> {
  await sql`truncate entries, entry_index, read_windows, key_counts, key_count_changes cascade`.execute(db)
  for (const id of new Set(entries.map((entry) => entry.collectionId))) await addCollection(db, id)
  const batch = 500
  for (let from = 0; from < entries.length; from += batch) {
    const rows = entries.slice(from, from + batch)
    await db
      .insertInto('entries')
      .values(
        rows.map((entry) => ({
          id: entry.id,
          collection_id: entry.collectionId,
          slug: `entry-${entry.id}`,
          title: entry.title,
          summary: '',
          body: JSON.stringify(emptyDocument),
          status: 'published' as const,
          published_at: new Date(entry.publishedAt),
          author_id: null,
          picture_id: null,
          updated_by: null,
        })),
      )
      .execute()
    await db
      .insertInto('entry_index')
      .values(
        rows.map((entry) => ({
          entry_id: entry.id,
          collection_id: entry.collectionId,
          title: entry.title,
          published_at: new Date(entry.publishedAt),
          expires_at: entry.expiresAt === null ? null : new Date(entry.expiresAt),
          views: entry.views,
          comments: entry.comments,
          rating: entry.rating,
          pinned: entry.pinned,
          keys: [...entry.keys],
          sort_values: JSON.stringify(entry.values),
        })),
      )
      .execute()
    await db
      .insertInto('entry_words')
      .values(rows.map((entry) => ({ entry_id: entry.id, words: [...entry.words] })))
      .execute()
    const reads = rows.flatMap((entry) =>
      entry.reads.map(({ day, count }) => ({
        entry_id: entry.id,
        day: new Date(day).toISOString().slice(0, 10),
        count,
      })),
    )
    if (reads.length > 0) await db.insertInto('entry_reads').values(reads).execute()
    const happenings = rows.flatMap((entry) =>
      (dates.get(entry.id) ?? []).map((one) => ({
        entry_id: entry.id,
        key: new Date(one.key),
        collection_id: entry.collectionId,
        starts_at: new Date(one.startsAt),
        ends_at: new Date(one.endsAt),
        is_whole_days: one.isWholeDays,
        is_cancelled: one.isCancelled,
      })),
    )
    if (happenings.length > 0) await db.insertInto('occurrences').values(happenings).execute()
  }
}

async function addCollection(db: Db, id: number): Promise<void> {
  await db
    .insertInto('collections')
    .values({
      id,
      slug: `collection-${id}`,
      name: 'Notes',
      singular: 'Note',
      plural: 'Notes',
      icon: 'leaf',
      kind: 'article',
      address: `/collection-${id}/{slug}`,
    })
    .onConflict((on) => on.doNothing())
    .execute()
}

/** A small site to write to: a collection with a nested facet, an author and a writer. */
export async function smallSite(db: Db) {
  await db
    .insertInto('site')
    .values({ id: 1, name: 'Test', tagline: '', locale: 'en-GB', time_zone: 'UTC' })
    .execute()
  const collection = await db
    .insertInto('collections')
    .values({
      slug: 'notes',
      name: 'Notes',
      singular: 'Note',
      plural: 'Notes',
      icon: 'leaf',
      kind: 'article',
      address: '/notes/{slug}',
    })
    .returning('id')
    .executeTakeFirstOrThrow()
  const facet = await db
    .insertInto('facets')
    .values({ slug: 'topic', name: 'Topic', plural: 'Topics' })
    .returning('id')
    .executeTakeFirstOrThrow()
  await db
    .insertInto('collection_facets')
    .values({ collection_id: collection.id, facet_id: facet.id, position: 0 })
    .execute()
  const addTerm = async (slug: string, parent: number | null) =>
    (
      await db
        .insertInto('terms')
        .values({ facet_id: facet.id, parent_id: parent, slug, name: slug, position: 0 })
        .returning('id')
        .executeTakeFirstOrThrow()
    ).id
  const soil = await addTerm('soil', null)
  const compost = await addTerm('compost', soil)
  const author = await db
    .insertInto('authors')
    .values({ slug: 'maud', name: 'Maud Ferris' })
    .returning('id')
    .executeTakeFirstOrThrow()
  const writer = await db
    .insertInto('accounts')
    .values({ email: 'writer@test.example', name: 'Writer', role: 'owner', password_hash: 'none' })
    .returning('id')
    .executeTakeFirstOrThrow()
  return { collectionId: collection.id, facetId: facet.id, soil, compost, authorId: author.id, writer }
}

export const rain: EntryInput = {
  ...blank,
  title: 'Rain',
  slug: 'rain',
  status: 'published',
  publishedAt: Date.UTC(2026, 0, 1),
}

/** What a service refuses with. Throws when it does not. */
export async function problemOf(action: Promise<unknown>): Promise<Problem> {
  const caught = await action.then(
    () => null,
    (error: unknown) => error,
  )
  if (caught instanceof Problem) return caught
  throw new Error('No problem was told.', { cause: caught })
}
