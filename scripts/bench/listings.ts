import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import { newListing } from '../../core/listing/definition'
import type { Listing } from '../../core/listing/definition'
import type { OrderKey } from '../../core/order/order'
import type { Rule } from '../../core/rules'
import type { Position } from '../../core/query/position'
import { databaseUrl, openDatabase } from '../../server/db/client'
import type { Db } from '../../server/db/client'
import { migrate } from '../../server/db/migrate'
import { listingPlan } from '../../server/listings/plan'
import { shownPositions } from '../../server/listings/answer'
import { countsOf } from '../../server/listings/step-counts'
import { knownSite } from '../../server/listings/context'
import type { KnownSite } from '../../server/listings/context'
import { facetCounts } from '../../server/listings/facet-counts'
import { emptied, fill } from './fill'
import type { Filled } from './fill'
import { handWritten } from './hand-written'
import { measured } from './measured'

/**
 * Twelve typical listings through the whole path of the server, from the definition to the ids, and
 * the best SQL that was written for each by hand, side by side on 10,000, 100,000 and a million
 * entries. Both must answer alike.
 */
const sizes = (process.env.BENCH_SIZES ?? '10000,100000,1000000').split(',').map(Number)

export interface Question {
  readonly name: string
  readonly listing: (filled: Filled) => Listing
  /** How many entries lie before the page that is asked for. */
  readonly before?: number
}

function listing(
  filled: Filled,
  rules: readonly Rule[],
  keys: readonly OrderKey[] = [{ by: 'date', direction: 'down' }],
  change: Partial<Listing['from']> = {},
): Listing {
  const fresh = newListing('Bench', filled.collections[0] ?? 0)
  return {
    ...fresh,
    from: { ...fresh.from, rules, ...change },
    order: { keys, pinned: 'ignored' },
    amount: { ...fresh.amount, take: 9 },
  }
}

const terms = (filled: Filled, is: 'any' | 'all', ...chosen: readonly (number | undefined)[]): Rule => ({
  rule: 'terms',
  facet: filled.facet,
  is,
  terms: chosen.map((id) => id ?? 0),
})

const questions: readonly Question[] = [
  { name: 'newest', listing: (filled) => listing(filled, []) },
  {
    name: 'newest of a common term',
    listing: (filled) => listing(filled, [terms(filled, 'any', filled.terms[1])]),
  },
  {
    name: 'newest of a rare term',
    listing: (filled) => listing(filled, [terms(filled, 'any', filled.terms[590])]),
  },
  {
    name: 'two terms that never meet',
    listing: (filled) => listing(filled, [terms(filled, 'all', ...filled.apart)]),
  },
  {
    name: 'a choice, priced between, cheapest first',
    listing: (filled) =>
      listing(
        filled,
        [
          { rule: 'field', field: filled.kind, asked: { is: 'any', values: ['climbing'] } },
          { rule: 'field', field: filled.price, asked: { is: 'between', from: 20, to: 60 } },
        ],
        [{ by: 'field', field: filled.price, direction: 'up' }],
      ),
  },
  {
    name: 'by a field that most lack, empty last',
    listing: (filled) => listing(filled, [], [{ by: 'field', field: filled.stock, direction: 'down' }]),
  },
  {
    name: 'pinned first, then newest',
    listing: (filled) => ({
      ...listing(filled, []),
      order: { keys: [{ by: 'date', direction: 'down' }], pinned: 'first' },
    }),
  },
  {
    name: 'best rated with a picture',
    listing: (filled) =>
      listing(
        filled,
        [{ rule: 'flag', flag: 'picture', is: true }],
        [
          { by: 'rating', direction: 'down' },
          { by: 'date', direction: 'down' },
        ],
      ),
  },
  {
    name: 'most read in 30 days',
    listing: (filled) => listing(filled, [], [{ by: 'views', direction: 'down', days: 30 }]),
  },
  {
    name: 'shuffled',
    listing: (filled) => listing(filled, [], [{ by: 'shuffle', span: 'fixed', number: 7 }]),
  },
  { name: 'page 500, newest, by key', listing: (filled) => listing(filled, []), before: 4491 },
  {
    name: 'newest of three collections',
    listing: (filled) => listing(filled, [], undefined, { collections: filled.collections.slice(0, 3) }),
  },
]

