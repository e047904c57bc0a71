import { sql } from 'kysely'
import { entryInputOf } from '../../core/content/entry-input'
import { fieldTypes } from '../../core/content/fields'
import { changeInBulk, undoBulkChange } from '../../server/content/bulk'
import { loadEntry, saveEntry } from '../../server/content/entries'
import { addFacet } from '../../server/content/facets'
import { convertField } from '../../server/content/field-conversion'
import { collectionIndexing } from '../../server/content/index-work'
import { addTerm, deleteTerm, mergeTerm, moveTerm, undoTermChange } from '../../server/content/terms'
import { databaseUrl, openDatabase } from '../../server/db/client'
import { Problem } from '../../server/http/problem'
import { ChangeFeed } from '../../server/live/change-feed'
import { beginWork } from '../../server/work/begin'
import { finishWork } from '../../server/work/finish'
import { begun, filled } from './notes'

/**
 * How long single saves take, and when open pages hear of them, while something long is written to
 * their collection.
 */
const db = openDatabase(databaseUrl(), 6)
const begunAt = performance.now()
const writer = await begun(db)
const { id: facet } = await addFacet(db, { name: 'Topic', plural: 'Topics', collections: [] })
const notes = await filled(db, 100_000, [facet])
const [wide, other] = [await termNamed('Wide', 2), await termNamed('Other', 10)]
await finishWork(
  db,
  await db.transaction().execute((trx) => beginWork(trx, collectionIndexing, { collection: notes.id })),
)
await sql`vacuum analyze`.execute(db)
console.log(`Filled in ${((performance.now() - begunAt) / 1000).toFixed(0)} s.\n`)

const feed = new ChangeFeed(db, databaseUrl())
await feed.start()
const { rows: saved } = await sql<{
  id: number
}>`select id from entries where collection_id = ${notes.id} order by md5(id::text) limit 500`.execute(db)
const { rows: chosen } = await sql<{
  id: number
}>`select id from entries where collection_id = ${notes.id} order by id limit 1000`.execute(db)
const ids = chosen.map((row) => row.id)

console.log(
  '| while | took, s | saves | save p50, ms | longest | heard after it p50, ms | longest |\n|---|---|---|---|---|---|---|',
)
await beside('nothing else is written', () => new Promise((done) => setTimeout(done, 10_000)))
await beside('1,000 entries are changed at once and that is undone, five times', async () => {
  for (let time = 0; time < 5; time += 1) {
    const { id } = await changeInBulk(db, notes.id, { ids, action: { do: 'archive' } }, writer)
    await undoBulkChange(db, id, writer)
  }
})
await beside('a term of 50,000 entries moves under another', () =>
  moveTerm(db, wide, { parentId: other, at: 0 }),
)
await beside('it moves back', () => moveTerm(db, wide, { parentId: null, at: 0 }))
let change = ''
await beside(
  'it is merged into another',
  async () => void ({ change } = await mergeTerm(db, wide, other, writer)),
)
await beside('the merge is undone', () => undoTermChange(db, change))
await beside('it is deleted', async () => void ({ change } = await deleteTerm(db, wide, writer)))
await beside('a field of 100,000 values gets another type', async () => {
  const settings = fieldTypes.get('short-text').defaults
  await convertField(db, notes.field.id, {
    ...notes.fieldInput,
    type: 'short-text',
    settings,
    filterable: false,
  })
})
await feed.stop()
await db.destroy()

async function termNamed(name: string, every: number): Promise<number> {
  const { id } = await addTerm(db, facet, null, {
    name,
    slug: name.toLowerCase(),
    description: '',
    pictureId: null,
    icon: '',
    colour: '',
  })
  await sql`insert into entry_terms (entry_id, term_id, position) select id, ${id}, 0 from entries where id % ${every} = 0`.execute(
    db,
  )
  return id
}

/** Saves one entry after another as somebody would who does nothing else, until the other work is done. */
async function beside(name: string, act: () => Promise<unknown>): Promise<void> {
  let over = false
  const began = performance.now()
  const work = act().finally(() => (over = true))
  const [saves, heard]: [number[], number[]] = [[], []]
  while (!over) {
    const entry = await loadEntry(db, saved[saves.length % saved.length]?.id ?? 0)
    const start = performance.now()
    await saveEntry(
      db,
      entry.id,
      entry.version,
      { ...entryInputOf(entry), summary: `Saved ${saves.length} times` },
      writer,
    ).catch(overtaken)
    const done = performance.now()
    saves.push(done - start)
    heard.push((await told()) - done)
  }
  await work
  const seconds = (performance.now() - began) / 1000
  console.log(`| ${name} | ${seconds.toFixed(1)} | ${saves.length} | ${spread(saves)} | ${spread(heard)} |`)
}

/**
 * What was written over in between, or has a form of before, is refused as it is to be; that took
 * its time as well.
 */
function overtaken(error: unknown): void {
  if (!(error instanceof Problem && [409, 422].includes(error.status))) throw error
}

/** When the feed has told of the latest change that is committed by now. */
async function told(): Promise<number> {
  const { rows } = await sql<{
    made: string
  }>`select transaction_id::text as made from changes order by id desc limit 1`.execute(db)
  for (let seen: string | null = null; ; await new Promise((done) => setTimeout(done, 2))) {
    if (feed.seen() === seen) continue
    seen = feed.seen()
    const { rows: shown } = await sql<{
      told: boolean
    }>`select pg_visible_in_snapshot(${rows[0]?.made}::xid8, ${seen}::pg_snapshot) as told`.execute(db)
    if (shown[0]?.told === true) return performance.now()
  }
}

function spread(times: readonly number[]): string {
  const sorted = times.toSorted((a, b) => a - b)
  return `${(sorted[Math.floor(sorted.length / 2)] ?? 0).toFixed(0)} | ${(sorted.at(-1) ?? 0).toFixed(0)}`
}
