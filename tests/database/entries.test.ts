import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { sql } from 'kysely'
import { addEntry, loadEntry, saveEntry, setEntryDeleted } from '~~/server/content/entries'
import { documentOfText } from '~~/core/content/rich-text/document'
import type { Problem } from '~~/server/http/problem'
import { problemOf, rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
beforeEach(() => sql`truncate entries cascade`.execute(test.db))
afterAll(() => test.drop())

function indexRow(id: number) {
  return test.db.selectFrom('entry_index').selectAll().where('entry_id', '=', id).executeTakeFirst()
}

describe('writing an entry', () => {
  it('keeps what was written', async () => {
    const input = {
      ...rain,
      title: '“Rain” & <snow>',
      body: documentOfText('a\n\nb'),
      termIds: [site.compost],
      authorId: site.authorId,
      pinned: true,
    }
    const added = await addEntry(test.db, site.collectionId, input, site.writer)
    expect(await loadEntry(test.db, added.id)).toMatchObject({ ...input, version: 1, updatedBy: 'Writer' })
  })

  it('indexes a published entry under its terms, their ancestors and its author', async () => {
    const { id } = await addEntry(
      test.db,
      site.collectionId,
      { ...rain, termIds: [site.compost], authorId: site.authorId },
      site.writer,
    )
    expect((await indexRow(id))?.keys.toSorted()).toEqual([site.soil, site.compost, site.authorId].toSorted())
  })

  it('takes drafts, archived and deleted entries out of the index, and puts them back', async () => {
    const { id } = await addEntry(test.db, site.collectionId, rain, site.writer)
    await saveEntry(test.db, id, 1, { ...rain, status: 'archived' }, site.writer)
    expect(await indexRow(id)).toBeUndefined()
    await saveEntry(test.db, id, 2, rain, site.writer)
    expect(await indexRow(id)).toBeDefined()
    await setEntryDeleted(test.db, id, true)
    expect(await indexRow(id)).toBeUndefined()
    await setEntryDeleted(test.db, id, false)
    expect((await indexRow(id))?.title).toBe('Rain')
  })

  it('refuses to save over somebody else’s newer version, and tells what stands there', async () => {
    const { id } = await addEntry(test.db, site.collectionId, rain, site.writer)
    await saveEntry(test.db, id, 1, { ...rain, title: 'Theirs' }, site.writer)
    const problem = await problemOf(saveEntry(test.db, id, 1, { ...rain, title: 'Mine' }, site.writer))
    expect(problem.status).toBe(409)
    expect(problem.details.current).toMatchObject({ title: 'Theirs', version: 2 })
    expect((await loadEntry(test.db, id)).title).toBe('Theirs')
  })

  it('lets exactly one of two writers with the same version save', async () => {
    const { id } = await addEntry(test.db, site.collectionId, rain, site.writer)
    const saves = ['A', 'B', 'C'].map((title) => saveEntry(test.db, id, 1, { ...rain, title }, site.writer))
    const settled = await Promise.allSettled(saves)
    expect(settled.filter((one) => one.status === 'fulfilled')).toHaveLength(1)
    expect((await loadEntry(test.db, id)).version).toBe(2)
  })

  it('names the field that is wrong', async () => {
    await addEntry(test.db, site.collectionId, rain, site.writer)
    const wrong = [
      [rain, 'slug'],
      [{ ...rain, slug: 'other', authorId: 999_999 }, 'authorId'],
      [{ ...rain, slug: 'other', pictureId: 999_999 }, 'pictureId'],
      [{ ...rain, slug: 'other', termIds: [999_999] }, 'termIds'],
      [{ ...rain, slug: 'other', title: '' }, 'title'],
    ] as const
    for (const [input, field] of wrong) {
      const problem = await problemOf(addEntry(test.db, site.collectionId, input, site.writer))
      expect(problem.status).toBe(422)
      expect(problem.details.faults.map((fault) => fault.path)).toContain(field)
    }
    expect(
      (await problemOf(addEntry(test.db, 999_999, { ...rain, slug: 'other' }, site.writer))).status,
    ).toBe(404)
  })

  it('gives one new address to one of two writers who ask at once, and tells the other', async () => {
    const both = [1, 2].map(() => addEntry(test.db, site.collectionId, rain, site.writer))
    const settled = await Promise.allSettled(both)
    const refused = settled.flatMap((one) => (one.status === 'rejected' ? [one.reason as Problem] : []))
    expect(refused).toHaveLength(1)
    expect(refused[0]?.details.faults[0]?.path).toBe('slug')
  })
})

describe('an entry that moved', () => {
  it('keeps the address it was seen under', async () => {
    const entry = await addEntry(test.db, site.collectionId, { ...rain, slug: 'seen-here' }, site.writer)
    await saveEntry(test.db, entry.id, 1, { ...rain, slug: 'now-there' }, site.writer)
    const kept = await test.db
      .selectFrom('old_addresses')
      .selectAll()
      .where('path', '=', '/notes/seen-here')
      .executeTakeFirst()
    expect(kept?.entry_id).toBe(entry.id)
    const draft = await addEntry(
      test.db,
      site.collectionId,
      { ...rain, slug: 'unseen', status: 'draft', publishedAt: null },
      site.writer,
    )
    await saveEntry(test.db, draft.id, 1, { ...rain, slug: 'other-draft' }, site.writer)
    expect(
      await test.db
        .selectFrom('old_addresses')
        .selectAll()
        .where('path', '=', '/notes/unseen')
        .executeTakeFirst(),
    ).toBeUndefined()
  })
})
