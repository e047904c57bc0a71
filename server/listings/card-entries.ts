import type { CardEntry } from '../../core/cards/card-entry'
import { entryAddressOf } from '../../core/content/entry-address'
import type { Picture } from '../../core/pictures/picture'
import type { Db } from '../db/client'

/** What cards show of these entries, in the order of the ids; entries that are gone are left out. Addresses by `zone`. */
export async function cardEntries(db: Db, ids: readonly number[], zone: string): Promise<readonly CardEntry[]> {
  if (ids.length === 0) return []
  const [rows, terms] = await Promise.all([
    db
      .selectFrom('entries as e')
      .innerJoin('collections as c', 'c.id', 'e.collection_id')
      .leftJoin('authors as a', 'a.id', 'e.author_id')
      .leftJoin('media as m', 'm.id', 'e.picture_id')
      .select([
        'e.id', 'e.title', 'e.summary', 'e.slug', 'e.published_at', 'c.address', 'a.name as author',
        'm.hash', 'm.width', 'm.height', 'm.alternative', 'm.tint', 'm.focal_x', 'm.focal_y',
      ])
      .where('e.id', 'in', [...ids])
      .execute(),
    db
      .selectFrom('entry_terms as et')
      .innerJoin('terms as t', 't.id', 'et.term_id')
      .innerJoin('facets as f', 'f.id', 't.facet_id')
      .select(['et.entry_id', 't.facet_id', 't.name'])
      .where('et.entry_id', 'in', [...ids])
      .where('f.deleted_at', 'is', null)
      .orderBy('et.position')
      .execute(),
  ])
  const byId = new Map(rows.map((row) => [row.id, row]))
  return ids.flatMap((id): CardEntry[] => {
    const row = byId.get(id)
    if (!row) return []
    const publishedAt = row.published_at?.getTime() ?? 0
    return [
      {
        id,
        title: row.title,
        summary: row.summary,
        address: entryAddressOf(row.address, { slug: row.slug, publishedAt }, zone),
        publishedAt,
        author: row.author,
        picture: pictureOf(row),
        terms: terms
          .filter((term) => term.entry_id === id)
          .map((term) => ({ facetId: term.facet_id, name: term.name })),
      },
    ]
  })
}

/** A picture's columns where it is joined, and may be missing. */
export interface JoinedPicture {
  readonly hash: string | null
  readonly width: number | null
  readonly height: number | null
  readonly alternative: string | null
  readonly tint: string | null
  readonly focal_x: number | null
  readonly focal_y: number | null
}

/** The picture of a row, or null when it has none. */
export function pictureOf({ hash, width, height, alternative, tint, focal_x: focalX, focal_y: focalY }: JoinedPicture): Picture | null {
  if (hash === null || width === null || height === null || alternative === null || tint === null || focalX === null || focalY === null) return null
  return { hash, width, height, alternative, tint, focalX, focalY }
}
