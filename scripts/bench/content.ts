import { sql } from 'kysely'
import type { FieldInput } from '../../core/content/field'
import { numberField } from '../../core/content/fields/number'
import { changeInBulk, undoBulkChange } from '../../server/content/bulk'
import { addCollection } from '../../server/content/collections'
import { entryTable } from '../../server/content/entry-table'
import type { EntryTableQuery } from '../../server/content/entry-table'
import { convertField, tryConversion } from '../../server/content/field-conversion'
import { reconcileFieldIndexes } from '../../server/content/field-indexes'
import { collectionIndexing } from '../../server/content/index-work'
import { beginWork } from '../../server/work/begin'
import { finishWork } from '../../server/work/finish'
import { addField } from '../../server/content/field-writing'
import { databaseUrl, openDatabase } from '../../server/db/client'
import { migrate } from '../../server/db/migrate'

const db = openDatabase(databaseUrl(), 4)
await migrate(db)
await sql`insert into site (id, name, locale, time_zone) values (1, 'Bench', 'en-GB', 'UTC')`.execute(db)
const { rows: writers } = await sql<{ id: string }>`insert into accounts (email, name, role, password_hash) values ('b@bench.example', 'B', 'owner', '-') returning id`.execute(db)
const writer = { id: writers[0]?.id ?? '' }

const words = ['leaf', 'mould', 'bean', 'frost', 'orchard', 'seed', 'shed', 'rain', 'hill', 'graft', 'kale', 'soil', 'moth', 'pear', 'quarry', 'sieve']

/** A collection of so many entries with skewed reads, ten sentences of text each, and a sortable number. */
async function filled(count: number) {
  const { id } = await addCollection(db, { name: `Notes ${count}`, singular: 'Note', plural: 'Notes', icon: 'note', kind: 'article', address: `/notes-${count}/{slug}`, facets: [] })
  const number: FieldInput = { key: 'depth', name: 'Depth', type: 'number', settings: numberField.defaults, required: false, help: '', fallback: null, filterable: true, sortable: true }
  const field = await addField(db, id, number)
  const text = Array.from({ length: 10 }, () => 'What the beds, the bees and the volunteers have been up to, written down so that nobody need find it out again.').join(' ')
  const body = JSON.stringify({ type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text }] }] })
  await sql`
    insert into entries (collection_id, slug, title, summary, body, status, published_at, view_count, field_values)
    select ${id}, 'note-' || n,
      (${sql.val(words)}::text[])[1 + (n::bigint * 7919) % 16] || ' ' || (${sql.val(words)}::text[])[1 + (n::bigint * 104729) % 16] || ' ' || n, '', ${body}::jsonb,
      case when n % 20 = 0 then 'draft' else 'published' end, now() - n * interval '7 minutes', (100000 / (1 + n % 977))::integer,
      jsonb_build_object(${String(field.id)}::text, (n * 31) % 5000)
    from generate_series(1, ${count}) n`.execute(db)
  await finishWork(db, await db.transaction().execute((trx) => beginWork(trx, collectionIndexing, { collection: id })))
  return { id, field, count, fieldInput: number }
}

async function median(action: () => Promise<unknown>, runs = 11): Promise<number> {
  const times: number[] = []
  for (let at = 0; at < runs; at += 1) {
    const start = performance.now()
    await action()
    times.push(performance.now() - start)
  }
  return times.toSorted((a, b) => a - b)[Math.floor(runs / 2)] ?? 0
}

const sets = [await filled(1000), await filled(100_000)]
await reconcileFieldIndexes(db)
await sql`vacuum analyze`.execute(db)

type Set = (typeof sets)[number]
const base: EntryTableQuery = { page: 1, perPage: 25, sort: 'publishedAt', direction: 'down', search: '', state: 'all' }
const ask = (query: Partial<EntryTableQuery>) => (set: Set) => entryTable(db, set.id, { ...base, ...query }, Date.now())
const questions: readonly (readonly [string, (set: Set) => Promise<unknown>])[] = [
  ['first page, newest', ask({})],
  ['last page, newest', (set) => ask({ page: set.count / 25 })(set)],
  ['by title', ask({ sort: 'title', direction: 'up' })],
  ['by reads', ask({ sort: 'views' })],
  ['by a number field', (set) => ask({ sort: `field:${set.field.id}`, direction: 'up' })(set)],
  ['drafts only', ask({ state: 'draft' })],
  ['search, rare word', (set) => ask({ search: ` ${set.count - 3}` })(set)],
  ['search, common word', ask({ search: 'orchard' })],
]

console.log('| question | 1,000 entries, ms | 100,000 entries, ms | ratio |\n|---|---|---|---|')
for (const [name, question] of questions) {
  const [small = 0, large = 0] = [await median(() => question(sets[0] as Set)), await median(() => question(sets[1] as Set))]
  console.log(`| ${name} | ${small.toFixed(1)} | ${large.toFixed(1)} | ${(large / small).toFixed(1)} |`)
}

const large = sets[1] as Set
const counted = await median(() => db.selectFrom('entries as e').select(({ fn }) => fn.countAll().as('n')).where('e.collection_id', '=', large.id).where('e.deleted_at', 'is', null).execute())
console.log(`\nOf each of them, counting the 100,000 takes ${counted.toFixed(1)} ms.`)
const { rows: chosen } = await sql<{ id: number }>`select id from entries where collection_id = ${large.id} order by id limit 1000`.execute(db)
const ids = chosen.map((row) => row.id)
const single = await median(async () => {
  const done = await changeInBulk(db, large.id, { ids: ids.slice(0, 1), action: { do: 'archive' } }, writer)
  await undoBulkChange(db, done.id, writer)
}, 5)
const bulk = await median(async () => {
  const done = await changeInBulk(db, large.id, { ids, action: { do: 'archive' } }, writer)
  await undoBulkChange(db, done.id, writer)
}, 5)
console.log(`\nChanging entries and undoing it: 1 entry ${single.toFixed(0)} ms, 1,000 entries ${bulk.toFixed(0)} ms, ratio ${(bulk / single).toFixed(0)} for a thousand times the entries.`)
const text = { ...large.fieldInput, type: 'short-text' as const, settings: { most: 20 }, filterable: false }
const trial = await median(() => tryConversion(db, large.field.id, text), 3)
const start = performance.now()
await convertField(db, large.field.id, text)
console.log(`Changing the type of a field with 100,000 values: looked at in ${(trial / 1000).toFixed(1)} s, done in ${((performance.now() - start) / 1000).toFixed(1)} s.`)
await db.destroy()
