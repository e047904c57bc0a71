import type { CardEntry } from '../../core/cards/card-entry'
import { entryAddressOf, termAddress } from '../../core/content/entry-address'
import { valuesOf } from '../../core/content/field'
import { readAddress } from '../../core/content/fields/address'
import { textOfDocument } from '../../core/content/rich-text/text'
import type { Pick } from '../../core/listing/from'
import type { Picture } from '../../core/pictures/picture'
import { presentWhen, valuesOn, zoneOf } from '../../core/content/happening'
import { trackOf } from '../../core/content/track'
import { rowName } from '../../core/content/row'
import type { RowKey } from '../../core/content/row'
import type { Occurrence } from '../../core/time/occurrences'
import { fieldsOf } from '../content/fields'
import type { Db } from '../db/client'
import { entryTitles } from './entry-titles'
import { nextDatesOf, occurrencesOfRows } from './indexed-entry'

export interface CardsAsked {
  /** IANA time zone, for addresses. */
  readonly zone: string
  /** What is said of hand-picked entries stands in place of their own. */
  readonly picks?: readonly Pick[]
  /** Whether their text is wanted, which is long. */
  readonly text?: boolean
  /**
   * For entries that are not shown by date: the time, in epoch milliseconds, at which the date is
   * wanted that is going on or comes next.
   */
  readonly nextDateAt?: number | undefined
}

/** What cards show of these rows, in their order; those that are gone are left out. */
export async function cardEntries(
  db: Db,
  shown: readonly RowKey[],
  { zone, picks = [], text = false, nextDateAt }: CardsAsked,
): Promise<readonly CardEntry[]> {
  if (shown.length === 0) return []
  const ids = [...new Set(shown.map((row) => row.id))]
  const [rows, terms, given, texts, dates, nextDates] = await Promise.all([
    entryRows(db, ids),
    termRows(db, ids),
    picturesById(
      db,
      picks.flatMap((pick) => pick.picture ?? []),
    ),
    text ? textsOf(db, ids) : new Map<number, string>(),
    datesOf(db, shown),
    nextDateAt === undefined
      ? new Map<number, Occurrence>()
      : nextDatesOf(
          db,
          shown.flatMap((row) => (row.at === null ? row.id : [])),
          nextDateAt,
        ),
  ])
  const [fields, portraits] = await Promise.all([
    fieldsByCollection(
      db,
      rows.map((row) => row.collection_id),
    ),
    picturesById(
      db,
      rows.flatMap((row) => row.portrait_id ?? []),
    ),
  ])
  const titles = await entryTitles(
    db,
    rows.flatMap((row) => tracksNamed(row, fields)),
  )
  const byId = new Map(rows.map((row) => [row.id, row]))
  const pickOf = new Map(picks.map((pick) => [pick.entry, pick]))
  return shown.flatMap((one): CardEntry[] => {
    const { id } = one
    const [row, occurrence = null] = [byId.get(id), dates.get(rowName(one))]
    if (!row || (one.at !== null && occurrence === null)) return []
    const own = fields.get(row.collection_id)
    const values = valuesOf([...(own?.values() ?? [])], row.field_values)
    const says = presentWhen(row.happening, [...(own?.values() ?? [])])
    const when = occurrence === null ? null : says
    const publishedAt = row.published_at?.getTime() ?? 0
    const pick = pickOf.get(id)
    return [
      {
        id,
        title: pick?.title || row.title,
        summary: pick?.summary || row.summary,
        text: texts.get(id) ?? '',
        wordCount: row.word_count ?? 0,
        address: addressGiven(pick) ?? entryAddressOf(row.address, { slug: row.slug, publishedAt }, zone),
        publishedAt,
        author:
          row.author === null
            ? null
            : { name: row.author, portrait: portraits.get(row.portrait_id ?? 0) ?? null },
        picture: given.get(pick?.picture ?? 0) ?? pictureOf(row),
        pinned: row.pinned,
        views: row.views ?? 0,
        comments: row.comments ?? 0,
        likes: row.votes_for,
        terms: terms
          .filter((term) => term.entry_id === id)
          .map((term) => ({
            id: term.id,
            facetId: term.facet_id,
            name: term.name,
            address: termAddress(term.facet, term.slug),
          })),
        within: row.keys ?? [],
        fields: own ?? new Map(),
        values: when === null || occurrence === null ? values : valuesOn(when, values, occurrence, zone),
        occurrence,
        date: occurrence ?? nextDates.get(id) ?? null,
        zone: says === null ? zone : zoneOf(says, values, zone),
        track: trackOf(own?.get(row.happening.track ?? 0), values, titles),
        full: null,
      },
    ]
  })
}

/** The entries that an entry names as its room or line. */
function tracksNamed(
  row: Awaited<ReturnType<typeof entryRows>>[number],
  fields: ReadonlyMap<number, CardEntry['fields']>,
): readonly number[] {
  const field = fields.get(row.collection_id)?.get(row.happening.track ?? 0)
  return field?.type === 'reference' ? ((row.field_values[field.id] as number[] | undefined) ?? []) : []
}

