import { sql } from 'kysely'
import { wordsOf } from '../../core/content/catalogue'
import type { AskedSite, ControlSite } from '../../core/visitors/define'
import type { Listing } from '../../core/listing/definition'
import { valuesAsked } from '../../core/query/plan'
import { plainContext } from '../../core/rules/context'
import type { KeyWeight, PageSubject, QuestionContext, VisitorAsk } from '../../core/rules/context'
import type { Words } from '../../core/words'
import { loadCatalogue } from '../content/catalogue'
import type { Db } from '../db/client'
import { loadSite } from '../site/site'
import type { Site } from '../site/site'

/** What listings of a page are asked with. */
export interface Asked {
  /** Epoch milliseconds. */
  readonly now: number
  readonly page: PageSubject | null
  /** Names the visit; empty where there is none, as for the bench. */
  readonly visit: string
  /** The time zone of whoever reads, where the page was asked for by its clock. */
  readonly clock?: string
}

/** A site with the names of everything that listings refer to. */
export interface KnownSite {
  readonly site: Site
  readonly words: Words
  /** What visitors' controls refer to. */
  readonly named: ControlSite
  readonly collections: readonly number[]
  /** Those of the collections that say when their entries happen. */
  readonly dated: readonly number[]
}

/** The site and its names, as they are now. */
export async function knownSite(db: Db): Promise<KnownSite> {
  const [site, catalogue] = await Promise.all([loadSite(db), loadCatalogue(db)])
  const { collections, facets, terms, authors } = catalogue
  const words = wordsOf(catalogue)
  return {
    site,
    words,
    named: { words, facets, terms, authors },
    collections: collections.map((one) => one.id),
    dated: collections.flatMap(({ id, happening }) => (happening.when === null ? [] : [id])),
  }
}

/** What the choices of visitors are asked with, of a listing. */
export function siteAsked({ named }: Pick<KnownSite, 'named'>, { from }: Pick<Listing, 'from'>): AskedSite {
  return { ...named, collections: from.collections }
}

/** Whether any of these collections says when its entries happen. */
export function saysWhen({ dated }: Pick<KnownSite, 'dated'>, collections: readonly number[]): boolean {
  return collections.some((one) => dated.includes(one))
}

/** Everything that a listing's answer depends on besides its definition and the entries. */
export async function questionContext(
  db: Db,
  { site, words }: Pick<KnownSite, 'site' | 'words'>,
  listing: Listing,
  asked: Asked,
  above: readonly number[] = [],
  choices: readonly VisitorAsk[] = [],
): Promise<QuestionContext> {
  const plain: QuestionContext = {
    ...plainContext(asked.now, words),
    page: asked.page,
    visit: asked.visit,
    broken: site.brokenRules,
    above,
    choices,
  }
  const wanted = valuesAsked(listing, plain)
  const [keyOf, related] = await Promise.all([
    wanted.length === 0 ? plain.keyOf : internedKeys(db, wanted),
    asksRelated(listing) && asked.page?.kind === 'entry'
      ? relatedKeys(db, asked.page.id, listing.from.collections)
      : [],
  ])
  return { ...plain, keyOf, related }
}

/** The numbers of values, by database. They stay what they are for as long as there is the field. */
const interned = new WeakMap<Db, Map<string, number>>()
const mostInterned = 100_000

/** The numbers of values of fields in the index; null for those that no entry has. */
export async function internedKeys(
  db: Db,
  wanted: ReturnType<typeof valuesAsked>,
): Promise<QuestionContext['keyOf']> {
  const known = interned.get(db) ?? new Map<string, number>()
  if (known.size > mostInterned) known.clear()
  interned.set(db, known)
  const nameOf = (field: number, value: string) => `${field} ${value}`
  const unknown = wanted.filter(({ field, value }) => !known.has(nameOf(field, value)))
  if (unknown.length > 0) {
    const given = JSON.stringify(unknown.map(({ field, value }) => ({ field_id: field, value })))
    const { rows } = await sql<{ id: number; field_id: number; value: string }>`
      select k.id, k.field_id, k.value from field_keys k
      join jsonb_to_recordset(${given}::jsonb) given (field_id integer, value text) on given.field_id = k.field_id and given.value = k.value`.execute(
      db,
    )
    for (const row of rows) known.set(nameOf(row.field_id, row.value), row.id)
  }
  return (field, value) => known.get(nameOf(field, value)) ?? null
}

function asksRelated(listing: Listing): boolean {
  const inRules = (rules: Listing['from']['rules']): boolean =>
    rules.some((rule) => rule.rule === 'related' || (rule.rule === 'group' && inRules(rule.rules)))
  return inRules(listing.from.rules) || listing.order.keys.some((key) => key.by === 'related')
}

/**
 * The terms of an entry, weighed by how rare they are among the entries of the collections: inverse
 * document frequency, the logarithm of all by those that have it (K. Spärck Jones, 1972, Journal of
 * Documentation 28: 11–21), in thousandths.
 */
async function relatedKeys(
  db: Db,
  entryId: number,
  collections: readonly number[],
): Promise<readonly KeyWeight[]> {
  const { rows } = await sql<{ key: number; sharing: number; total: number }>`
    select et.term_id as key,
      (select count(*) from entry_index i where i.collection_id = any(${sql.val([...collections])}::integer[]) and i.keys @> array[et.term_id])::integer as sharing,
      (select count(*) from entry_index i where i.collection_id = any(${sql.val([...collections])}::integer[]))::integer as total
    from entry_terms et
    join entries e on e.id = et.entry_id
    join terms t on t.id = et.term_id and not t.leaving join facets f on f.id = t.facet_id and f.deleted_at is null
    join collection_facets cf on cf.facet_id = f.id and cf.collection_id = e.collection_id
    where et.entry_id = ${entryId} order by et.term_id`.execute(db)
  return rows.map(({ key, sharing, total }) => ({
    key,
    weight: 1 + Math.round(1000 * Math.log((total + 1) / (sharing + 1))),
  }))
}
