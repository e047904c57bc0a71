import fc from 'fast-check'
import { sql } from 'kysely'
import { vi } from 'vitest'
import { blankEntry } from '~~/core/content/entry-input'
import { storageOf } from '~~/core/content/field'
import type { Field } from '~~/core/content/field'
import { fieldTypes } from '~~/core/content/fields'
import { changeInBulk, undoBulkChange } from '~~/server/content/bulk'
import { addEntry, loadEntry, saveEntry, setEntryDeleted } from '~~/server/content/entries'
import { indexEntries } from '~~/server/content/entry-index'
import { convertField, undoConversion } from '~~/server/content/field-conversion'
import { fieldsOf } from '~~/server/content/fields'
import { addField } from '~~/server/content/field-writing'
import { deleteTerm, mergeTerm, moveTerm, undoTermChange } from '~~/server/content/terms'
import { termRows } from '~~/server/content/term-rows'
import { addTerm } from '~~/server/content/terms'
import { newPage } from '~~/core/pages/definition'
import { editedPage, saveDraft } from '~~/server/pages/pages'
import { publishPage } from '~~/server/pages/publishing'
import type { Db } from '~~/server/db/client'
import { databaseFailure } from '~~/server/db/failures'
import { Problem } from '~~/server/http/problem'
import { addUpKeyCounts } from '~~/server/listings/key-counts'
import { finishLeftWork } from './left-work'
import { bringFont, changeLook, changeValues, lostFonts, lostValues } from './look-writers'
import { fieldInput } from './fields'

/** Numbers that were written one after the other. */
interface Progress {
  acknowledged: number
  tried: number
}

/**
 * What befalls writers: connections that are cut, or processes of the database that are killed, so
 * that it starts anew.
 */
export type Trouble = 'none' | 'cut' | 'killed'

/** What mixed writers were told, to be held against what is there afterwards. */
export interface Told {
  /** Writes that were acknowledged, by what they did. */
  readonly done: Record<string, number>
  /** Errors that nobody should be told of. */
  readonly faults: string[]
  /** By entry: the number in its title that was acknowledged last, and the one tried last. */
  readonly titles: Map<number, Progress>
  /** The same of a page: its draft, and what visitors get. */
  readonly page: { readonly id: number; readonly draft: Progress; readonly published: Progress }
  /** Entries that are written about no more once they are to be deleted. */
  readonly deleted: Map<number, 'acknowledged' | 'tried'>
  /** The longest a save took, in milliseconds. */
  longestSave: number
}

interface Site {
  readonly collectionId: number
  readonly facetId: number
  readonly writer: { readonly id: string }
}

/**
 * Writers of every kind at once on one collection and one page, for some time, with some trouble in
 * between.
 */
export async function writeMixed(
  db: Db,
  site: Site,
  { seconds, seed, trouble }: { readonly seconds: number; readonly seed: number; readonly trouble: Trouble },
): Promise<Told> {
  const page = {
    id: await addPage(db),
    draft: { acknowledged: 0, tried: 0 },
    published: { acknowledged: 0, tried: 0 },
  }
  const told: Told = { done: {}, faults: [], titles: new Map(), page, deleted: new Map(), longestSave: 0 }
  const until = Date.now() + seconds * 1000
  const field = await addField(db, site.collectionId, {
    ...fieldInput('number', 'depth'),
    filterable: true,
    sortable: true,
  } as never)
  for (let at = 0; at < 60; at += 1) await addOne(db, site, field, told, at)
  const writer = (name: string, act: (at: number) => Promise<unknown>) => runWriter(name, act, until, told)
  const ids = () => [...told.titles.keys()].filter((id) => !told.deleted.has(id))
  const pick = chooser(seed)
  await Promise.all([
    ...[0, 1, 2].map((lane) =>
      writer('save', async () => saveOne(db, site, told, pick(ids().filter((id) => id % 3 === lane)))),
    ),
    writer('add', (at) => addOne(db, site, field, told, 1000 + at)),
    writer('delete', async () => deleteOne(db, told, pick(ids()))),
    writer('bulk', async (at) => {
      const { id } = await changeInBulk(
        db,
        site.collectionId,
        { ids: ids(), action: { do: at % 2 === 0 ? 'draft' : 'publish' } },
        site.writer,
      )
      if (at % 3 === 0) await undoBulkChange(db, id, site.writer)
    }),
    writer('tag', async () => {
      const terms = await termIds(db, site)
      await changeInBulk(
        db,
        site.collectionId,
        { ids: ids(), action: { do: 'add-terms', termIds: [pick(terms)] } },
        site.writer,
      )
    }),
    writer('convert', async (at) =>
      at % 2 === 0
        ? convertField(db, field.id, {
            ...fieldInput('short-text', 'depth'),
            filterable: true,
            sortable: true,
          })
        : undoConversion(db, field.id),
    ),
    writer('terms', async (at) => changeTerms(db, site, at, pick)),
    // As every server does by itself.
    writer('resume', () => finishLeftWork(db, 500)),
    ...[0, 1].map(() => writer('page', () => editPage(db, site, told))),
    writer('publish', () => publishSeen(db, site, told)),
    writer('look', (at) => changeLook(db, at, pick)),
    writer('values', () => changeValues(db, pick)),
    writer('font', (at) => bringFont(db, at)),
    ...(trouble === 'cut' ? [writer('cut', () => cutConnections(db))] : []),
    ...(trouble === 'killed' ? [writer('kill', () => killProcess(db))] : []),
  ])
  await settle(db)
  return told
}

