import { termRows } from '~~/server/content/term-rows'
import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { meets } from '~~/core/cards/condition'
import { newListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import type { EntryInput } from '~~/core/content/entry-input'
import { changeInBulk, undoBulkChange } from '~~/server/content/bulk'
import { saveCollection, setCollectionDeleted } from '~~/server/content/collections'
import { addEntry, loadEntry, restoreVersion, saveEntry } from '~~/server/content/entries'
import { addFacet, saveFacet, setFacetDeleted } from '~~/server/content/facets'
import { addField, setFieldDeleted } from '~~/server/content/field-writing'
import { deleteTerm, mergeTerm, moveTerm, undoTermChange } from '~~/server/content/terms'
import { askingAnew } from '~~/server/listings/ask'
import { cardEntries } from '~~/server/listings/card-entries'
import { knownSite } from '~~/server/listings/context'
import { entryAt } from '~~/server/pages/entry-page'
import { addAuthor, setAuthorDeleted } from '~~/server/people/authors'
import { loadSite } from '~~/server/site/site'
import { finishLeftWork } from '../support/left-work'
import { fieldInput } from '../support/fields'
import { problemOf, rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { cardContext } from '../support/card-entries'
import { idsOf } from '../support/rows'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let count = 0
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
afterAll(() => test.drop())

const collectionInput = {
  name: 'Notes',
  singular: 'Note',
  plural: 'Notes',
  icon: 'leaf',
  kind: 'article',
  address: '/notes/{slug}',
  facets: [] as number[],
} as const

async function added(change: Partial<EntryInput>): Promise<number> {
  count += 1
  return (
    await addEntry(test.db, site.collectionId, { ...rain, slug: `entry-${count}`, ...change }, site.writer)
  ).id
}

async function term(slug: string, parentId: number | null = null): Promise<number> {
  return (
    await test.db
      .insertInto('terms')
      .values({ facet_id: site.facetId, parent_id: parentId, slug, name: slug, position: 0 })
      .returning('id')
      .executeTakeFirstOrThrow()
  ).id
}

function listingIn(...terms: readonly number[]): Listing {
  const listing = newListing('In terms', site.collectionId)
  return {
    ...listing,
    from: { ...listing.from, rules: [{ rule: 'terms', facet: site.facetId, is: 'any', terms }] },
    amount: { ...listing.amount, take: 200 },
  }
}

const shown = async (listing: Listing) =>
  [
    ...idsOf(await askingAnew(test.db).shown(listing, { now: Date.now(), page: null, visit: '' }, [])),
  ].toSorted((a, b) => a - b)

/** Does something while no entry can be given this term, as when its server ends in the middle of it. */
async function brokenOff(id: number, act: () => Promise<unknown>): Promise<void> {
  await sql`create function cut_off() returns trigger language plpgsql as $$ begin raise exception 'cut off'; end $$`.execute(
    test.db,
  )
  await sql`create trigger cut_off before insert on entry_terms for each row when (new.term_id = ${sql.lit(id)}) execute function cut_off()`.execute(
    test.db,
  )
  await expect(act()).rejects.toThrow('cut off')
  await sql`drop function cut_off cascade`.execute(test.db)
}

const termsOn = async (entry: number) => (await loadEntry(test.db, entry)).termIds

describe('a merge that was broken off', () => {
  it('is done before the term that it leads to becomes another, and each comes back as it was', async () => {
    const [oats, rye, grain] = [await term('oats'), await term('rye'), await term('grain')]
    const [oat, other] = [await added({ termIds: [oats] }), await added({ termIds: [rye] })]
    await brokenOff(rye, () => mergeTerm(test.db, oats, rye, site.writer))
    const { change } = await mergeTerm(test.db, rye, grain, site.writer)
    expect([await termsOn(oat), await termsOn(other)]).toEqual([[grain], [grain]])
    expect(await test.db.selectFrom('long_work').select('id').execute()).toEqual([])
    await undoTermChange(test.db, change)
    expect([await termsOn(oat), await termsOn(other)]).toEqual([[rye], [rye]])
  })

  it('is done before the term that it leads to is deleted', async () => {
    const [flax, hemp] = [await term('flax'), await term('hemp')]
    const entry = await added({ termIds: [flax] })
    await brokenOff(hemp, () => mergeTerm(test.db, flax, hemp, site.writer))
    const { change } = await deleteTerm(test.db, hemp, site.writer)
    expect(await termsOn(entry)).toEqual([])
    await undoTermChange(test.db, change)
    expect(await termsOn(entry)).toEqual([hemp])
  })

  it('comes to an end where that term is long gone, as an earlier Bushel left it', async () => {
    const [kale, chard] = [await term('kale'), await term('chard')]
    const entry = await added({ termIds: [kale] })
    await brokenOff(chard, () => mergeTerm(test.db, kale, chard, site.writer))
    await test.db.deleteFrom('terms').where('id', '=', chard).execute()
    await finishLeftWork(test.db, 0)
    expect(await test.db.selectFrom('long_work').select('id').execute()).toEqual([])
    expect(await termsOn(entry)).toEqual([])
  })
})

describe('a term that was merged', () => {
  it('is followed by rules and conditions that name it, through more merges and back again', async () => {
    const [beans, peas, pulses] = [await term('beans'), await term('peas'), await term('pulses')]
    const [bean, pea] = [await added({ termIds: [beans] }), await added({ termIds: [peas] })]
    await added({})
    const first = await mergeTerm(test.db, beans, peas, site.writer)
    expect(await shown(listingIn(beans))).toEqual([bean, pea])
    const second = await mergeTerm(test.db, peas, pulses, site.writer)
    expect(await shown(listingIn(beans))).toEqual([bean, pea])
    const { words } = await knownSite(test.db)
    expect(words.term(beans)).toBe('pulses')
    const [card] = await cardEntries(test.db, [{ id: bean, at: null }], { zone: 'UTC' })
    expect(
      card !== undefined &&
        meets(card, { if: 'term', term: beans }, { ...cardContext, termNow: words.termNow }),
    ).toBe(true)
    // What was typed before the merge is saved under what it became.
    expect(
      (
        await saveEntry(
          test.db,
          pea,
          1,
          { ...rain, slug: `entry-${count}-pea`, termIds: [peas, beans] },
          site.writer,
        )
      ).termIds,
    ).toEqual([pulses])
    await undoTermChange(test.db, second.change)
    expect([await shown(listingIn(beans)), await shown(listingIn(pulses))]).toEqual([[bean, pea], []])
    await undoTermChange(test.db, first.change)
    expect([await shown(listingIn(beans)), await shown(listingIn(peas))]).toEqual([[bean], [pea]])
  })

  it('that is deleted after all leaves a listing of nothing, not of everything', async () => {
    const only = await term('only')
    await added({ termIds: [only] })
    expect(await shown(listingIn(only))).toHaveLength(1)
    await deleteTerm(test.db, only, site.writer)
    expect(await shown(listingIn(only))).toEqual([])
  })

  it('is kept by undoing a bulk change from before, and by an earlier version that comes back', async () => {
    const [old, now] = [await term('old'), await term('now')]
    const id = await added({ termIds: [old] })
    const change = await changeInBulk(
      test.db,
      site.collectionId,
      { ids: [id], action: { do: 'archive' } },
      site.writer,
    )
    await mergeTerm(test.db, old, now, site.writer)
    await undoBulkChange(test.db, change.id, site.writer)
    expect((await loadEntry(test.db, id)).termIds).toEqual([now])
    const { version } = await loadEntry(test.db, id)
    expect((await restoreVersion(test.db, id, version, 1, site.writer)).termIds).toEqual([now])
  })

  it('makes no circle when it comes back, and no question goes round for ever', async () => {
    const top = await term('top')
    const middle = await term('middle', top)
    const low = await term('low', middle)
    await added({ termIds: [low] })
    const { change } = await deleteTerm(test.db, middle, site.writer)
    await moveTerm(test.db, low, { parentId: null, at: 0 })
    await moveTerm(test.db, top, { parentId: low, at: 0 })
    await undoTermChange(test.db, change)
    const rows = await termRows(test.db, site.facetId)
    const parents = new Map(rows.map((row) => [row.id, row.parentId]))
    for (const row of rows) {
      let steps = 0
      for (let at: number | null = row.id; at !== null && steps < 50; steps += 1) at = parents.get(at) ?? null
      expect(steps).toBeLessThan(50)
    }
    await sql`update terms set parent_id = ${low} where id = ${low}`.execute(test.db)
    expect((await termRows(test.db, site.facetId)).length).toBe(rows.length)
    await sql`update terms set parent_id = null where id = ${low}`.execute(test.db)
  })
})

describe('a facet that is taken off a collection', () => {
  it('counts, filters and shows no more, and does again when it is back', async () => {
    const id = await added({ termIds: [site.compost] })
    const entry = async () => (await cardEntries(test.db, [{ id, at: null }], { zone: 'UTC' }))[0]
    expect(await shown(listingIn(site.soil))).toContain(id)
    await saveCollection(test.db, site.collectionId, { ...collectionInput, facets: [] })
    expect([await shown(listingIn(site.soil)), (await entry())?.terms, (await entry())?.within]).toEqual([
      [],
      [],
      expect.not.arrayContaining([site.soil]) as unknown,
    ])
    await saveFacet(test.db, site.facetId, {
      name: 'Topic',
      plural: 'Topics',
      collections: [site.collectionId],
    })
    expect(await shown(listingIn(site.soil))).toContain(id)
    expect((await entry())?.terms).toHaveLength(1)
    await setFacetDeleted(test.db, site.facetId, true)
    expect(await shown(listingIn(site.soil))).toEqual([])
    await setFacetDeleted(test.db, site.facetId, false)
    expect(await shown(listingIn(site.soil))).toContain(id)
  })

  it('stays with a collection that is deleted meanwhile, and a deleted facet with a collection that is saved', async () => {
    await setCollectionDeleted(test.db, site.collectionId, true)
    await saveFacet(test.db, site.facetId, { name: 'Topic', plural: 'Topics', collections: [] })
    await setCollectionDeleted(test.db, site.collectionId, false)
    await setFacetDeleted(test.db, site.facetId, true)
    await saveCollection(test.db, site.collectionId, { ...collectionInput, facets: [] })
    await setFacetDeleted(test.db, site.facetId, false)
    expect(
      await test.db
        .selectFrom('collection_facets')
        .select('facet_id')
        .where('collection_id', '=', site.collectionId)
        .execute(),
    ).toEqual([{ facet_id: site.facetId }])
  })

  it('comes back under another address where its own is taken, and takes none that files have', async () => {
    const { id } = await addFacet(test.db, { name: 'Season', plural: 'Seasons', collections: [] })
    await setFacetDeleted(test.db, id, true)
    await test.db.updateTable('facets').set({ name: 'Time of year' }).where('id', '=', id).execute()
    await addFacet(test.db, { name: 'Season', plural: 'Seasons', collections: [] })
    await setFacetDeleted(test.db, id, false)
    const media = await addFacet(test.db, { name: 'Media', plural: 'Media', collections: [] })
    const slugs = await test.db
      .selectFrom('facets')
      .select('slug')
      .where('id', 'in', [id, media.id])
      .orderBy('id')
      .execute()
    expect(slugs.map((row) => row.slug)).toEqual(['season-2', 'media-2'])
  })
})

describe('what is done twice', () => {
  it('is done once: an author deleted again is still put back on their entries', async () => {
    const { id: author } = await addAuthor(test.db, { name: 'Osric Pennywell', about: '', portraitId: null })
    const id = await added({ authorId: author })
    await setAuthorDeleted(test.db, author, true)
    await setAuthorDeleted(test.db, author, true)
    await setAuthorDeleted(test.db, author, false)
    await setAuthorDeleted(test.db, author, false)
    expect((await loadEntry(test.db, id)).authorId).toBe(author)
  })
})

describe('a new address pattern', () => {
  it('leads every earlier address of an entry on, by whichever pattern and slug', async () => {
    const known = await loadSite(test.db)
    const id = await added({ slug: 'moves', publishedAt: Date.UTC(2026, 0, 5) })
    const at = async (path: string) => {
      const found = await entryAt(test.db, known, path, Date.now())
      return found?.kind === 'moved' ? found.address : (found?.kind ?? null)
    }
    await saveCollection(test.db, site.collectionId, {
      ...collectionInput,
      address: '/journal/{year}/{slug}',
      facets: [site.facetId],
    })
    expect([await at('/journal/2026/moves'), await at('/notes/moves')]).toEqual([
      'page',
      '/journal/2026/moves',
    ])
    const { version } = await loadEntry(test.db, id)
    await saveEntry(
      test.db,
      id,
      version,
      { ...rain, slug: 'moved', publishedAt: Date.UTC(2026, 0, 5) },
      site.writer,
    )
    expect([await at('/notes/moves'), await at('/journal/2026/moves'), await at('/notes/moved')]).toEqual([
      '/journal/2026/moved',
      '/journal/2026/moved',
      '/journal/2026/moved',
    ])
    await saveCollection(test.db, site.collectionId, { ...collectionInput, facets: [site.facetId] })
    expect([await at('/notes/moved'), await at('/journal/2026/moves')]).toEqual(['page', '/notes/moved'])
  })
})

describe('word search', () => {
  it('follows fields that are deleted and put back', async () => {
    const label = await addField(test.db, site.collectionId, fieldInput('short-text', 'label'))
    const id = await added({ values: { [label.id]: 'Scarecrow' } })
    const words = async () =>
      (
        await test.db
          .selectFrom('entry_words')
          .select('words')
          .where('entry_id', '=', id)
          .executeTakeFirstOrThrow()
      ).words.includes('scarecrow')
    expect(await words()).toBe(true)
    await setFieldDeleted(test.db, label.id, true)
    expect(await words()).toBe(false)
    await setFieldDeleted(test.db, label.id, false)
    expect(await words()).toBe(true)
    expect((await problemOf(setFieldDeleted(test.db, 999_999, true))).status).toBe(404)
  })
})
