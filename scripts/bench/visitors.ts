import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import { newListing } from '../../core/listing/definition'
import { firstPage } from '../../core/query/page-asked'
import type { VisitorAsk } from '../../core/rules/context'
import { databaseUrl, openDatabase, withoutHurry } from '../../server/db/client'
import type { Db } from '../../server/db/client'
import { migrate } from '../../server/db/migrate'
import { askingAnew } from '../../server/listings/ask'
import { knownSite } from '../../server/listings/context'
import { HeldEntries } from '../../server/listings/held-entries'
import { listingPlan } from '../../server/listings/plan'
import { marksOf, pageShown } from '../../server/listings/shown-page'
import { passingCount } from '../../server/listings/step-counts'
import { emptied, fill } from './fill'
import type { Filled } from './fill'
import { measured } from './measured'

/**
 * What a press on a control asks, on 10,000, 100,000 and a million entries: the first nine cards, how many are
 * found, and how many each of 600 terms would find, under eight typical choices; beside the same in SQL that
 * was written by hand. Both must answer alike.
 */
const sizes = (process.env.BENCH_SIZES ?? '10000,100000,1000000').split(',').map(Number)

/** What is chosen: as controls ask it, and as somebody writes it who knows the data. */
interface Choice {
  readonly name: string
  readonly asks: (filled: Filled) => readonly VisitorAsk[]
  readonly written: (filled: Filled) => RawBuilder<unknown>
}

const keys = (...all: readonly (number | undefined)[]) => all.map((one) => one ?? 0)
const any = (...all: readonly (number | undefined)[]): VisitorAsk => ({ test: 'anyKey', keys: keys(...all) })
const has = (...all: readonly (number | undefined)[]) => sql`keys && ${sql.val(keys(...all))}::integer[]`
const hasAll = (...all: readonly (number | undefined)[]) => sql`keys @> ${sql.val(keys(...all))}::integer[]`
const number = (field: number) =>
  sql.raw(
    `(case when jsonb_typeof(sort_values -> '${field}') = 'number' then (sort_values -> '${field}')::float8 end)`,
  )
const priced = ({ price, collections }: Filled, from: number, to: number): VisitorAsk => ({
  test: 'between',
  value: { fields: [{ collection: collections[0] ?? 0, field: price }] },
  from,
  to,
  before: null,
})

const choices: readonly Choice[] = [
  {
    name: 'the commonest term',
    asks: ({ terms }) => [any(terms[0])],
    written: ({ terms }) => hasAll(terms[0]),
  },
  {
    name: 'a common term',
    asks: ({ terms }) => [any(terms[4])],
    written: ({ terms }) => hasAll(terms[4]),
  },
  {
    name: 'a rare term',
    asks: ({ terms }) => [any(terms[590])],
    written: ({ terms }) => hasAll(terms[590]),
  },
  {
    name: 'any of three terms',
    asks: ({ terms }) => [any(terms[2], terms[20], terms[90])],
    written: ({ terms }) => has(terms[2], terms[20], terms[90]),
  },
  {
    name: 'both of two terms',
    asks: ({ terms }) => [{ test: 'allKeys', keys: keys(terms[1], terms[7]) }],
    written: ({ terms }) => hasAll(terms[1], terms[7]),
  },
  {
    name: 'a term, within a price',
    asks: (filled) => [any(filled.terms[4]), priced(filled, 20, 60)],
    written: ({ terms, price }) => sql`${hasAll(terms[4])} and ${number(price)} between 20 and 60`,
  },
  {
    name: 'a choice and an author',
    asks: ({ kindKeys, authors }) => [any(kindKeys[2]), any(authors[3])],
    written: ({ kindKeys, authors }) => hasAll(kindKeys[2], authors[3]),
  },
  {
    name: 'a word and a term',
    asks: ({ terms }) => [any(terms[1]), { test: 'words', words: ['entry', 'frost'] }],
    written: ({ terms }) =>
      sql`${hasAll(terms[1])} and i.entry_id in (select w.entry_id from entry_words w where w.words @> '{entry,frost}'::text[])`,
  },
]

