import { entryAddressOf } from '../../../core/content/entry-address'
import { visibleAt } from '../../content/visible'
import type { SubjectPages } from './define'

/**
 * The page of each entry of a collection stands at the collection's address pattern. What is at an
 * entry's address shows the entry itself, and is found by `entryAt`.
 */
export const entryPages: Omit<SubjectPages, 'find'> = {
  kind: 'entry',
  async of(db, site, pattern, now) {
    const collection = await db
      .selectFrom('collections')
      .select('id')
      .where('address', '=', pattern)
      .where('deleted_at', 'is', null)
      .executeTakeFirst()
    if (!collection) return null
    const newest = await db
      .selectFrom('entry_index as i')
      .innerJoin('entries as e', 'e.id', 'i.entry_id')
      .select(['e.id', 'e.slug', 'i.published_at'])
      .where('i.collection_id', '=', collection.id)
      .where(visibleAt('i', new Date(now)))
      .orderBy('i.published_at', 'desc')
      .orderBy('e.id', 'desc')
      .limit(1)
      .executeTakeFirst()
    return {
      kind: 'entry',
      of: collection.id,
      sample:
        newest === undefined
          ? null
          : {
              subject: { kind: 'entry', id: newest.id },
              address: entryAddressOf(
                pattern,
                { slug: newest.slug, publishedAt: newest.published_at.getTime() },
                site.zone,
              ),
            },
    }
  },
  head: () => Promise.resolve(null),
}
