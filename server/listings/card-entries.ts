import type { CardEntry } from '../../core/cards/card-entry'
import { entryAddressOf } from '../../core/content/entry-address'
import type { Pick } from '../../core/listing/from'
import type { Picture } from '../../core/pictures/picture'
import type { Db } from '../db/client'

/**
 * What cards show of these entries, in the order of the ids; entries that are gone are left out.
 * Addresses by `zone`. What `picks` say of an entry stands in place of its own.
 */
export async function cardEntries(db: Db, ids: readonly number[], zone: string, picks: readonly Pick[] = []): Promise<readonly CardEntry[]> {
  if (ids.length === 0) return []
  const given = new Map(picks.map((pick) => [pick.entry, pick]))
  const [rows, terms, pictures] = await Promise.all([
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
    picturesOf(db, picks),
  ])
  const byId = new Map(rows.map((row) => [row.id, row]))
  return ids.flatMap((id): CardEntry[] => {
    const row = byId.get(id)
    if (!row) return []
    const publishedAt = row.published_at?.getTime() ?? 0
    const pick = given.get(id)
    return [
      {
        id,
        title: pick?.title || row.title,
        summary: pick?.summary || row.summary,
        address: pick?.address ?? entryAddressOf(row.address, { slug: row.slug, publishedAt }, zone),
        publishedAt,
        author: row.author,
        picture: pictures.get(pick?.picture ?? 0) ?? pictureOf(row),
        terms: terms
          .filter((term) => term.entry_id === id)
          .map((term) => ({ facetId: term.facet_id, name: term.name })),
      },
    ]
  })
}

/** The pictures that picks name in place of their entries' own. */
async function picturesOf(db: Db, picks: readonly Pick[]): Promise<ReadonlyMap<number, Picture>> {
  const ids = picks.flatMap((pick) => pick.picture ?? [])
  if (ids.length === 0) return new Map()
  const rows = await db
    .selectFrom('media')
    .select(['id', 'hash', 'width', 'height', 'alternative', 'tint', 'focal_x', 'focal_y'])
    .where('id', 'in', ids)
    .where('kind', '=', 'picture')
    .where('deleted_at', 'is', null)
    .execute()
  return new Map(rows.flatMap((row) => pairOf(row.id, pictureOf(row))))
}

function pairOf(id: number, picture: Picture | null): readonly (readonly [number, Picture])[] {
  return picture === null ? [] : [[id, picture]]
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