async function askOne(db: Db, held: HeldEntries, filled: Filled, { asks, written }: Choice) {
  const now = Date.now()
  const asked = { now, page: null, visit: '' }
  const fresh = newListing('Bench', filled.collections[0] ?? 0)
  const listing = { ...fresh, amount: { ...fresh.amount, take: 'all' as const, perPage: 9 } }
  const asker = askingAnew(db, undefined, held)
  await asker.known()
  const chosen = asks(filled)
  const at = sql`${new Date(now)}::timestamptz`
  const where = sql`from entry_index i where collection_id = ${filled.collections[0] ?? 0}
    and published_at <= ${at} and (expires_at is null or expires_at > ${at}) and ${written(filled)}`
  const ours = {
    cards: async () => (await asker.shown(listing, asked, [], undefined, chosen)).rows.map(({ id }) => id),
    found: () => asker.found(listing, asked, [], chosen),
    counts: async () =>
      [...(await asker.counted(listing, asked, [], filled.terms, chosen))].toSorted(([a], [b]) => a - b),
  }
  const byHand = {
    cards: async () =>
      (
        await sql<{
          id: number
        }>`select entry_id as id ${where} order by published_at desc, entry_id desc limit 9`.execute(db)
      ).rows.map(({ id }) => id),
    found: async () =>
      (await sql<{ n: number }>`select count(*)::integer as n ${where}`.execute(db)).rows[0]?.n ?? 0,
    counts: async () =>
      (
        await sql<{ key: number; n: number }>`select key, count(*)::integer as n
          from (select keys ${where}) found, unnest(keys) key
          where key = any(${sql.val([...filled.terms])}::integer[]) group by key order by key`.execute(db)
      ).rows.map(({ key, n }) => [key, n]),
  }
  // What is counted in memory is there by then, as on a server that somebody asked before.
  await ours.counts()
  await held.settled()
  const times = []
  for (const what of ['cards', 'found', 'counts'] as const) {
    const [own, other] = [await ours[what](), await byHand[what]()]
    if (JSON.stringify(own) !== JSON.stringify(other))
      throw new Error(
        `${what}: ${JSON.stringify(own).slice(0, 200)} is not ${JSON.stringify(other).slice(0, 200)}.`,
      )
    times.push(await measured([ours[what], byHand[what]]))
  }
  return times
}

/** The page in the middle of all, by its number, from kept marks; beside what skips row by row. */
async function askMiddle(db: Db, filled: Filled) {
  const asked = { now: Date.now(), page: null, visit: '' }
  const listing = newListing('Bench', filled.collections[0] ?? 0)
  const amount = { ...listing.amount, take: 'all' as const, perPage: 9 }
  const known = await knownSite(db)
  const plan = await listingPlan(db, known, { ...listing, amount }, asked, [])
  const { locale } = known.site
  const marks = marksOf(db, plan, locale)
  const number = Math.ceil((await passingCount(db, plan)) / 18)
  const paged = { db, held: null, plan, locale, amount, marks: () => marks }
  const ours = async () => (await pageShown(paged, { ...firstPage, number })).rows.map(({ id }) => id)
  const at = sql`${new Date(asked.now)}::timestamptz`
  const byHand = async () =>
    (
      await sql<{ id: number }>`select entry_id as id from entry_index
        where collection_id = ${filled.collections[0] ?? 0} and published_at <= ${at} and (expires_at is null or expires_at > ${at})
        order by published_at desc, entry_id desc offset ${9 * (number - 1)}::integer limit 9`.execute(db)
    ).rows.map(({ id }) => id)
  const [own, other] = [await ours(), await byHand()]
  if (JSON.stringify(own) !== JSON.stringify(other))
    throw new Error(`Page ${number}: ${JSON.stringify(own)} is not ${JSON.stringify(other)}.`)
  return measured([ours, byHand])
}

for (const size of sizes) {
  // What a server remembers of a database must not outlive what is in it.
  const db = openDatabase(databaseUrl(), 4)
  await migrate(db)
  await emptied(db)
  const filled = await db
    .connection()
    .execute((connection) => withoutHurry(connection, () => fill(connection, size)))
  console.log(`\n### ${size.toLocaleString('en')} entries\n`)
  console.log(
    '| chosen | cards, ms | by hand | ratio | found, ms | by hand | ratio | 600 counts, ms | by hand | ratio |\n|---|---|---|---|---|---|---|---|---|---|',
  )
  const held = new HeldEntries(db)
  for (const choice of choices) {
    const told = (await askOne(db, held, filled, choice)).flatMap(([own, other]) => [
      (own?.p50 ?? 0).toFixed(2),
      (other?.p50 ?? 0).toFixed(2),
      ((own?.p50 ?? 0) / (other?.p50 ?? 1)).toFixed(2),
    ])
    console.log(`| ${choice.name} | ${told.join(' | ')} |`)
  }
  const [own, other] = await askMiddle(db, filled)
  console.log(
    `\nThe page in the middle by its number: ${own?.p50.toFixed(2)} ms, ${other?.p50.toFixed(2)} by skipping.`,
  )
  await db.destroy()
}
