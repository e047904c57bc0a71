import { sql } from 'kysely'
import { changeInBulk, undoBulkChange } from '../../server/content/bulk'
import { entryTable } from '../../server/content/entry-table'
import type { EntryTableQuery } from '../../server/content/entry-table'
import { convertField, tryConversion } from '../../server/content/field-conversion'
import { reconcileFieldIndexes } from '../../server/content/field-indexes'
import { databaseUrl, openDatabase } from '../../server/db/client'
import { begun, filled } from './notes'

const db = openDatabase(databaseUrl(), 4)
const writer = await begun(db)

async function median(action: () => Promise<unknown>, runs = 11): Promise<number> {
  const times: number[] = []
  for (let at = 0; at < runs; at += 1) {
    const start = performance.now()
    await action()
    times.push(performance.now() - start)
  }
  return times.toSorted((a, b) => a - b)[Math.floor(runs / 2)] ?? 0
}

const sets = [await filled(db, 1000), await filled(db, 100_000)]
await reconcileFieldIndexes(db)
await sql`vacuum analyze`.execute(db)

type Set = (typeof sets)[number]
const base: EntryTableQuery = {
  page: 1,
  perPage: 25,
  sort: 'publishedAt',
  direction: 'down',
  search: '',
  state: 'all',
}
const ask = (query: Partial<EntryTableQuery>) => (set: Set) =>
  entryTable(db, set.id, { ...base, ...query }, Date.now())
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
  const [small = 0, large = 0] = [
    await median(() => question(sets[0] as Set)),
    await median(() => question(sets[1] as Set)),
  ]
  console.log(`| ${name} | ${small.toFixed(1)} | ${large.toFixed(1)} | ${(large / small).toFixed(1)} |`)
}

const large = sets[1] as Set
const counted = await median(() =>
  db
    .selectFrom('entries as e')
    .select(({ fn }) => fn.countAll().as('n'))
    .where('e.collection_id', '=', large.id)
    .where('e.deleted_at', 'is', null)
    .execute(),
)
console.log(`\nOf each of them, counting the 100,000 takes ${counted.toFixed(1)} ms.`)
const { rows: chosen } = await sql<{
  id: number
}>`select id from entries where collection_id = ${large.id} order by id limit 1000`.execute(db)
const ids = chosen.map((row) => row.id)
const single = await median(async () => {
  const done = await changeInBulk(db, large.id, { ids: ids.slice(0, 1), action: { do: 'archive' } }, writer)
  await undoBulkChange(db, done.id, writer)
}, 5)
const bulk = await median(async () => {
  const done = await changeInBulk(db, large.id, { ids, action: { do: 'archive' } }, writer)
  await undoBulkChange(db, done.id, writer)
}, 5)
console.log(
  `\nChanging entries and undoing it: 1 entry ${single.toFixed(0)} ms, 1,000 entries ${bulk.toFixed(0)} ms, ratio ${(bulk / single).toFixed(0)} for a thousand times the entries.`,
)
const text = { ...large.fieldInput, type: 'short-text' as const, settings: { most: 20 }, filterable: false }
const trial = await median(() => tryConversion(db, large.field.id, text), 3)
const start = performance.now()
await convertField(db, large.field.id, text)
console.log(
  `Changing the type of a field with 100,000 values: looked at in ${(trial / 1000).toFixed(1)} s, done in ${((performance.now() - start) / 1000).toFixed(1)} s.`,
)
await db.destroy()