function chooser(seed: number): <T>(from: readonly T[]) => T {
  const values = fc.sample(fc.nat(1_000_000), { numRuns: 5000, seed })
  let at = 0
  return (from) => {
    at = (at + 1) % values.length
    const chosen = from[(values[at] ?? 0) % Math.max(1, from.length)]
    if (chosen === undefined) throw new Problem(404, 'Nothing', 'There is nothing to choose from.')
    return chosen
  }
}

async function runWriter(
  name: string,
  act: (at: number) => Promise<unknown>,
  until: number,
  told: Told,
): Promise<void> {
  // On a busy machine a kind may lose to the others for as long as they go on: it gets its turn after them.
  const goesOn = () => Date.now() < until || (told.done[name] === undefined && Date.now() < until + patience)
  for (let at = 0; goesOn(); at += 1) {
    try {
      await act(at)
      told.done[name] = (told.done[name] ?? 0) + 1
    } catch (error) {
      const isTold = error instanceof Problem && error.status < 500
      if (!isTold && databaseFailure(error) !== 'lost' && databaseFailure(error) !== 'heavy')
        told.faults.push(`${name}: ${String(error)}`)
    }
    await new Promise((resolve) => setTimeout(resolve, pauses[name] ?? 3))
  }
}

/** For how long a kind that was never acknowledged goes on after the others, in milliseconds. */
const patience = 20_000

/** How long the rarer ones wait before they go on, in milliseconds. */
const pauses: Readonly<Record<string, number>> = { cut: 700, resume: 700, kill: 2500 }

async function addOne(db: Db, site: Site, field: Field, told: Told, at: number): Promise<void> {
  const values = await valueFor(db, site, field, at)
  const { id } = await addEntry(
    db,
    site.collectionId,
    {
      ...blankEntry,
      title: '0',
      slug: `mixed-${at}-${told.titles.size}`,
      status: 'published',
      publishedAt: Date.UTC(2026, 0, 1),
      values,
    },
    site.writer,
  )
  told.titles.set(id, { acknowledged: 0, tried: 0 })
}

/** A value that the field takes in the form that a writer sees; another form refuses it, which is told. */
async function valueFor(db: Db, site: Site, field: Field, at: number): Promise<Record<string, unknown>> {
  const now = (await fieldsOf(db, site.collectionId)).find((one) => one.id === field.id)
  return { [field.id]: now?.type === 'number' ? at : String(at) }
}

async function saveOne(db: Db, site: Site, told: Told, id: number): Promise<void> {
  const title = told.titles.get(id)
  if (title === undefined) return
  const entry = await loadEntry(db, id)
  const tried = title.tried + 1
  told.titles.set(id, { ...title, tried })
  const { id: _, collectionId, version, updatedAt, updatedBy, ...input } = entry
  void [_, collectionId, updatedAt, updatedBy]
  const begun = Date.now()
  await saveEntry(db, id, version, { ...input, title: String(tried) }, site.writer)
  told.longestSave = Math.max(told.longestSave, Date.now() - begun)
  told.titles.set(id, { acknowledged: tried, tried: told.titles.get(id)?.tried ?? tried })
}

async function deleteOne(db: Db, told: Told, id: number): Promise<void> {
  if (told.titles.size - told.deleted.size < 30)
    throw new Problem(404, 'Nothing', 'The few that are left are needed.')
  told.deleted.set(id, 'tried')
  await setEntryDeleted(db, id, true)
  told.deleted.set(id, 'acknowledged')
}

