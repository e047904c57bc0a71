import { sql } from 'kysely'
import { changeInBulk, undoBulkChange } from '../../server/content/bulk'
import { entryTable } from '../../server/content/entry-table'
import type { EntryTableQuery } from '../../server/content/entry-table'
import { convertField, tryConversion } from '../../server/content/field-conversion'
import { reconcileFieldIndexes } from '../../server/content/field-indexes'
import { termRows } from '../../server/content/term-rows'
import { databaseUrl, openDatabase } from '../../server/db/client'
import { gatherStatistics } from '../../server/db/statistics'
import { addUpKeyCounts } from '../../server/listings/key-counts'
import { askingAnew } from '../../server/listings/ask'
import { listingCounts } from '../../server/listings/listing-counts'
import type { Asked } from '../../server/listings/context'
import { frontPage, gardened } from './gardened'
import type { Gardened } from './gardened'
import { begun } from './notes'

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

const sets = { small: await gardened(db, 1000), large: await gardened(db, 100_000) }
await reconcileFieldIndexes(db)

const base: EntryTableQuery = {
  page: 1,
  perPage: 25,
  sort: 'publishedAt',
  direction: 'down',
  search: '',
  state: 'all',
}
const ask = (query: Partial<EntryTableQuery>) => (set: Gardened) =>
  entryTable(db, set.id, { ...base, ...query }, Date.now())
const lastPage = (query: Partial<EntryTableQuery>) => (set: Gardened) =>
  ask({ ...query, page: set.count / 25 })(set)
const questions: readonly (readonly [string, (set: Gardened) => Promise<unknown>])[] = [
  ['first page, newest', ask({})],
  ['last page, newest', lastPage({})],
  ['by title', ask({ sort: 'title', direction: 'up' })],
  ['by author', ask({ sort: 'author', direction: 'up' })],
  ['by author, last page', lastPage({ sort: 'author', direction: 'up' })],
  ['by reads', ask({ sort: 'views' })],
  ['by a number field', (set) => ask({ sort: `field:${set.field.id}`, direction: 'up' })(set)],
  ['drafts only', ask({ state: 'draft' })],
  ['search, rare word', (set) => ask({ search: ` ${set.count - 3}` })(set)],
  ['search, common word', ask({ search: 'orchard' })],
  ['terms of a facet with their counts', ({ facet }) => termRows(db, facet)],
  ['six listings of a page, asked and counted anew', askedAnew],
]
// As servers do again and again.
await addUpKeyCounts(db)
await gatherStatistics(db)
await sql`vacuum`.execute(db)
await questioned()

/** What the bench asks to show a page: what its listings show, and how many each step leaves. */
async function askedAnew(set: Gardened): Promise<void> {
  const asker = askingAnew(db)
  const known = await asker.known()
  const asked: Asked = { now: Date.now(), page: null, visit: '' }
  await Promise.all(
    frontPage(set).flatMap((listing) => [
      asker.shown(listing, asked, []),
      listingCounts(db, known, listing, asked, []),
    ]),
  )
}

async function questioned(): Promise<void> {
  console.log('| question | 1,000 entries, ms | 100,000 entries, ms | ratio |\n|---|---|---|---|')
  for (const [name, question] of questions) {
    const small = await median(() => question(sets.small))
    const large = await median(() => question(sets.large))
    console.log(`| ${name} | ${small.toFixed(1)} | ${large.toFixed(1)} | ${(large / small).toFixed(1)} |`)
  }
}

const { large } = sets
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
