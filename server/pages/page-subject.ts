import { isZone } from '../../core/time/zones'
import type { PageSubject } from '../../core/rules/context'
import type { Db } from '../db/client'

/**
 * What an address says its page is about, for listings that follow the page: `?term=topic/soil`,
 * `?author=maud-ferris`, `?month=2026-03` or `?words=rain`. Null for nothing, or what is not there.
 */
export async function subjectOf(db: Db, query: URLSearchParams): Promise<PageSubject | null> {
  const term = query.get('term')
  if (term !== null) return termSubject(db, term)
  const author = query.get('author')
  if (author !== null) {
    const row = await db
      .selectFrom('authors')
      .select('id')
      .where('slug', '=', author)
      .where('deleted_at', 'is', null)
      .executeTakeFirst()
    return row ? { kind: 'author', id: row.id } : null
  }
  const [, year, month] = /^(\d{4})-(0[1-9]|1[0-2])$/.exec(query.get('month') ?? '') ?? []
  if (year !== undefined && year !== '0000' && month !== undefined)
    return { kind: 'month', year: Number(year), month: Number(month) }
  const words = query.get('words')
  return words === null ? null : { kind: 'search', words: words.slice(0, 200) }
}

async function termSubject(db: Db, path: string): Promise<PageSubject | null> {
  const [facet = '', slug = ''] = path.split('/')
  const row = await db
    .selectFrom('terms as t')
    .innerJoin('facets as f', 'f.id', 't.facet_id')
    .select('t.id')
    .where('f.slug', '=', facet)
    .where('t.slug', '=', slug)
    .where('t.leaving', '=', false)
    .where('f.deleted_at', 'is', null)
    .executeTakeFirst()
  return row ? { kind: 'term', id: row.id } : null
}

const clockParameter = 'clock'

/**
 * The time zone that an address asks to be told times in, and what else it asks; none where it names
 * none that there is.
 */
export function clockIn(query: URLSearchParams): {
  readonly clock: string | undefined
  readonly others: URLSearchParams
} {
  const named = query.get(clockParameter)
  const others = new URLSearchParams([...query].filter(([name]) => name !== clockParameter))
  return { clock: named !== null && isZone(named) ? named : undefined, others }
}