async function termIds(db: Db, { facetId }: Site): Promise<readonly number[]> {
  return (
    await db
      .selectFrom('terms')
      .select('id')
      .where('facet_id', '=', facetId)
      .where('leaving', '=', false)
      .execute()
  ).map((row) => row.id)
}

async function changeTerms(
  db: Db,
  site: Site,
  at: number,
  pick: <T>(from: readonly T[]) => T,
): Promise<void> {
  const terms = await termIds(db, site)
  if (terms.length < 8)
    await addTerm(db, site.facetId, at % 2 === 0 ? null : pick(terms), {
      name: `Term ${at}`,
      slug: `term-${at}`,
      description: '',
      pictureId: null,
      icon: '',
      colour: '',
    })
  const [one, other] = [pick(terms), pick(terms)]
  if (at % 4 === 0) return moveTerm(db, one, { parentId: other === one ? null : other, at: 0 })
  const { change } =
    at % 4 === 1 ? await deleteTerm(db, one, site.writer) : await mergeTerm(db, one, other, site.writer)
  if (at % 3 !== 0) await undoTermChange(db, change)
}

async function addPage(db: Db): Promise<number> {
  const page = JSON.stringify(newPage('0'))
  const values = { path: '/mixed', position: 1, draft: page, draft_by: null, published: page }
  return (await db.insertInto('pages').values(values).returning('id').executeTakeFirstOrThrow()).id
}

async function editPage(db: Db, site: Site, { page: { id, draft } }: Told): Promise<void> {
  const seen = await editedPage(db, id)
  draft.tried += 1
  const tried = draft.tried
  await saveDraft(
    db,
    id,
    { version: seen.version, page: { ...seen.page, title: String(tried) }, listings: [] },
    site.writer,
  )
  draft.acknowledged = Math.max(draft.acknowledged, tried)
}

async function publishSeen(db: Db, site: Site, { page: { id, published } }: Told): Promise<void> {
  const seen = await editedPage(db, id)
  const number = Number(seen.page.title)
  published.tried = Math.max(published.tried, number)
  await publishPage(db, id, { version: seen.version, listings: {} }, site.writer)
  published.acknowledged = Math.max(published.acknowledged, number)
}

/**
 * Kills what one connection is served by, without a word: the database then drops them all and
 * comes back by its log.
 */
async function killProcess(db: Db): Promise<void> {
  const { rows } = await sql<{ pid: number }>`select pid from pg_stat_activity
    where datname = current_database() and pid <> pg_backend_pid() and state <> 'idle' order by random() limit 1`.execute(
    db,
  )
  for (const { pid } of rows) process.kill(pid, 'SIGKILL')
}

/** Ends what some connections are at, as when a server is killed. */
async function cutConnections(db: Db): Promise<void> {
  await sql`select pg_terminate_backend(pid) from pg_stat_activity
    where datname = current_database() and pid <> pg_backend_pid() and state <> 'idle' order by random() limit 2`.execute(
    db,
  )
}

async function settle(db: Db): Promise<void> {
  // One that was killed last is coming back.
  await vi.waitFor(() => sql`select`.execute(db), { timeout: 30_000, interval: 100 })
  await finishLeftWork(db, 0)
  await addUpKeyCounts(db, 0)
}

/** What is not as it was told, or only half written; empty when all is well. */
export async function wrongAfter(db: Db, site: Site, told: Told): Promise<readonly string[]> {
  const rows = await db
    .selectFrom('entries')
    .select(['id', 'title', 'deleted_at', 'field_values'])
    .where('collection_id', '=', site.collectionId)
    .execute()
  const byId = new Map(rows.map((row) => [row.id, row]))
  const lost = [...told.titles].flatMap(([id, { acknowledged, tried }]) => {
    const number = Number(byId.get(id)?.title ?? NaN)
    return number >= acknowledged && number <= tried
      ? []
      : [`entry ${id} has ${number}, of ${acknowledged} acknowledged and ${tried} tried`]
  })
  const back = [...told.deleted]
    .filter(([id, state]) => state === 'acknowledged' && byId.get(id)?.deleted_at === null)
    .map(([id]) => `entry ${id} was deleted and is back`)
  const fields = await fieldsOf(db, site.collectionId)
  const strange = rows.flatMap((row) =>
    fields.flatMap((field) => {
      const value = row.field_values[storageOf(field)]
      return value === undefined || fieldTypes.get(field.type).parse(value, field.settings).ok
        ? []
        : [`entry ${row.id} has ${JSON.stringify(value)} in a field of the type ${field.type}`]
    }),
  )
  return [
    ...lost,
    ...back,
    ...strange,
    ...(await wrongPage(db, told)),
    ...(await lostValues(db, told.done['values'] ?? 0)),
    ...(await lostFonts(db, told.done['font'] ?? 0)),
    ...(await halfWritten(
      db,
      rows.map((row) => row.id),
    )),
  ]
}

