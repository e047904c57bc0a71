import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import type { Position } from '../../core/query/position'
import { placesFrom, shuffleModulus, shuffleOf } from '../../core/query/shuffle'
import type { Filled } from './fill'

type Query = RawBuilder<{ entry_id: number }>

/** The best SQL known for each question of the benchmark, written for its data alone. */
export function handWritten(name: string, filled: Filled, now: number, after: Position | null): Query {
  const write = queries[name]
  if (write === undefined) throw new Error(`Nobody wrote SQL for “${name}”.`)
  return write(filled, sql`${new Date(now)}::timestamptz`, after)
}

type Write = (filled: Filled, now: RawBuilder<unknown>, after: Position | null) => Query

/** What visitors may see: the data has no ends, and hand-written SQL may know it. */
const seen = (now: RawBuilder<unknown>) =>
  sql`published_at <= ${now} and (expires_at is null or expires_at > ${now})`
const number = (field: number) =>
  sql.raw(
    `(case when jsonb_typeof(sort_values -> '${field}') = 'number' then (sort_values -> '${field}')::float8 end)`,
  )
const main = (filled: Filled) => filled.collections[0] ?? 0

const queries: Readonly<Record<string, Write>> = {
  newest: (filled, now) => sql`
    select entry_id from entry_index where collection_id = ${main(filled)} and ${seen(now)} order by published_at desc, entry_id desc limit 9`,
  'newest of a common term': (filled, now) => sql`
    select entry_id from (select * from entry_index where collection_id = ${main(filled)} and ${seen(now)} order by published_at desc, entry_id desc limit 1000) w
    where keys @> array[${filled.terms[1] ?? 0}]::integer[] order by published_at desc, entry_id desc limit 9`,
  'newest of a rare term': (filled, now) => sql`
    with m as materialized (select entry_id, published_at from entry_index where collection_id = ${main(filled)} and keys @> array[${filled.terms[590] ?? 0}]::integer[] and ${seen(now)})
    select entry_id from m order by published_at desc, entry_id desc limit 9`,
  'two terms that never meet': (filled, now) => sql`
    with m as materialized (select entry_id, published_at from entry_index where collection_id = ${main(filled)} and keys @> ${sql.val([...filled.apart])}::integer[] and ${seen(now)})
    select entry_id from m order by published_at desc, entry_id desc limit 9`,
  'a choice, priced between, cheapest first': (filled, now) => sql`
    select entry_id from entry_index where collection_id = ${main(filled)} and keys @> array[${filled.kindKeys[2] ?? 0}]::integer[]
      and ${number(filled.price)} between 20 and 60 and ${seen(now)} order by ${number(filled.price)}, entry_id limit 9`,
  'by a field that most lack, empty last': (filled, now) => sql`
    select entry_id from entry_index where collection_id = ${main(filled)} and ${number(filled.stock)} is not null and ${seen(now)}
    order by ${number(filled.stock)} desc, entry_id desc limit 9`,
  'pinned first, then newest': (filled, now) => sql`
    with p as materialized (select entry_id, published_at from entry_index where collection_id = ${main(filled)} and keys @> '{-3}'::integer[] and ${seen(now)}),
    first as (select entry_id, published_at, 1 as pin from p order by published_at desc, entry_id desc limit 9),
    rest as (select entry_id, published_at, 0 as pin from entry_index where collection_id = ${main(filled)} and not pinned and ${seen(now)} order by published_at desc, entry_id desc limit 9)
    select entry_id from (select * from first union all select * from rest) both_of order by pin desc, published_at desc, entry_id desc limit 9`,
  'best rated with a picture': (filled, now) => sql`
    select entry_id from entry_index where collection_id = ${main(filled)} and rating is not null and keys @> '{-1}'::integer[] and ${seen(now)}
    order by rating desc, published_at desc, entry_id desc limit 9`,
  'most read in 30 days': (filled, now) => sql`
    with r as materialized (select entry_id, sum(count) as reads from entry_reads where day > current_date - 30 and day <= current_date group by entry_id)
    select i.entry_id from r join entry_index i on i.entry_id = r.entry_id where collection_id = ${main(filled)} and ${seen(now)} order by r.reads desc, i.entry_id desc limit 9`,
  shuffled: (filled, now) => {
    const shuffle = shuffleOf('fixed 7')
    const rank = sql`((place::bigint * ${shuffle.factor}::bigint + ${shuffle.shift}::bigint) % ${sql.lit(shuffleModulus)})`
    return sql`select entry_id from entry_index where collection_id = ${main(filled)} and place = any(${sql.val([...placesFrom(0, 5000, shuffle)])}::integer[]) and ${seen(now)} order by ${rank}, entry_id limit 9`
  },
  'page 500, newest, by key': (filled, _, after) => sql`
    select entry_id from entry_index where collection_id = ${main(filled)}
      and (published_at, entry_id) < (${new Date(Number(after?.values[0] ?? 0))}::timestamptz, ${after?.id ?? 0}) order by published_at desc, entry_id desc limit 9`,
  'newest of three collections': (filled, now) => sql`
    select entry_id from (${sql.join(
      filled.collections
        .slice(0, 3)
        .map(
          (id) =>
            sql`(select entry_id, published_at from entry_index where collection_id = ${id} and ${seen(now)} order by published_at desc, entry_id desc limit 9)`,
        ),
      sql` union all `,
    )}) legs order by published_at desc, entry_id desc limit 9`,
}
