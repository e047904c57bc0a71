import { sql } from 'kysely'
import { rowName } from '../../core/content/row'
import { newListing } from '../../core/listing/definition'
import { firstPage } from '../../core/query/page-asked'
import type { Listing } from '../../core/listing/definition'
import { stretchSeen } from '../../core/shapes/calendar-turn'
import { newShape } from '../../core/shapes'
import { databaseUrl, openDatabase } from '../../server/db/client'
import type { Db } from '../../server/db/client'
import { migrate } from '../../server/db/migrate'
import { askingAnew } from '../../server/listings/ask'
import { addCollection } from '../../server/content/collections'
import { measured } from './measured'

/**
 * A month of a calendar over 100,000 events of twenty years, 10,000 of them courses of six weeks: through
 * the whole path of the server, and one statement that was written by hand, side by side. Both answer alike:
 * what lies in the weeks of the month, and what shares days with what lies across their beginning.
 */
const events = 100_000
const repeating = 10_000
const years = 20
const now = Date.UTC(2026, 11, 3, 11)
const month = 'month-2026-12'

async function filled(db: Db): Promise<number> {
  await sql`insert into site (id, name, locale, time_zone) values (1, 'Bench', 'en-GB', 'UTC')`.execute(db)
  const input = {
    name: 'Days',
    singular: 'Day',
    plural: 'Days',
    icon: 'calendar',
    kind: 'event',
    address: '/days/{slug}',
    facets: [],
  }
  const { id } = await addCollection(db, input)
  await sql`update collections set happening = '{"when": {"start": 1}, "where": null, "track": null}'`.execute(
    db,
  )
  await sql`insert into entries (collection_id, slug, title, summary, body, status, published_at)
    select ${id}, 'day-' || n, 'Day ' || n, '', '{"type":"doc","content":[{"type":"paragraph"}]}', 'published',
      timestamptz '2006-01-01' + n * interval '1 hour' from generate_series(1, ${events}) n`.execute(db)
  await sql`insert into entry_index (entry_id, collection_id, title, published_at, views, comments, pinned, keys, sort_values)
    select id, collection_id, title, published_at, 0, 0, false, '{}', '{}' from entries`.execute(db)
  const first = `2016-12-03`
  await sql`insert into occurrences (entry_id, key, collection_id, starts_at, ends_at, is_whole_days, is_cancelled)
    select id, starts + week * interval '7 days', collection_id, starts + week * interval '7 days',
      starts + week * interval '7 days' + case when id % 50 = 0 then interval '2 days' else interval '2 hours' end, false, false
    from (select id, collection_id, ${first}::timestamptz
        + (id::bigint * 7919 % (${years} * 8766)) * interval '1 hour' as starts from entries) dated,
      generate_series(0, case when id % ${events / repeating} = 0 then 5 else 0 end) week`.execute(db)
  await sql`vacuum analyze`.execute(db)
  return id
}

const db = openDatabase(databaseUrl(), 4)
await migrate(db)
const collection = await filled(db)
const fresh = newListing('Days', collection)
const listing: Listing = { ...fresh, shape: newShape('calendar') }
const asker = askingAnew(db)
const by = { views: ['month'], weekBegins: 'monday' } as const
const at = { locale: 'en-GB', zone: 'UTC', now }
const { from, before } = stretchSeen({ view: 'month', day: '2026-12-01', term: null }, by, at)

const ours = async () =>
  (await asker.shown(listing, { now, page: null, visit: '' }, [], { ...firstPage, turn: month })).rows.map(
    rowName,
  )
const [begin, end, read] = [from, before, now].map((at) => sql`${new Date(at)}::timestamptz`)
/** It knows that nothing takes more than two days, and which of it ends within 62 days is looked at. */
const byHand = async () => {
  const { rows } = await sql<{ id: number; key: Date }>`
    with recursive long as (
      select * from occurrences where collection_id = ${collection} and ends_at - starts_at >= interval '24 hours'
        and starts_at < ${begin} and starts_at >= ${begin} - interval '64 days' and ends_at > ${begin} - interval '62 days'
    ), reach (since) as (
      select ${begin} union select earlier.since from reach, lateral (
        select min(date_trunc('day', starts_at, 'UTC')) as since from long where ends_at > reach.since
      ) earlier where earlier.since < reach.since
    ), asked as (
      select entry_id, key, starts_at from occurrences where collection_id = ${collection}
        and starts_at < ${end} and starts_at >= ${begin} - interval '2 days' and ends_at > ${begin}
      union
      select entry_id, key, starts_at from long where ends_at > (select min(since) from reach)
    )
    select o.entry_id as id, o.key from asked o join entry_index e using (entry_id)
    where e.published_at <= ${read} and (e.expires_at is null or e.expires_at > ${read})
    order by o.starts_at, o.entry_id, o.key`.execute(db)
  return rows.map((row) => rowName({ id: row.id, at: row.key.getTime() }))
}

const [mine, theirs] = [await ours(), await byHand()]
if (mine.join() !== theirs.join())
  throw new Error(
    `Not alike: ${mine.length} and ${theirs.length}, ${mine.find((one, at) => one !== theirs[at])}.`,
  )
const [own, hand] = await measured([ours, byHand])
const ms = (time: number | undefined) => (time ?? 0).toFixed(2)
console.log(`\n| a month with ${theirs.length} dates | p50, ms | p95 |\n|---|---|---|`)
console.log(`| ours | ${ms(own?.p50)} | ${ms(own?.p95)} |`)
console.log(`| by hand | ${ms(hand?.p50)} | ${ms(hand?.p95)} |`)
console.log(`| ratio | ${ms((own?.p50 ?? 0) / (hand?.p50 ?? 1))} | |`)
await db.destroy()