async function wrongPage(db: Db, { page: { id, draft, published } }: Told): Promise<readonly string[]> {
  const row = await db
    .selectFrom('pages')
    .select(['draft', 'published'])
    .where('id', '=', id)
    .executeTakeFirstOrThrow()
  const versions = await db.selectFrom('page_versions').select('page').where('page_id', '=', id).execute()
  const within = (what: string, title: string | undefined, { acknowledged, tried }: Progress) => {
    const number = Number(title ?? NaN)
    return number >= acknowledged && number <= tried
      ? []
      : [`the page's ${what} has ${number}, of ${acknowledged} acknowledged and ${tried} tried`]
  }
  const isKept =
    row.published?.title === '0' || versions.some((version) => version.page.title === row.published?.title)
  return [
    ...within('draft', row.draft.title, draft),
    ...within('published form', row.published?.title, published),
    ...(isKept ? [] : ['the page is published as no version of it']),
  ]
}

async function halfWritten(db: Db, ids: readonly number[]): Promise<readonly string[]> {
  const count = async (what: string, query: ReturnType<typeof sql<{ count: number }>>) =>
    (await query.execute(db)).rows[0]?.count === 0 ? [] : [what]
  const left = [
    ...(await count(
      'work is left',
      sql<{ count: number }>`select count(*)::integer as count from long_work`,
    )),
    ...(await count(
      'a term is still leaving',
      sql<{ count: number }>`select count(*)::integer as count from terms where leaving`,
    )),
    ...(await count(
      'a field is still becoming another',
      sql<{ count: number }>`select count(*)::integer as count from fields where becoming`,
    )),
    ...(await count(
      'a bulk change is half made',
      sql<{ count: number }>`select count(*)::integer as count from bulk_changes where not done`,
    )),
    ...(await count(
      'terms lie in a circle',
      sql<{ count: number }>`
      with recursive up (id, at, depth) as (select id, parent_id, 0 from terms union all select up.id, terms.parent_id, depth + 1 from up join terms on terms.id = up.at where depth < 200)
      select count(*)::integer as count from up where depth >= 199`,
    )),
    ...(await count(
      'counts of keys are off',
      sql<{ count: number }>`
      select count(*)::integer as count from (
        select collection_id, key, sum(n) from (
          select collection_id, key, entries as n from key_counts union all select collection_id, key, change from key_count_changes
          union all select collection_id, key, -1 from entry_index, unnest(keys || 0) key) all_of group by collection_id, key having sum(n) <> 0) off`,
    )),
  ]
  const facets = await db.selectFrom('facets').select('id').execute()
  for (const { id } of facets) left.push(...(await wrongTermCounts(db, id)))
  const index = () =>
    sql<{
      index: string
    }>`select coalesce(string_agg(entry_id || ' ' || title || ' ' || (select array_agg(k order by k) from unnest(keys) k)::text || sort_values::text, ';' order by entry_id), '') as index from entry_index`
      .execute(db)
      .then(({ rows }) => rows[0]?.index ?? '')
  const before = await index()
  await db.transaction().execute((trx) => indexEntries(trx, ids))
  return before === (await index()) ? left : [...left, 'the index is not what the entries say']
}

/** The terms of a facet whose count is not that of the entries that have them, or terms below them. */
async function wrongTermCounts(db: Db, facetId: number): Promise<readonly string[]> {
  const { rows } = await sql<{ id: number; entries: number }>`
    with recursive below (id, of) as (
      select id, id from terms where facet_id = ${facetId}
      union select terms.id, below.of from below join terms on terms.parent_id = below.id where not terms.leaving
    )
    select below.of as id, count(distinct e.id)::integer as entries from below
    join entry_terms et on et.term_id = below.id
    join entries e on e.id = et.entry_id and e.deleted_at is null
    join collection_facets cf on cf.collection_id = e.collection_id and cf.facet_id = ${facetId}
    group by below.of`.execute(db)
  const counted = new Map(rows.map((row) => [row.id, row.entries]))
  return (await termRows(db, facetId)).flatMap(({ id, name, entries }) =>
    entries === (counted.get(id) ?? 0) ? [] : [`“${name}” counts ${entries}, not ${counted.get(id) ?? 0}`],
  )
}
