import { authorAddress, authorPattern } from '../../../core/pages/usual'
import { visibleAt } from '../../content/visible'
import type { Db, Trx } from '../../db/client'
import { keyCounts } from '../../listings/key-counts'
import type { SubjectPages } from './define'
import { everyCollection } from './published'

/** `/authors/maud-ferris`: what an author published. */
export const authorPages: SubjectPages = {
  kind: 'author',
  async find(db, _site, path, now) {
    const slug = /^\/authors\/([^/]+)$/.exec(path)?.[1]
    if (slug === undefined) return null
    const author = await authors(db).where('slug', '=', slug).executeTakeFirst()
    if (author === undefined) return null
    const counts = await keyCounts(db, await everyCollection(db), [author.id], now)
    if ((counts.get(author.id) ?? 0) === 0) return null
    return {
      kind: 'page',
      subject: { kind: 'author', id: author.id },
      pattern: authorPattern,
      head: { title: author.name, introduction: author.about },
    }
  },
  async of(db, _site, pattern, now) {
    if (pattern !== authorPattern) return null
    const newest = await db
      .selectFrom('entry_index as i')
      .innerJoin('entries as e', 'e.id', 'i.entry_id')
      .innerJoin('authors as a', 'a.id', 'e.author_id')
      .select(['a.id', 'a.slug'])
      .where('a.deleted_at', 'is', null)
      .where(visibleAt('i', new Date(now)))
      .orderBy('i.published_at', 'desc')
      .orderBy('i.entry_id', 'desc')
      .limit(1)
      .executeTakeFirst()
    return {
      kind: 'author',
      of: null,
      sample:
        newest === undefined
          ? null
          : { subject: { kind: 'author', id: newest.id }, address: authorAddress(newest.slug) },
    }
  },
  async head(db, _site, subject) {
    if (subject.kind !== 'author') return null
    const author = await authors(db).where('id', '=', subject.id).executeTakeFirst()
    return author === undefined ? null : { title: author.name, introduction: author.about }
  },
}

function authors(db: Db | Trx) {
  return db.selectFrom('authors').select(['id', 'slug', 'name', 'about']).where('deleted_at', 'is', null)
}