async function indexesUsed(db: Db, action: () => Promise<unknown>): Promise<string> {
  const scans = async () => {
    await sql`select pg_stat_force_next_flush()`.execute(db)
    const { rows } = await sql<{
      name: string
      scans: string
    }>`select indexrelname as name, idx_scan::text as scans from pg_stat_user_indexes`.execute(db)
    return new Map(rows.map((row) => [row.name, Number(row.scans)]))
  }
  await new Promise((resolve) => setTimeout(resolve, 1100))
  const before = await scans()
  await action()
  await new Promise((resolve) => setTimeout(resolve, 1100))
  const after = await scans()
  return (
    [...after]
      .filter(([name, count]) => count > (before.get(name) ?? 0))
      .map(([name]) => name)
      .toSorted()
      .join(', ') || 'none'
  )
}

async function askOne(db: Db, known: KnownSite, filled: Filled, question: Question) {
  const asked = { now: Date.now(), page: null, visit: '' }
  const definition = question.listing(filled)
  let after: Position | null = null
  if (question.before !== undefined) {
    const plan = await listingPlan(db, known, definition, asked, [])
    after = (await shownPositions(db, { ...plan, take: question.before }, known.site.locale)).at(-1) ?? null
  }
  const ours = async () =>
    shownPositions(db, await listingPlan(db, known, definition, asked, []), known.site.locale, after)
  const hand: RawBuilder<{ entry_id: number }> = handWritten(question.name, filled, asked.now, after)
  const theirs = async () => (await hand.execute(db)).rows
  const [mine, best] = [(await ours()).map((one) => one.id), (await theirs()).map((row) => row.entry_id)]
  if (JSON.stringify(mine) !== JSON.stringify(best))
    throw new Error(`“${question.name}”: ${JSON.stringify(mine)} is not ${JSON.stringify(best)}.`)
  const [own, other] = await measured([ours, theirs])
  return { own, other, indexes: await indexesUsed(db, ours) }
}

/** What the tally and facets count. */
async function counts(
  db: Db,
  known: KnownSite,
  filled: Filled,
): Promise<readonly (readonly [string, () => Promise<unknown>])[]> {
  const asked = { now: Date.now(), page: null, visit: '' }
  const planFor = (...rules: readonly Rule[]) => listingPlan(db, known, listing(filled, rules), asked, [])
  const all = await planFor()
  const common = await planFor(terms(filled, 'any', filled.terms[1]))
  const rare = await planFor(terms(filled, 'any', filled.terms[590]))
  return [
    ['tally without rules', () => countsOf(db, all)],
    ['tally of a common term (the full count)', () => countsOf(db, common)],
    ['600 facet counts without rules', () => facetCounts(db, all, filled.terms)],
    ['600 facet counts of a rare term', () => facetCounts(db, rare, filled.terms)],
    ['600 facet counts of a common term', () => facetCounts(db, common, filled.terms)],
  ]
}

const firstPages = new Map<string, number>()
for (const size of sizes) {
  // What a server remembers of a database must not outlive what is in it.
  const db = openDatabase(databaseUrl(), 4)
  await migrate(db)
  await emptied(db)
  const started = performance.now()
  const filled = await fill(db, size)
  const known = await knownSite(db)
  console.log(
    `\n### ${size.toLocaleString('en')} entries (filled in ${Math.round((performance.now() - started) / 1000)} s)\n`,
  )
  console.log(
    '| listing | ours p50, ms | p95 | by hand p50 | p95 | ratio | grown since the smallest | indexes used |\n|---|---|---|---|---|---|---|---|',
  )
  for (const question of questions) {
    const { own, other, indexes } = await askOne(db, known, filled, question)
    const ms = (time: number | undefined) => (time ?? 0).toFixed(2)
    const smallest = firstPages.get(question.name) ?? own?.p50 ?? 1
    firstPages.set(question.name, smallest)
    console.log(
      `| ${question.name} | ${ms(own?.p50)} | ${ms(own?.p95)} | ${ms(other?.p50)} | ${ms(other?.p95)} | ${ms((own?.p50 ?? 0) / (other?.p50 ?? 1))} | ${ms((own?.p50 ?? 0) / smallest)} | ${indexes} |`,
    )
  }
  console.log('\n| count | p50, ms | p95 |\n|---|---|---|')
  for (const [name, count] of await counts(db, known, filled)) {
    const [time] = await measured([count])
    console.log(`| ${name} | ${(time?.p50 ?? 0).toFixed(2)} | ${(time?.p95 ?? 0).toFixed(2)} |`)
  }
  await db.destroy()
}
