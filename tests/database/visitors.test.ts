import fc from 'fast-check'
import { Query } from 'mingo'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Term } from '~~/core/content/terms'
import { defaultAmount } from '~~/core/listing/amount'
import { newListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { newAmountControl } from '~~/core/visitors/amount'
import { newSearchControl } from '~~/core/visitors/search'
import { newSortControl } from '~~/core/visitors/sort'
import { newTermsControl, termChoosings } from '~~/core/visitors/terms'
import type { TermsControl } from '~~/core/visitors/terms'
import type { PlacedListingView } from '~~/site/view'
import type { ControlWay } from '~~/site/visitors/view'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { shownTo } from './support/shown-to'

/** An entry as the referee has it: with the terms that it has, and those that they lie in. */
interface Told {
  readonly id: number
  readonly terms: readonly number[]
}

let test: TestDatabase
const now = Date.now()
/** Of field notes: what visitors may see now, and the facets by which they are told apart. */
const notes = { collection: 0, told: [] as readonly Told[], terms: [] as readonly Term[] }

beforeAll(async () => {
  test = await demoDatabase()
  const { id } = await test.db
    .selectFrom('collections')
    .select('id')
    .where('slug', '=', 'field-notes')
    .executeTakeFirstOrThrow()
  const terms = await test.db
    .selectFrom('terms as t')
    .innerJoin('collection_facets as c', 'c.facet_id', 't.facet_id')
    .select(['t.id', 't.facet_id as facetId', 't.parent_id as parentId', 't.name', 't.slug'])
    .where('c.collection_id', '=', id)
    .execute()
  const rows = await test.db
    .selectFrom('entries as e')
    .innerJoin('entry_index as i', 'i.entry_id', 'e.id')
    .leftJoin('entry_terms as t', 't.entry_id', 'e.id')
    .select(['e.id', 't.term_id'])
    .where('e.collection_id', '=', id)
    .where('i.published_at', '<=', new Date(now))
    .where((where) =>
      where.or([where('i.expires_at', 'is', null), where('i.expires_at', '>', new Date(now))]),
    )
    .execute()
  const parents = new Map(terms.map((one) => [one.id, one.parentId]))
  const withOuter = (term: number | null | undefined): readonly number[] =>
    term == null ? [] : [term, ...withOuter(parents.get(term))]
  const told = [...new Set(rows.map((row) => row.id))].map((entry) => ({
    id: entry,
    terms: [...new Set(rows.filter((row) => row.id === entry).flatMap((row) => withOuter(row.term_id)))],
  }))
  Object.assign(notes, { collection: id, terms, told })
})
afterAll(() => test.drop())

const facetsOf = () => [...new Set(notes.terms.map((one) => one.facetId))]

const shownAt = (listing: Listing, address: string) => shownTo(test.db, now, listing, address)

/** What the control at a place of the listing offers; visitors do not see one that offers nothing. */
const waysOf = ({ visitors }: PlacedListingView, at: number): readonly ControlWay[] => {
  const offered = visitors?.offered ?? []
  const place = offered.slice(0, at).filter((count) => count > 0).length
  const content = (offered[at] ?? 0) > 0 ? visitors?.controls[place]?.content : undefined
  return content === undefined || !('first' in content) ? [] : [...content.first, ...content.others]
}

/** What the referee is asked for a choice by one control. */
function wanted({ choose }: TermsControl, choice: readonly number[]): object {
  if (choice.length === 0) return {}
  return { terms: choose === 'all' ? { $all: choice } : { $in: choice } }
}

// Referee: mingo, a query library that knows nothing of Bushel.
const found = (all: readonly object[]) => new Query({ $and: [{}, ...all] }).find<Told>([...notes.told]).all()

describe('a listing under what visitors choose', () => {
  it('shows and counts what an independent query library does, at an address that brings it back', async () => {
    const controls = () =>
      fc.tuple(
        ...facetsOf().map((facet) =>
          fc
            .record({ choose: fc.constantFrom(...termChoosings), empty: fc.boolean() })
            .map((set): TermsControl => ({ ...newTermsControl(facet), ...set })),
        ),
      )
    const presses = fc.array(fc.tuple(fc.nat(3), fc.nat(40)), { maxLength: 4 })
    const ruled = fc.option(fc.nat(100))
    await fc.assert(
      fc.asyncProperty(controls(), presses, ruled, async (all, pressed, rule) => {
        const plain = newListing('Notes', notes.collection)
        const term = rule === null ? undefined : notes.terms[rule % notes.terms.length]
        const rules =
          term === undefined
            ? []
            : [{ rule: 'terms', facet: term.facetId, is: 'any', terms: [term.id] } as const]
        const base = term === undefined ? [] : [{ terms: term.id }]
        const listing: Listing = {
          ...plain,
          from: { ...plain.from, rules },
          amount: { ...plain.amount, take: 'all', perPage: 7 },
          visitors: { place: 'above', controls: all },
        }
        let [address, shown] = ['', await shownAt(listing, '')]
        for (const [which, at] of pressed) {
          const ways = waysOf(shown, which % all.length)
          const way = ways[at % ways.length]
          if (way === undefined) continue
          address = way.address
          shown = await shownAt(listing, address)
        }
        const idOf = (way: ControlWay) =>
          notes.terms.find((one) => way.id.endsWith(`-${one.slug}`) && one.name === way.title)?.id ?? 0
        const chosen = all.map((_, at) =>
          waysOf(shown, at)
            .filter((way) => way.isChosen)
            .map(idOf),
        )
        const asked = all.map((control, at) => wanted(control, chosen[at] ?? []))
        const expected = found([...base, ...asked]).map(({ id }) => id)
        const isNarrowed = chosen.some((choice) => choice.length > 0)
        expect(shown.visitors?.found).toBe(isNarrowed ? expected.length : null)

        const walked: number[] = []
        for (let page = shown; ;) {
          walked.push(...page.cards.map((card) => card.entryId))
          const next = page.pages?.next ?? null
          if (next === null) break
          page = await shownAt(listing, next.address)
        }
        expect(new Set(walked)).toEqual(new Set(expected))
        expect(walked).toHaveLength(expected.length)

        for (const [at, control] of all.entries()) {
          const others = asked.filter((_, other) => other !== at || control.choose === 'all')
          for (const way of waysOf(shown, at))
            expect(way.count, way.title).toBe(found([...base, ...others, { terms: idOf(way) }]).length)
        }
        for (const one of shown.visitors?.instead ?? []) {
          const instead = await shownAt(listing, one.address)
          expect(instead.visitors?.found ?? found(base).length).toBe(one.count)
        }
      }),
      { numRuns: 30 },
    )
  }, 200_000)

  it.each(['leaf', 'Leaf mould', 'pruning apple', 'zzz', '  ', '“'])(
    'finds what a rule of the same words lets through: %s',
    async (words) => {
      const plain = newListing('Notes', notes.collection)
      const many = { ...plain, amount: { ...plain.amount, take: 200 } }
      const ruled = { ...many, from: { ...plain.from, rules: [{ rule: 'words', words } as const] } }
      const searched: Listing = { ...many, visitors: { place: 'above', controls: [newSearchControl] } }
      const address = `?${new URLSearchParams({ search: words }).toString()}`
      const [wanted, shown] = await Promise.all([shownAt(ruled, ''), shownAt(searched, address)])
      expect(shown.cards.map((card) => card.entryId)).toEqual(wanted.cards.map((card) => card.entryId))
      const isAsked = /\p{L}/u.test(words)
      expect(shown.visitors?.found).toBe(isAsked ? wanted.cards.length : null)
      expect(shown.visitors?.chosen.map((one) => one.title)).toEqual(isAsked ? [`“${words}”`] : [])
    },
  )

  it.each(['title', 'summary'] as const)('looks where the designer says: in the %s', async (place) => {
    const many = { ...newListing('Notes', notes.collection), amount: { ...defaultAmount, take: 200 } }
    const search = { ...newSearchControl, within: [place] }
    const listing: Listing = { ...many, visitors: { place: 'above', controls: [search] } }
    const all = (await shownAt(many, '')).cards.map((card) => card.entryId)
    const written = await test.db
      .selectFrom('entries')
      .select(['id', 'title', 'summary'])
      .where('id', 'in', all)
      .execute()
    for (const word of ['leaf', 'frost', 'tomato', 'winter']) {
      const shown = await shownAt(listing, `?search=${word}`)
      const wanted = written.filter((row) => new RegExp(`\\b${word}\\b`, 'i').test(row[place]))
      expect(shown.cards.map((card) => card.entryId).toSorted(), word).toEqual(
        wanted.map(({ id }) => id).toSorted(),
      )
    }
  })

  it('comes in the order, and so many at once, as it does where those are its own', async () => {
    const plain = newListing('Notes', notes.collection)
    const order = { keys: [{ by: 'title', direction: 'up' }], pinned: 'ignored' } as const
    const paged = { ...plain, amount: { ...plain.amount, take: 'all', perPage: 7 } } as const
    const controls = [newTermsControl(facetsOf()[0] ?? 0), newSortControl, newAmountControl]
    const offered: Listing = { ...paged, visitors: { place: 'above', controls } }
    const own = { ...paged, order, amount: { ...paged.amount, perPage: 24 } }
    const idsAt = (shown: PlacedListingView) => shown.cards.map((card) => card.entryId)
    const asked = '?by=titles-a-to-z&per=24'
    const shown = await shownAt(offered, asked)
    expect(idsAt(shown)).toEqual(idsAt(await shownAt(own, '')))
    expect(shown.visitors).toMatchObject({ found: null, chosen: [], clear: null })
    const way = waysOf(shown, 0).find((one) => one.title !== 'All')
    const narrowed = await shownAt(offered, way?.address ?? '')
    expect(narrowed.visitors?.found).toBe(way?.count)
    expect(idsAt(await shownAt(offered, narrowed.visitors?.clear ?? ''))).toEqual(idsAt(shown))
    const [, sort, amount] = narrowed.visitors?.controls.map(({ content }) => content) ?? []
    for (const content of [sort, amount]) {
      const ways = content !== undefined && 'ways' in content ? content.ways : []
      expect(ways.filter((one) => one.isChosen).map((one) => one.title)).toEqual([
        content === sort ? 'Titles A to Z' : '24',
      ])
    }
  })
})
