import { sql } from 'kysely'
import { distanceOf, hasWords, typedWords } from '../../core/found'
import type { FoundKind, FoundThing } from '../../core/found'
import { sharedAreaAt } from '../../core/pages/shared-address'
import { placedListingsOf } from '../../core/pages/standing'
import type { Db } from '../db/client'
import { readPage } from '../pages/stored-page'

/** So many of each kind are told. */
const most = 8

/** Pages, listings, collections, entries, terms and authors that have every typed word, the likeliest first. */
export async function findThings(db: Db, typed: string): Promise<readonly FoundThing[]> {
  const words = typedWords(typed)
  if (words.length === 0) return []
  const [pages, collections, terms, authors, entries] = await Promise.all([
    pagesAndListings(db),
    db.selectFrom('collections').select(['name', 'slug']).where('deleted_at', 'is', null).execute(),
    db
      .selectFrom('terms as t')
      .innerJoin('facets as f', 'f.id', 't.facet_id')
      .select(['t.name', 'f.name as facet'])
      .where('t.leaving', '=', false)
      .where('f.deleted_at', 'is', null)
      .execute(),
    db.selectFrom('authors').select('name').where('deleted_at', 'is', null).execute(),
    entriesWith(db, typed.toLowerCase().split(/\s+/).filter(Boolean).slice(0, words.length)),
  ])
  const things: readonly FoundThing[] = [
    ...pages,
    ...collections.map((one) => thing('collection', one.name, '', `/bench/content/${one.slug}`)),
    ...terms.map((one) => thing('term', one.name, one.facet, '/bench/content/facets')),
    ...authors.map((one) => thing('author', one.name, '', '/bench/content/people')),
  ].filter((one) => hasWords(words, [one.title, one.within]))
  const nearest = [...things, ...entries].toSorted(
    (a, b) => distanceOf(a.title, typed) - distanceOf(b.title, typed),
  )
  const told = new Map<FoundKind, number>()
  return nearest.filter(({ kind }) => {
    const count = (told.get(kind) ?? 0) + 1
    told.set(kind, count)
    return count <= most
  })
}

function thing(kind: FoundKind, title: string, within: string, to: string): FoundThing {
  return { kind, title, within, to }
}

async function pagesAndListings(db: Db): Promise<readonly FoundThing[]> {
  const [rows, listings] = await Promise.all([
    db
      .selectFrom('pages')
      .select(['id', 'path', 'draft'])
      .where('deleted_at', 'is', null)
      .orderBy('position')
      .orderBy('id')
      .execute(),
    db
      .selectFrom('listings')
      .select(['id', sql<string>`draft ->> 'name'`.as('name')])
      .execute(),
  ])
  const names = new Map(listings.map((one) => [one.id, one.name]))
  return rows.flatMap(({ id, path, draft }) => {
    const page = readPage(draft)
    return [
      thing('page', page.title, sharedAreaAt(path) === null ? path : 'Shared area', `/bench/pages/${id}`),
      ...placedListingsOf(page).map((one) =>
        thing('listing', names.get(one.listing) ?? '', page.title, `/bench/pages/${id}?choose=${one.id}`),
      ),
    ]
  })
}

/** Entries by their titles, the last published first; letters count as they are written. */
async function entriesWith(db: Db, words: readonly string[]): Promise<readonly FoundThing[]> {
  const rows = await words
    .reduce(
      (query, word) =>
        query.where('e.title_lower', 'like', `%${word.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`),
      db
        .selectFrom('entries as e')
        .innerJoin('collections as c', 'c.id', 'e.collection_id')
        .select(['e.id', 'e.title', 'c.name', 'c.slug'])
        .where('e.deleted_at', 'is', null)
        .where('c.deleted_at', 'is', null),
    )
    .orderBy('e.updated_at', 'desc')
    .limit(most)
    .execute()
  return rows.map((row) => thing('entry', row.title, row.name, `/bench/content/${row.slug}/${row.id}`))
}
