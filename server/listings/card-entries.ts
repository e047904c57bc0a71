import type { CardEntry } from '../../core/cards/card-entry'
import type { Db } from '../db/client'

/** The address of an entry's own page. */
export function entryAddress(collectionSlug: string, entrySlug: string): string {
  return `/${collectionSlug}/${encodeURIComponent(entrySlug)}`
}

/** What cards show of these entries, in the order of the ids; entries that are gone are left out. */
export async function cardEntries(db: Db, ids: readonly number[]): Promise<readonly CardEntry[]> {
  if (ids.length === 0) return []
  const [rows, terms] = await Promise.all([
    db
      .selectFrom('entries as e')
      .innerJoin('collections as c', 'c.id', 'e.collection_id')
      .leftJoin('authors as a', 'a.id', 'e.author_id')
      .leftJoin('media as m', 'm.id', 'e.picture_id')
      .select([
        'e.id', 'e.title', 'e.summary', 'e.slug', 'e.published_at', 'c.slug as collection_slug', 'a.name as author',
        'm.hash', 'm.width', 'm.height', 'm.alternative', 'm.tint',
      ])
      .where('e.id', 'in', [...ids])
      .execute(),
    db
      .selectFrom('entry_terms as et')
      .innerJoin('terms as t', 't.id', 'et.term_id')
      .select(['et.entry_id', 't.facet_id', 't.name'])
      .where('et.entry_id', 'in', [...ids])
      .orderBy('et.position')
      .execute(),
  ])
  const byId = new Map(rows.map((row) => [row.id, row]))
  return ids.flatMap((id): CardEntry[] => {
    const row = byId.get(id)
    if (!row) return []
    const { hash, width, height, alternative, tint } = row
    const whole = hash !== null && width !== null && height !== null && alternative !== null && tint !== null
    return [
      {
        id,
        title: row.title,
        summary: row.summary,
        address: entryAddress(row.collection_slug, row.slug),
        publishedAt: row.published_at?.getTime() ?? 0,
        author: row.author,
        picture: whole ? { hash, width, height, alternative, tint } : null,
        terms: terms
          .filter((term) => term.entry_id === id)
          .map((term) => ({ facetId: term.facet_id, name: term.name })),
      },
    ]
  })
}
