import { sql } from 'kysely'
import type { Db } from '../db/client'
import { codeHash } from '../fittings/code'

/** Where code stands in a stored page. */
const codes = '$.areas.*[*].columns[*].placements[*].fitting ? (@.name == "code").code'

/** The code of that name on a page, live or in work; null where none has it. Who knows its name knows it. */
export async function pastedCode(db: Db, hash: string): Promise<string | null> {
  const { rows } = await sql<{ code: string }>`
    select distinct found #>> '{}' as code
    from pages,
      lateral (values (draft), (published)) as stored (page),
      lateral jsonb_path_query(stored.page, ${codes}::jsonpath) as found
    where deleted_at is null`.execute(db)
  return rows.find((row) => codeHash(row.code) === hash)?.code ?? null
}

/**
 * Code as a document of its own. It tells the page that frames it how high it is, whatever it does itself:
 * what says so stands before it, where nothing that is left open swallows it.
 */
export function codeDocument(code: string): string {
  return `<!doctype html><html><head><meta charset="utf-8"><base target="_blank"><style>body{margin:0}</style><script>${tellHeight}</script></head><body>${code}</body></html>`
}

const tellHeight = `addEventListener('DOMContentLoaded',()=>new ResizeObserver(()=>parent.postMessage({bushelHeight:document.documentElement.offsetHeight},'*')).observe(document.documentElement))`
