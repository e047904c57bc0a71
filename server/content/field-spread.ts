import { sql } from 'kysely'
import type { FieldSpread } from '../../core/content/answers'
import { isRange } from '../../core/content/field'
import { fieldTypes } from '../../core/content/fields'
import type { Db } from '../db/client'
import { missing } from '../http/problem'
import { numberExpression } from './field-indexes'

const bins = 24

/** How the values of a field are spread now (epoch milliseconds). Throws 404 for a field that is gone. */
export async function fieldSpread(db: Db, id: number, now: number): Promise<FieldSpread> {
  const field = await db
    .selectFrom('fields')
    .select(['collection_id', 'type', 'stored_as'])
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!field) throw missing('The field')
  if (!isRange(fieldTypes.get(field.type).filter)) return { least: 0, most: 0, bins: [] }
  const value = sql.raw(numberExpression(field.stored_as ?? id))
  const at = sql`${new Date(now)}::timestamptz`
  const { rows } = await sql<{ least: number; most: number; bin: number; count: number }>`
    with shown as materialized (
      select ${value} as value from entry_index
      where collection_id = ${field.collection_id} and ${value} is not null and published_at <= ${at} and (expires_at is null or expires_at > ${at})
    ), limits as (select min(value) as least, max(value) as most from shown)
    select least, most, least(${bins}, 1 + floor((value - least) / nullif(most - least, 0) * ${bins}))::integer as bin, count(*)::integer as count
    from shown, limits group by least, most, bin`.execute(db)
  const [first] = rows
  if (first === undefined) return { least: 0, most: 0, bins: [] }
  if (first.least === first.most) return { least: first.least, most: first.most, bins: [first.count] }
  const counts = Array.from({ length: bins }, (_, bin) => rows.find((row) => row.bin === bin + 1)?.count ?? 0)
  return { least: first.least, most: first.most, bins: counts }
}
