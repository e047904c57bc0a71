import { termAddress } from '../../../core/content/entry-address'
import { termPattern } from '../../../core/pages/usual'
import type { Db, Trx } from '../../db/client'
import { keyCounts } from '../../listings/key-counts'
import type { SubjectPages } from './define'
import { everyCollection } from './published'

/** `/topic/soil`: what has a term. */
export const termPages: SubjectPages = {
  kind: 'term',
  async find(db, _site, path, now) {
    const [facetSlug, termSlug, ...more] = path.split('/').slice(1)
    if (!facetSlug || !termSlug || more.length > 0) return null
    const term = await terms(db)
      .where('f.slug', '=', facetSlug)
      .where('t.slug', '=', termSlug)
      .executeTakeFirst()
    if (term) {
      const counts = await keyCounts(db, await everyCollection(db), [term.id], now)
      if ((counts.get(term.id) ?? 0) === 0) return null
      return {
        kind: 'page',
        subject: { kind: 'term', id: term.id },
        pattern: termPattern(term.facet),
        head: { title: term.name, introduction: term.description },
      }
    }
    const moved = await terms(db)
      .innerJoin('old_addresses as o', 'o.term_id', 't.id')
      .where('o.path', '=', path)
      .executeTakeFirst()
    return moved ? { kind: 'moved', address: termAddress(moved.facet, moved.slug) } : null
  },
  async of(db, _site, pattern, now) {
    const facet = await db
      .selectFrom('facets')
      .select(['id', 'slug'])
      .where('slug', '=', pattern.slice(1, -'/{slug}'.length))
      .where('deleted_at', 'is', null)
      .executeTakeFirst()
    if (facet === undefined || termPattern(facet.slug) !== pattern) return null
    const own = await terms(db)
      .where('t.facet_id', '=', facet.id)
      .orderBy('t.position')
      .orderBy('t.id')
      .execute()
    const counts = await keyCounts(
      db,
      await everyCollection(db),
      own.map((term) => term.id),
      now,
    )
    const sample = own.find((term) => (counts.get(term.id) ?? 0) > 0)
    return {
      kind: 'term',
      of: facet.id,
      sample:
        sample === undefined
          ? null
          : { subject: { kind: 'term', id: sample.id }, address: termAddress(facet.slug, sample.slug) },
    }
  },
  async head(db, _site, subject) {
    if (subject.kind !== 'term') return null
    const term = await terms(db).where('t.id', '=', subject.id).executeTakeFirst()
    return term ? { title: term.name, introduction: term.description } : null
  },
}

function terms(db: Db | Trx) {
  return db
    .selectFrom('terms as t')
    .innerJoin('facets as f', 'f.id', 't.facet_id')
    .select(['t.id', 't.name', 't.slug', 't.description', 'f.slug as facet'])
    .where('t.leaving', '=', false)
    .where('f.deleted_at', 'is', null)
}
