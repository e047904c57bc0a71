import fc from 'fast-check'
import { Query } from 'mingo'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { slugOf } from '~~/core/content/slug'
import { newListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { newAuthorsControl } from '~~/core/visitors/authors'
import { askedBy } from '~~/core/visitors/choices'
import type { Choice, Control } from '~~/core/visitors'
import { newRangeControl } from '~~/core/visitors/range'
import { newTermsControl, termChoosings } from '~~/core/visitors/terms'
import { newValuesControl, valueChoosings } from '~~/core/visitors/values'
import { knownSite } from '~~/server/listings/context'
import type { PlacedListingView } from '~~/site/view'
import { openCars, openFilms } from '../support/open-things'
import type { Thing } from '../support/open-things'
import { fillIndex } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { shownTo } from './support/shown-to'

/** Numbers of facet, fields and their values; whatever has one in the index is named by it. */
const ids = { facet: 1, class: 31, first: 32, second: 33 } as const
const collection = 1
const now = Date.UTC(2026, 2, 1)

/** A data set in a database of its own, with the numbers that its names have there. */
class OpenData {
  private readonly numbers = new Map<string, number>()
  private constructor(
    readonly test: TestDatabase,
    readonly things: readonly (Thing & { readonly id: number })[],
  ) {}

  /** The number of a kind, a maker or a class. */
  of(name: string): number {
    const found = this.numbers.get(name) ?? 100 + this.numbers.size
    this.numbers.set(name, found)
    return found
  }

  names(what: 'kind' | 'maker' | 'class'): readonly string[] {
    return [...new Set(this.things.flatMap((one) => one[what] ?? []))].filter((one) => one !== '').toSorted()
  }

  /** What the referee finds: mingo, a query library that knows nothing of Bushel. */
  found(asked: object): readonly number[] {
    return new Query(asked)
      .find<Thing & { readonly id: number }>([...this.things])
      .sort({ at: -1, id: -1 })
      .all()
      .map(({ id }) => id)
  }

  static async fill(things: readonly Thing[]): Promise<OpenData> {
    const test = await freshDatabase()
    const data = new OpenData(
      test,
      things.map((one, at) => ({ ...one, id: 5000 + at })),
    )
    await fillIndex(
      test.db,
      data.things.map((one) => ({
        id: one.id,
        collectionId: collection,
        title: one.title,
        publishedAt: one.at,
        expiresAt: null,
        views: 0,
        comments: 0,
        rating: null,
        pinned: false,
        reads: [],
        words: [],
        keys: [
          ...(one.kind === null ? [] : [data.of(`kind ${one.kind}`)]),
          ...(one.maker === null ? [] : [data.of(`maker ${one.maker}`)]),
          ...(one.class === null || one.class === '' ? [] : [data.of(`class ${one.class}`)]),
        ],
        values: {
          ...(one.first !== null && { [ids.first]: one.first }),
          ...(one.second !== null && { [ids.second]: one.second }),
        },
      })),
    )
    await data.name()
    return data
  }

  /** The names of what entries have, as the site knows them. */
  private async name(): Promise<void> {
    const { db } = this.test
    await db
      .insertInto('site')
      .values({ id: 1, name: 'Test', tagline: '', locale: 'en-GB', time_zone: 'UTC' })
      .execute()
    await db
      .insertInto('facets')
      .values({ id: ids.facet, slug: 'kind', name: 'Kind', plural: 'Kinds', position: 0 })
      .execute()
    await db
      .insertInto('collection_facets')
      .values({ collection_id: collection, facet_id: ids.facet, position: 0 })
      .execute()
    const slug = (name: string) => slugOf(name) || `none-${this.of(name)}`
    await db
      .insertInto('terms')
      .values(
        this.names('kind').map((name, position) => ({
          id: this.of(`kind ${name}`),
          facet_id: ids.facet,
          parent_id: null,
          slug: slug(name),
          name,
          position,
        })),
      )
      .execute()
    const makers = this.names('maker')
    await db
      .insertInto('authors')
      .values(makers.map((name, at) => ({ id: this.of(`maker ${name}`), slug: `${slug(name)}-${at}`, name })))
      .execute()
    const options = this.names('class').map((name) => ({ key: slug(name), title: name }))
    const field = (
      id: number,
      key: string,
      type: 'choice' | 'number',
      settings: object,
      position: number,
    ) => ({
      id,
      collection_id: collection,
      key,
      name: key,
      type,
      settings: JSON.stringify(settings),
      position,
      filterable: true,
      replaced_id: null,
      fallback: 'null',
    })
    const numbers = { unit: '', least: null, most: null, decimals: 1 }
    await db
      .insertInto('fields')
      .values([
        field(ids.class, 'class', 'choice', { options, many: false }, 0),
        field(ids.first, 'first', 'number', numbers, 1),
        field(ids.second, 'second', 'number', numbers, 2),
      ])
      .execute()
    await db
      .insertInto('field_keys')
      .values(
        this.names('class').map((name) => ({
          id: this.of(`class ${name}`),
          field_id: ids.class,
          value: slug(name),
        })),
      )
      .execute()
  }
}

/** A control, what is chosen by it, and what the referee is asked for that. */
interface Chosen {
  readonly control: Control
  readonly choice: Choice | null
  readonly asked: object
}

const some = (names: readonly string[]) => fc.subarray([...names], { minLength: 1, maxLength: 3 })

/** Choices by controls of every kind that narrows, each chosen or not. */
function choicesOf(data: OpenData): fc.Arbitrary<readonly Chosen[]> {
  const terms = fc
    .tuple(fc.constantFrom(...termChoosings), some(data.names('kind')))
    .map(([choose, names]): Chosen => {
      const kinds = choose === 'one' ? names.slice(0, 1) : names
      const control = { ...newTermsControl(ids.facet), choose, empty: true }
      return {
        control,
        choice: kinds.map((name) => data.of(`kind ${name}`)),
        // Each has one kind at most: it has all of several never.
        asked: choose === 'all' && kinds.length > 1 ? { kind: { $in: [] } } : { kind: { $in: kinds } },
      }
    })
  const authors = fc
    .tuple(fc.constantFrom(...valueChoosings), some(data.names('maker')))
    .map(([choose, names]): Chosen => {
      const makers = choose === 'one' ? names.slice(0, 1) : names
      const control = { ...newAuthorsControl, choose, most: 5 }
      return {
        control,
        choice: makers.map((name) => data.of(`maker ${name}`)),
        asked: { maker: { $in: makers } },
      }
    })
  const values = fc
    .tuple(fc.constantFrom(...valueChoosings), some(data.names('class')))
    .map(([choose, names]): Chosen => {
      const classes = choose === 'one' ? names.slice(0, 1) : names
      const control = { ...newValuesControl(ids.class), choose }
      return { control, choice: classes.map(slugOf), asked: { class: { $in: classes } } }
    })
  const range = (field: 'first' | 'second') => {
    const there = data.things.flatMap((one) => one[field] ?? []).toSorted((one, other) => one - other)
    const limit = fc.option(fc.constantFrom(...there))
    const steps = [0.2, 0.5, 0.8].map((share) => there[Math.floor(there.length * share)] ?? 0)
    return fc
      .tuple(fc.constantFrom('fields' as const, 'slider' as const, 'steps' as const), limit, limit)
      .filter(([, one, other]) => one !== null || other !== null)
      .map(([layout, one, other]): Chosen => {
        const isTurned = one !== null && other !== null && one > other
        const [from, to] = isTurned ? [other, one] : [one, other]
        return {
          control: { ...newRangeControl(ids[field]), layout, steps: [...new Set(steps)] },
          choice: { from, to },
          asked: { [field]: { ...(from !== null && { $gte: from }), ...(to !== null && { $lte: to }) } },
        }
      })
  }
  const maybe = (one: fc.Arbitrary<Chosen>) =>
    fc.tuple(one, fc.boolean()).map(([chosen, is]) => (is ? chosen : { ...chosen, choice: null, asked: {} }))
  return fc
    .tuple(maybe(terms), maybe(authors), maybe(values), maybe(range('first')), maybe(range('second')))
    .chain((all) => fc.shuffledSubarray(all, { minLength: 1 }))
}

/** Every way that its controls offer, with what it says that it finds. */
function waysOf({ visitors }: PlacedListingView) {
  return (visitors?.controls ?? []).flatMap(({ content }) => {
    if ('first' in content) return [...content.first, ...content.others]
    return 'ways' in content ? content.ways : []
  })
}

describe.each([
  ['films', openFilms],
  ['cars', openCars],
] as const)('%s of an open data set, narrowed by whatever visitors choose', (_, load) => {
  let data: OpenData
  beforeAll(async () => {
    data = await OpenData.fill(load())
  })
  afterAll(() => data.test.drop())

  it('are those, and as many, that an independent query library finds, at an address that says so', async () => {
    const { named } = await knownSite(data.test.db)
    const plain = newListing('All', collection)
    await fc.assert(
      fc.asyncProperty(choicesOf(data), async (all) => {
        const listing: Listing = {
          ...plain,
          amount: { ...plain.amount, take: 'all', perPage: 20 },
          visitors: { place: 'above', controls: all.map(({ control }) => control) },
        }
        const asked = Object.assign(
          {},
          ...all.map((one) => askedBy(one.control, one.choice, named)),
        ) as Record<string, string | null>
        const query = new URLSearchParams(
          Object.entries(asked).flatMap(([name, text]) => (text === null ? [] : [[name, text]])),
        )
        const shown = await shownTo(data.test.db, now, listing, `?${query.toString()}`)
        const found = data.found({ $and: [{}, ...all.map((one) => one.asked)] })
        expect(shown.unknown).toEqual([])
        expect(shown.cards.map((card) => card.entryId)).toEqual(found.slice(0, 20))
        if (query.size > 0) expect(shown.visitors?.found).toBe(found.length)
        // What a way says that it finds, it does; one that is chosen leads back, and says what is found with it.
        const ways = waysOf(shown).filter((way) => !way.isChosen)
        for (const way of ways.filter((_, at) => at % 4 === 0)) {
          const at = await shownTo(data.test.db, now, listing, way.address)
          expect(at.visitors?.found, way.title).toBeGreaterThanOrEqual(way.count ?? 0)
          const own = all.find(({ control }) => control.control === 'terms')
          if (!way.id.includes(`-${ids.facet}-`) || own === undefined) continue
          const others = all.filter((one) => one !== own).map((one) => one.asked)
          const kinds = [way.title]
          const control = own.control
          const adds = control.control === 'terms' && control.choose !== 'all'
          const expected = data.found({
            $and: [{}, ...others, ...(adds ? [] : [own.asked]), { kind: { $in: kinds } }],
          })
          expect(way.count, way.title).toBe(expected.length)
        }
      }),
      { numRuns: 40 },
    )
  }, 180_000)

  it('stand on a scale that holds all of them', async () => {
    const plain = newListing('All', collection)
    for (const field of ['first', 'second'] as const) {
      const control = { ...newRangeControl(ids[field]), layout: 'slider' } as const
      const listing: Listing = { ...plain, visitors: { place: 'above', controls: [control] } }
      const [shown] = (await shownTo(data.test.db, now, listing, '')).visitors?.controls ?? []
      if (shown === undefined || !('scale' in shown.content)) throw new Error('There is no scale.')
      const there = data.things.flatMap((one) => one[field] ?? [])
      expect(shown.content.scale.least).toBeLessThanOrEqual(Math.min(...there))
      expect(shown.content.scale.most).toBeGreaterThanOrEqual(Math.max(...there))
      expect(Math.max(...shown.content.bars)).toBe(1)
    }
  })
})
