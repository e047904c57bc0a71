import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { addEntry, loadEntry, saveEntry, setEntryDeleted } from '~~/server/content/entries'
import { addFacet, facetRows, saveFacet, setFacetDeleted } from '~~/server/content/facets'
import { addTerm, deleteTerm, mergeTerm, moveTerm, saveTerm, undoTermChange } from '~~/server/content/terms'
import { termRows } from '~~/server/content/term-rows'
import { addUpKeyCounts } from '~~/server/listings/key-counts'
import { problemOf, rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let facetId: number
let count = 0
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
beforeEach(async () => {
  count += 1
  facetId = (
    await addFacet(test.db, { name: `Facet ${count}`, plural: 'Facets', collections: [site.collectionId] })
  ).id
})
afterAll(() => test.drop())

const term = (name: string, parentId: number | null = null) =>
  addTerm(test.db, facetId, parentId, {
    name,
    slug: name.toLowerCase(),
    description: '',
    pictureId: null,
    icon: '',
    colour: '',
  }).then((added) => added.id)
const entryWith = (...termIds: number[]) =>
  addEntry(
    test.db,
    site.collectionId,
    { ...rain, slug: `entry-${count}-${termIds.join('-')}`, termIds },
    site.writer,
  )
const keysOf = async (id: number) =>
  (
    await test.db
      .selectFrom('entry_index')
      .select('keys')
      .where('entry_id', '=', id)
      .executeTakeFirstOrThrow()
  ).keys.toSorted((a, b) => a - b)
const counts = async () =>
  Object.fromEntries((await termRows(test.db, facetId)).map((row) => [row.name, row.entries]))

describe('the terms of a facet', () => {
  it('count their entries and those of terms below, each once', async () => {
    const soil = await term('Soil')
    const compost = await term('Compost', soil)
    await entryWith(soil, compost)
    await entryWith(compost)
    expect(await counts()).toEqual({ Soil: 2, Compost: 2 })
  })

  it('count drafts and what is archived too, and nothing that was deleted', async () => {
    const soil = await term('Soil')
    const compost = await term('Compost', soil)
    const add = (slug: string, status: 'draft' | 'archived' | 'published', ...termIds: number[]) =>
      addEntry(
        test.db,
        site.collectionId,
        { ...rain, slug: `${slug}-${count}`, status, termIds },
        site.writer,
      )
    await add('draft', 'draft', soil, compost)
    await add('archived', 'archived', compost)
    await add('published', 'published', soil)
    for (const status of ['draft', 'published'] as const)
      await setEntryDeleted(test.db, (await add(`gone-${status}`, status, compost)).id, true)
    expect(await counts()).toEqual({ Soil: 3, Compost: 2 })
    await addUpKeyCounts(test.db, 1)
    expect(await counts()).toEqual({ Soil: 3, Compost: 2 })
  })

  it('are moved with all below them, and entries count for the new ancestors at once', async () => {
    const [soil, seed] = [await term('Soil'), await term('Seed')]
    const compost = await term('Compost', soil)
    const mould = await term('Mould', compost)
    const { id } = await entryWith(mould)
    await moveTerm(test.db, compost, { parentId: seed, at: 0 })
    expect(await keysOf(id)).toEqual([seed, compost, mould].toSorted((a, b) => a - b))
    expect(
      (await problemOf(moveTerm(test.db, seed, { parentId: mould, at: 0 }))).details.faults[0]?.path,
    ).toBe('parentId')
    expect((await problemOf(moveTerm(test.db, seed, { parentId: site.soil, at: 0 }))).status).toBe(404)
  })

  it('are ordered among those beside them', async () => {
    const [a, b, c] = [await term('A'), await term('B'), await term('C')]
    await moveTerm(test.db, c, { parentId: null, at: 0 })
    expect((await termRows(test.db, facetId)).map((row) => row.id)).toEqual([c, a, b])
  })

  it('are merged: entries, nested terms and the address go to the other; and parted again', async () => {
    const [soil, ground] = [await term('Soil'), await term('Ground')]
    const below = await term('Below', soil)
    const [one, both] = [await entryWith(soil), await entryWith(soil, ground)]
    const { change } = await mergeTerm(test.db, soil, ground, site.writer)
    expect(await counts()).toEqual({ Ground: 2, Below: 0 })
    expect(await keysOf(one.id)).toEqual([ground])
    const moved = await test.db
      .selectFrom('old_addresses')
      .select('term_id')
      .where('path', '=', `/facet-${count}/soil`)
      .executeTakeFirst()
    expect(moved?.term_id).toBe(ground)
    await undoTermChange(test.db, change)
    expect(await counts()).toEqual({ Soil: 2, Ground: 1, Below: 0 })
    expect((await loadEntry(test.db, one.id)).termIds).toEqual([soil])
    expect((await loadEntry(test.db, both.id)).termIds.toSorted()).toEqual([soil, ground].toSorted())
    expect((await termRows(test.db, facetId)).find((row) => row.id === below)?.parentId).toBe(soil)
    expect((await problemOf(mergeTerm(test.db, soil, below, site.writer))).details.faults[0]?.path).toBe(
      'into',
    )
  })

  it('are deleted and come back where they were', async () => {
    const soil = await term('Soil')
    const compost = await term('Compost', soil)
    const mould = await term('Mould', compost)
    const { id } = await entryWith(compost, mould)
    const { change } = await deleteTerm(test.db, compost, site.writer)
    expect((await termRows(test.db, facetId)).find((row) => row.id === mould)?.parentId).toBe(soil)
    expect(await keysOf(id)).toEqual([soil, mould].toSorted((a, b) => a - b))
    await undoTermChange(test.db, change)
    expect(await keysOf(id)).toEqual([soil, compost, mould].toSorted((a, b) => a - b))
    await undoTermChange(test.db, change)
    expect((await loadEntry(test.db, id)).termIds).toEqual([compost, mould])
  })

  it('keep the addresses they had, and refuse one that another has', async () => {
    const [soil, seed] = [await term('Soil'), await term('Seed')]
    const said = {
      name: 'Earth',
      description: 'What is underfoot.',
      pictureId: null,
      icon: 'spade',
      colour: '#a8431f',
    }
    await saveTerm(test.db, soil, { ...said, slug: 'earth' })
    expect((await termRows(test.db, facetId))[0]).toMatchObject({ ...said, slug: 'earth' })
    const old = await test.db
      .selectFrom('old_addresses')
      .select('term_id')
      .where('path', '=', `/facet-${count}/soil`)
      .executeTakeFirst()
    expect(old?.term_id).toBe(soil)
    expect(
      (await problemOf(saveTerm(test.db, seed, { ...said, slug: 'earth' }))).details.faults[0]?.path,
    ).toBe('slug')
    expect(
      (await problemOf(saveTerm(test.db, seed, { ...said, slug: 'seed', colour: 'red' }))).details.faults[0]
        ?.path,
    ).toBe('colour')
  })
})

describe('a facet', () => {
  it('is taken off a collection and everything without losing what entries had', async () => {
    const soil = await term('Soil')
    const { id } = await entryWith(soil)
    await saveFacet(test.db, facetId, { name: `Facet ${count}`, plural: 'Facets', collections: [] })
    const without = await loadEntry(test.db, id)
    expect(without.termIds).toEqual([])
    await saveEntry(test.db, id, 1, { ...rain, slug: `saved-${count}` }, site.writer)
    await saveFacet(test.db, facetId, {
      name: `Facet ${count}`,
      plural: 'Facets',
      collections: [site.collectionId],
    })
    expect((await loadEntry(test.db, id)).termIds).toEqual([soil])
    await setFacetDeleted(test.db, facetId, true)
    expect((await facetRows(test.db)).some((row) => row.id === facetId)).toBe(false)
    expect((await loadEntry(test.db, id)).termIds).toEqual([])
    await setFacetDeleted(test.db, facetId, false)
    expect((await loadEntry(test.db, id)).termIds).toEqual([soil])
  })

  it('has a name of its own', async () => {
    expect(
      (await problemOf(addFacet(test.db, { name: `facet ${count}`, plural: 'x', collections: [] }))).details
        .faults[0]?.path,
    ).toBe('name')
  })
})