/** The dates that rows stand for, by the names of the rows. */
async function datesOf(db: Db, rows: readonly RowKey[]): Promise<ReadonlyMap<string, Occurrence>> {
  const found = await occurrencesOfRows(db, rows)
  return new Map(found.map(({ entry, ...one }) => [rowName({ id: entry, at: one.key }), one]))
}

/** Where a pick leads, as links say it: “example.org/x” is an address elsewhere. */
function addressGiven(pick: Pick | undefined): string | null {
  const read = pick?.address === undefined ? null : readAddress(pick.address)
  return read?.ok === true ? read.value : null
}

function entryRows(db: Db, ids: readonly number[]) {
  return db
    .selectFrom('entries as e')
    .innerJoin('collections as c', 'c.id', 'e.collection_id')
    .leftJoin('entry_index as i', 'i.entry_id', 'e.id')
    .leftJoin('entry_words as w', 'w.entry_id', 'e.id')
    .leftJoin('authors as a', 'a.id', 'e.author_id')
    .leftJoin('media as m', 'm.id', 'e.picture_id')
    .select([
      'e.id',
      'e.title',
      'e.summary',
      'e.slug',
      'e.published_at',
      'e.collection_id',
      'e.field_values',
      'e.pinned',
      'e.votes_for',
      'i.views',
      'i.comments',
      'w.word_count',
      'i.keys',
      'c.address',
      'c.happening',
      'a.name as author',
      'a.portrait_id',
      'm.hash',
      'm.width',
      'm.height',
      'm.alternative',
      'm.tint',
      'm.focal_x',
      'm.focal_y',
    ])
    .where('e.id', 'in', [...ids])
    .execute()
}

function termRows(db: Db, ids: readonly number[]) {
  return db
    .selectFrom('entry_terms as et')
    .innerJoin('terms as t', 't.id', 'et.term_id')
    .innerJoin('facets as f', 'f.id', 't.facet_id')
    .innerJoin('entries as e', 'e.id', 'et.entry_id')
    .innerJoin('collection_facets as cf', (join) =>
      join.onRef('cf.facet_id', '=', 't.facet_id').onRef('cf.collection_id', '=', 'e.collection_id'),
    )
    .where('t.leaving', '=', false)
    .select(['et.entry_id', 't.id', 't.facet_id', 't.name', 't.slug', 'f.slug as facet'])
    .where('et.entry_id', 'in', [...ids])
    .where('f.deleted_at', 'is', null)
    .orderBy('et.position')
    .execute()
}

async function textsOf(db: Db, ids: readonly number[]): Promise<ReadonlyMap<number, string>> {
  const rows = await db
    .selectFrom('entries')
    .select(['id', 'body'])
    .where('id', 'in', [...ids])
    .execute()
  return new Map(rows.map((row) => [row.id, textOfDocument(row.body)]))
}

async function fieldsByCollection(
  db: Db,
  collections: readonly number[],
): Promise<ReadonlyMap<number, CardEntry['fields']>> {
  const found = [...new Set(collections)].map(
    async (id) => [id, new Map((await fieldsOf(db, id)).map((field) => [field.id, field]))] as const,
  )
  return new Map(await Promise.all(found))
}

/** Pictures by their ids. */
export async function picturesById(db: Db, ids: readonly number[]): Promise<ReadonlyMap<number, Picture>> {
  if (ids.length === 0) return new Map()
  const rows = await db
    .selectFrom('media')
    .select(['id', 'hash', 'width', 'height', 'alternative', 'tint', 'focal_x', 'focal_y'])
    .where('id', 'in', [...new Set(ids)])
    .where('kind', '=', 'picture')
    .where('deleted_at', 'is', null)
    .execute()
  return new Map(rows.flatMap((row) => pairOf(row.id, pictureOf(row))))
}

function pairOf(id: number, picture: Picture | null): readonly (readonly [number, Picture])[] {
  return picture === null ? [] : [[id, picture]]
}

/** A picture's columns where it is joined, and may be missing. */
export interface JoinedPicture {
  readonly hash: string | null
  readonly width: number | null
  readonly height: number | null
  readonly alternative: string | null
  readonly tint: string | null
  readonly focal_x: number | null
  readonly focal_y: number | null
}

/** The picture of a row, or null when it has none. */
export function pictureOf({
  hash,
  width,
  height,
  alternative,
  tint,
  focal_x: focalX,
  focal_y: focalY,
}: JoinedPicture): Picture | null {
  if (
    hash === null ||
    width === null ||
    height === null ||
    alternative === null ||
    tint === null ||
    focalX === null ||
    focalY === null
  )
    return null
  return { hash, width, height, alternative, tint, focalX, focalY }
}
