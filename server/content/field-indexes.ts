import { sql } from 'kysely'
import { withoutHurry } from '../db/client'
import type { Db } from '../db/client'
import { collationFor } from '../db/collation'
import { isRange } from '../../core/content/field'
import { fieldTypes } from '../../core/content/fields'
import { loadSite } from '../site/site'

/** Where entries are ordered by a field: in the table of the content screen, and in listings. */
const places = {
  table: { table: 'entries', id: 'id', where: 'deleted_at is null' },
  listing: { table: 'entry_index', id: 'entry_id', where: 'true' },
} as const

/**
 * The expression that entries are ordered by for a field, the same for the index and for questions:
 * PostgreSQL uses an expression index only for the very same expression.
 */
export function sortExpression(fieldId: number, sort: 'number' | 'text', collation: string): string {
  return sort === 'text'
    ? `(${textExpression(fieldId)} collate "${collation.replaceAll('"', '')}")`
    : numberExpression(fieldId)
}

/** The text that orders entries by a field. */
export function textExpression(fieldId: number): string {
  return `(sort_values ->> '${String(Math.trunc(fieldId))}')`
}

/**
 * The number that orders and narrows entries by a field. While a field changes its type, its index
 * still stands and meets texts; those have no number.
 */
export function numberExpression(fieldId: number): string {
  const key = String(Math.trunc(fieldId))
  return `(case when jsonb_typeof(sort_values -> '${key}') = 'number' then (sort_values -> '${key}')::float8 end)`
}

/**
 * Makes the indexes that sortable and filterable fields ask for, and drops those no longer asked
 * for, without locking out readers or writers. Several servers may call it at once: one works, the
 * others leave it to that one. One that was interrupted is made anew.
 */
export async function reconcileFieldIndexes(
  db: Db,
): Promise<{ readonly made: readonly string[]; readonly dropped: readonly string[] }> {
  return db.connection().execute(async (connection) => {
    const { rows } = await sql<{
      held: boolean
    }>`select pg_try_advisory_lock(hashtext('field indexes')) as held`.execute(connection)
    if (rows[0]?.held !== true) return { made: [], dropped: [] }
    try {
      return await withoutHurry(connection, () => reconcile(connection))
    } finally {
      await sql`select pg_advisory_unlock(hashtext('field indexes'))`.execute(connection)
    }
  })
}

async function reconcile(
  connection: Db,
): Promise<{ readonly made: readonly string[]; readonly dropped: readonly string[] }> {
  const wanted = await wantedIndexes(connection)
  const present = await presentIndexes(connection)
  const dropped = present
    .filter((index) => !index.valid || !wanted.has(index.name))
    .map((index) => index.name)
  for (const name of dropped) {
    await sql.raw(`drop index concurrently if exists "${name}"`).execute(connection)
    await sql.raw(`drop statistics if exists "${name}_spread"`).execute(connection)
  }
  const kept = new Set(present.filter((index) => !dropped.includes(index.name)).map((index) => index.name))
  const made = [...wanted].filter(([name]) => !kept.has(name))
  for (const [, { index, statistics }] of made) {
    await sql.raw(index).execute(connection)
    if (statistics !== null) await sql.raw(statistics).execute(connection)
  }
  // The planner learns how values are spread at the next round of autovacuum; listings shall not wait for it.
  if (made.some(([, { statistics }]) => statistics !== null))
    await sql`analyze entry_index`.execute(connection)
  return { made: made.map(([name]) => name), dropped }
}

interface Wanted {
  readonly index: string
  /** PostgreSQL keeps no statistics of the expression of a partial index for its estimates; these it does. */
  readonly statistics: string | null
}

async function wantedIndexes(db: Db): Promise<ReadonlyMap<string, Wanted>> {
  const [site, fields] = await Promise.all([
    loadSite(db),
    db
      .selectFrom('fields')
      .select(['id', 'stored_as', 'collection_id', 'type', 'sortable', 'filterable'])
      .where(({ eb, or }) => or([eb('deleted_at', 'is', null), eb('becoming', '=', true)]))
      .where(({ eb, or }) => or([eb('sortable', '=', true), eb('filterable', '=', true)]))
      .execute(),
  ])
  const collation = await collationFor(db, site.locale)
  const wanted = new Map(
    Object.values(places).map(({ table, id, where }) => titleIndex(table, id, where, collation)),
  )
  for (const field of fields) {
    const { sort, filter } = fieldTypes.get(field.type)
    if (sort === null || !(field.sortable || isRange(filter))) continue
    for (const [name, place] of Object.entries(places)) {
      if (name === 'table' && !field.sortable) continue
      // How it is sorted stands in the name: a field whose type changed, or a site whose language did, gets another.
      const stored = field.stored_as ?? field.id
      const index = `field_${stored}_${name}_${sort}${sort === 'text' ? `_${named(collation)}` : ''}`
      wanted.set(index, {
        index: `create index concurrently "${index}" on ${place.table} (${sortExpression(stored, sort, collation)}, ${place.id})
          where collection_id = ${field.collection_id} and ${place.where}`,
        statistics:
          name === 'listing' && sort === 'number'
            ? `create statistics if not exists "${index}_spread" on (${numberExpression(stored)}) from entry_index`
            : null,
      })
    }
  }
  return wanted
}

/** A collation as it stands in names. */
function named(collation: string): string {
  return collation.replace(/[^a-z0-9]/gi, '_')
}

function titleIndex(table: string, id: string, where: string, collation: string): readonly [string, Wanted] {
  const name = `${table}_title_${named(collation)}`
  return [
    name,
    {
      index: `create index concurrently "${name}" on ${table} (collection_id, (title collate "${collation}"), ${id}) where ${where}`,
      statistics: null,
    },
  ]
}

async function presentIndexes(
  db: Db,
): Promise<readonly { readonly name: string; readonly valid: boolean }[]> {
  const { rows } = await sql<{ name: string; valid: boolean }>`
    select c.relname as name, i.indisvalid as valid
    from pg_index i join pg_class c on c.oid = i.indexrelid
    where c.relname ~ '^(field_[0-9]+_(table|listing)_(number|text.*)|(entries|entry_index)_title_.*)$'`.execute(
    db,
  )
  return rows
}
