import { sql } from 'kysely'
import type { IndexedEntry } from '../../core/content/entry'
import { valuesOf } from '../../core/content/field'
import type { Listing } from '../../core/listing/definition'
import { filterOf, planOf } from '../../core/query/plan'
import type { Plan } from '../../core/query/plan'
import { rowOf } from '../../core/content/row'
import { rowsOf, shownOf } from '../../core/query/rows'
import type { Row } from '../../core/content/row'
import { passes } from '../../core/rules/predicate'
import { positionReader } from '../../core/query/position'
import { pageOfPlace, whyOf } from '../../core/query/why'
import type { WhyAnswer } from '../../core/query/why'
import { fieldsOf } from '../content/fields'
import type { Db } from '../db/client'
import { collationFor } from '../db/collation'
import { missing } from '../http/problem'
import { conditionOf } from './conditions'
import type { Condition } from './conditions'
import { questionContext } from './context'
import type { Asked, KnownSite } from './context'
import { indexedEntry, occurrenceOf } from './indexed-entry'
import { following, indexFor, keyExpression, sameValues } from './order-columns'
import { isShownRow } from './rows'

/** Explains a listing's answer for an entry. Throws 404 for an entry that is gone. */
export async function whyAnswer(
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  entryId: number,
): Promise<WhyAnswer> {
  const entry = await db
    .selectFrom('entries')
    .select(['id', 'title', 'status', 'collection_id', 'author_id', 'field_values'])
    .where('id', '=', entryId)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!entry) throw missing('The entry')
  const [context, indexed, terms] = await Promise.all([
    questionContext(db, known, listing, asked, above),
    indexedEntry(db, entryId),
    db
      .selectFrom('entry_terms')
      .select('term_id')
      .where('entry_id', '=', entryId)
      .orderBy('position')
      .execute(),
  ])
  if (indexed === null)
    return {
      title: entry.title,
      kept: entry.status,
      place: null,
      page: null,
      ties: 0,
      reasons: [],
      firstFailing: null,
      order: [],
    }
  const plan = planOf(listing, context)
  const row = await meantRow(db, plan, indexed, asked.now)
  const explained = {
    indexed,
    occurrence: row.occurrence,
    termIds: terms.map((one) => one.term_id),
    authorId: entry.author_id,
    values: valuesOf(await fieldsOf(db, entry.collection_id), entry.field_values),
  }
  const why = whyOf(listing, context, explained)
  if (why.firstFailing !== null)
    return { ...why, title: entry.title, kept: null, place: null, page: null, ties: 0 }
  const { before, ties } = await neighbours(db, plan, row, known.site.locale)
  return {
    ...why,
    title: entry.title,
    kept: null,
    place: before + 1,
    page: pageOfPlace(before + 1, listing),
    ties,
  }
}

/** The row of an entry that is meant: of those that pass, or of all where none does, the nearest. */
async function meantRow(db: Db, plan: Plan, entry: IndexedEntry, now: number): Promise<Row> {
  if (plan.rows.of === 'entries') return rowOf(entry)
  const dates = await db.selectFrom('occurrences').selectAll().where('entry_id', '=', entry.id).execute()
  const rows = rowsOf(plan.rows, [entry], () => dates.map(occurrenceOf))
  const passing = rows.filter((row) => passes(filterOf(plan), row))
  const [meant] = shownOf({ of: 'next', now }, passing.length > 0 ? passing : rows)
  return meant ?? rowOf(entry)
}

/** How many rows that pass come before one, and how many others tie with it. */
async function neighbours(
  db: Db,
  plan: Plan,
  row: Row,
  locale: string,
): Promise<{ readonly before: number; readonly ties: number }> {
  const collation = await collationFor(db, locale)
  const position = positionReader(plan.order)(row)
  const tie = plan.order.at(-1)?.direction ?? 'down'
  const legs = plan.collections.map((collection) => {
    const expressions = plan.order.map((key) => keyExpression(key, collection))
    const after = following(plan.order, expressions, position, { collation, tie, missing: 'last' })
    return sql`
      select count(*) filter (where not ${after} and ${isOther(row)})::integer as before,
        count(*) filter (where ${sameValues(plan.order, expressions, position, collation)} and ${isOther(row)})::integer as ties
      from ${indexFor(plan, plan.order, false)} where i.collection_id = ${collection} and ${conditionOf(filterOf(plan), collection)} and ${isShownRow(plan, collection)}`
  })
  const { rows } = await sql<{ before: number; ties: number }>`${sql.join(legs, sql` union all `)}`.execute(
    db,
  )
  return {
    before: rows.reduce((sum, row) => sum + row.before, 0),
    ties: rows.reduce((sum, row) => sum + row.ties, 0),
  }
}

/** Holds for all rows but this one. */
function isOther({ entry, occurrence }: Row): Condition {
  const entryIsOther = sql<boolean>`i.entry_id <> ${entry.id}`
  return occurrence === null
    ? entryIsOther
    : sql<boolean>`(${entryIsOther} or i.at <> ${new Date(occurrence.key)}::timestamptz)`
}
