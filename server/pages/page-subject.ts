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

const pageParameter = 'after.'
const turnParameter = 'at.'

/**
 * Where the pages of longer listings begin, and which month or week calendars are turned to, by the
 * beginning of their placement's id.
 */
export function pagesOf(query: URLSearchParams): ReadonlyMap<string, string> {
  return new Map(
    [...query].flatMap(([name, value]) => {
      const parameter = [pageParameter, turnParameter].find((one) => name.startsWith(one))
      return parameter === undefined ? [] : [[name.slice(parameter.length), value]]
    }),
  )
}

/** The addresses of a placement that is turned: what stands before and after what it is turned to. */
export function turnAddress(
  placementId: string,
  asked: URLSearchParams,
): { readonly before: string; readonly after: string } {
  const own = `${turnParameter}${pageName(placementId)}`
  const query = new URLSearchParams([...asked].filter(([name]) => name !== own))
  return {
    before: `?${query.size === 0 ? '' : `${query.toString()}&`}${own}=`,
    after: `#heading-${placementId}`,
  }
}

/** How a placement is named in an address. */
export function pageName(placementId: string): string {
  return placementId.slice(0, 8)
}

/** The address, from where it stands, of another page of a placement; of its first for null. */
export function pageAddress(placementId: string, cursor: string | null, subject: URLSearchParams): string {
  const query = new URLSearchParams([...subject].filter(([name]) => !name.startsWith(pageParameter)))
  if (cursor !== null) query.set(`${pageParameter}${pageName(placementId)}`, cursor)
  return `?${query.toString()}#heading-${placementId}`
}
