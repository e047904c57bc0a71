import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { changeInBulk, undoBulkChange } from '~~/server/content/bulk'
import {
  addEntry,
  duplicateEntry,
  loadEntry,
  restoreVersion,
  saveEntry,
  setEntryDeleted,
} from '~~/server/content/entries'
import { versionsOf } from '~~/server/content/entry-history'
import { addField } from '~~/server/content/field-writing'
import { fieldInput } from '../support/fields'
import { problemOf, rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let count = 0
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
beforeEach(() => {
  count += 1
})
afterAll(() => test.drop())

const drafts = (many: number) =>
  Promise.all(
    Array.from({ length: many }, (_, at) =>
      addEntry(
        test.db,
        site.collectionId,
        {
          ...rain,
          title: `Entry ${count} ${at}`,
          slug: `entry-${count}-${at}`,
          status: 'draft',
          publishedAt: null,
        },
        site.writer,
      ),
    ),
  )
const change = (ids: readonly number[], action: object) =>
  changeInBulk(test.db, site.collectionId, { ids, action }, site.writer)
const changes = async () =>
  (
    await test.db
      .selectFrom('changes')
      .select(({ fn }) => fn.countAll<number>().as('count'))
      .executeTakeFirstOrThrow()
  ).count
const indexed = async (ids: readonly number[]) =>
  (
    await test.db
      .selectFrom('entry_index')
      .select('keys')
      .where('entry_id', 'in', [...ids])
      .execute()
  ).map((row) => row.keys)

describe('changing many entries at once', () => {
  it('publishes, re-tags and names the author in one notice each, and undoes each', async () => {
    const ids = (await drafts(12)).map((entry) => entry.id)
    const before = await changes()
    const published = await change(ids, { do: 'publish' })
    expect(published.changed).toBe(12)
    expect(await changes()).toBe(before + 1)
    expect(await indexed(ids)).toHaveLength(12)
    const tagged = await change(ids, { do: 'add-terms', termIds: [site.compost] })
    expect((await indexed(ids))[0]?.toSorted()).toEqual([site.soil, site.compost].toSorted())
    const authored = await change(ids, { do: 'author', authorId: site.authorId })
    expect((await loadEntry(test.db, ids[3] ?? 0)).authorId).toBe(site.authorId)
    for (const one of [authored, tagged, published])
      expect(await undoBulkChange(test.db, one.id, site.writer)).toEqual({
        undone: 12,
        kept: 0,
        isGoingOn: false,
      })
    expect(await indexed(ids)).toEqual([])
    expect(await loadEntry(test.db, ids[0] ?? 0)).toMatchObject({
      status: 'draft',
      publishedAt: null,
      authorId: null,
      termIds: [],
      version: 7,
    })
  })

  it('leaves alone what somebody changed since, and undoes once', async () => {
    const [one, two] = await drafts(2)
    if (!one || !two) throw new Error('two entries')
    const done = await change([one.id, two.id], { do: 'publish' })
    const now = await loadEntry(test.db, two.id)
    await saveEntry(
      test.db,
      two.id,
      now.version,
      { ...rain, title: 'By hand', slug: `by-hand-${count}` },
      site.writer,
    )
    expect(await undoBulkChange(test.db, done.id, site.writer)).toEqual({
      undone: 1,
      kept: 1,
      isGoingOn: false,
    })
    expect((await loadEntry(test.db, two.id)).title).toBe('By hand')
    expect(await undoBulkChange(test.db, done.id, site.writer)).toEqual({
      undone: 0,
      kept: 0,
      isGoingOn: false,
    })
  })

  it('deletes and brings back, unless the address was taken meanwhile', async () => {
    const [one, two] = await drafts(2)
    if (!one || !two) throw new Error('two entries')
    const gone = await change([one.id, two.id], { do: 'delete' })
    expect((await problemOf(loadEntry(test.db, one.id))).status).toBe(404)
    const thief = await addEntry(
      test.db,
      site.collectionId,
      { ...rain, title: 'Thief', slug: one.slug },
      site.writer,
    )
    expect((await problemOf(undoBulkChange(test.db, gone.id, site.writer))).message).toBe(
      '“Thief” has taken the address of a deleted entry. Give it another, then undo.',
    )
    await setEntryDeleted(test.db, thief.id, true)
    expect(await undoBulkChange(test.db, gone.id, site.writer)).toEqual({
      undone: 2,
      kept: 0,
      isGoingOn: false,
    })
    expect((await loadEntry(test.db, one.id)).slug).toBe(one.slug)
  })

  it('takes exactly what was there and may be changed', async () => {
    const [one] = await drafts(1)
    expect((await change([one?.id ?? 0, 999_999], { do: 'archive' })).changed).toBe(1)
    expect(
      (await problemOf(change([one?.id ?? 0], { do: 'add-terms', termIds: [999_999] }))).details.faults[0]
        ?.path,
    ).toBe('action.termIds')
    expect(
      (await problemOf(change([one?.id ?? 0], { do: 'author', authorId: 999_999 }))).details.faults[0]?.path,
    ).toBe('action.authorId')
    expect((await problemOf(change([], { do: 'publish' }))).details.faults[0]?.path).toBe('ids')
    expect((await problemOf(change([1], { do: 'explode' }))).details.faults[0]?.path).toBe('action.do')
  })

  it('does not publish an entry that lacks a needed field', async () => {
    const [one, two] = await drafts(2)
    const field = await addField(
      test.db,
      site.collectionId,
      fieldInput('short-text', `needed_${count}`, { required: true }),
    )
    const problem = await problemOf(change([one?.id ?? 0, two?.id ?? 0], { do: 'publish' }))
    expect(problem.message).toContain(`“${field.name}” is needed to publish`)
    expect((await loadEntry(test.db, one?.id ?? 0)).status).toBe('draft')
    await test.db.deleteFrom('fields').where('id', '=', field.id).execute()
  })
})

describe('the history of an entry', () => {
  it('tells who saved what, and goes back as a new version', async () => {
    const [entry] = await drafts(1)
    if (!entry) throw new Error('an entry')
    await saveEntry(
      test.db,
      entry.id,
      1,
      { ...rain, title: 'Second', slug: `second-${count}`, termIds: [site.soil] },
      site.writer,
    )
    await restoreVersion(test.db, entry.id, 2, 1, site.writer)
    const now = await loadEntry(test.db, entry.id)
    expect(now).toMatchObject({ title: entry.title, version: 3, termIds: [], status: 'draft' })
    expect(
      (await versionsOf(test.db, entry.id)).map(({ version, action, savedBy }) => [version, action, savedBy]),
    ).toEqual([
      [3, 'restored', 'Writer'],
      [2, 'saved', 'Writer'],
      [1, 'added', 'Writer'],
    ])
    expect((await problemOf(restoreVersion(test.db, entry.id, 2, 1, site.writer))).status).toBe(409)
    expect((await problemOf(restoreVersion(test.db, entry.id, 3, 77, site.writer))).status).toBe(404)
  })

  it('says what each version changed, fields by their names', async () => {
    const field = await addField(test.db, site.collectionId, {
      ...fieldInput('short-text', `said_${count}`),
      name: 'Said',
    })
    const input = { ...rain, slug: `said-${count}`, values: { [field.id]: 'once' } }
    const entry = await addEntry(test.db, site.collectionId, input, site.writer)
    const changes = [
      { ...input, title: 'Hail', termIds: [site.soil] },
      { ...input, title: 'Hail', termIds: [site.soil], values: { [field.id]: 'twice' } },
      { ...input, title: 'Hail', termIds: [site.soil], values: {}, pinned: true },
      { ...input, title: 'Hail', termIds: [site.soil], values: {}, pinned: true },
    ]
    for (const [at, change] of changes.entries())
      await saveEntry(test.db, entry.id, at + 1, change, site.writer)
    expect(
      (await versionsOf(test.db, entry.id)).map(({ changed, changedFields }) => [
        ...changed,
        ...changedFields,
      ]),
    ).toEqual([[], ['pinned', 'Said'], ['Said'], ['termIds', 'title'], []])
  })

  it('leaves out, on going back, what its collection no longer has', async () => {
    const field = await addField(test.db, site.collectionId, fieldInput('short-text', `gone_${count}`))
    const entry = await addEntry(
      test.db,
      site.collectionId,
      { ...rain, slug: `gone-${count}`, values: { [field.id]: 'here' } },
      site.writer,
    )
    await saveEntry(test.db, entry.id, 1, { ...rain, title: 'Now', slug: `gone-${count}` }, site.writer)
    await test.db.updateTable('fields').set({ deleted_at: new Date() }).where('id', '=', field.id).execute()
    await restoreVersion(test.db, entry.id, 2, 1, site.writer)
    expect(await loadEntry(test.db, entry.id)).toMatchObject({ title: 'Rain', values: {} })
  })

  it('starts anew with a copy, which is a draft under an address of its own', async () => {
    const entry = await addEntry(
      test.db,
      site.collectionId,
      { ...rain, slug: `original-${count}`, pinned: true },
      site.writer,
    )
    const [first, second] = [
      await duplicateEntry(test.db, entry.id, null, site.writer),
      await duplicateEntry(test.db, entry.id, null, site.writer),
    ]
    expect(first).toMatchObject({
      title: 'Rain (copy)',
      slug: `original-${count}-copy`,
      status: 'draft',
      pinned: false,
    })
    expect(second.slug).toBe(`original-${count}-copy-2`)
  })

  it('is copied with what was typed into it and not saved, where that is right', async () => {
    const original = { ...rain, slug: `typed-${count}` }
    const entry = await addEntry(test.db, site.collectionId, original, site.writer)
    const typed = { ...original, title: 'Hail', summary: 'Not saved yet.', status: 'published' }
    const copy = await duplicateEntry(test.db, entry.id, typed, site.writer)
    expect(copy).toMatchObject({ title: 'Hail (copy)', summary: 'Not saved yet.', status: 'draft' })
    expect((await loadEntry(test.db, entry.id)).title).toBe('Rain')
    await expect(
      duplicateEntry(test.db, entry.id, { ...typed, title: '' }, site.writer),
    ).rejects.toMatchObject({ status: 422 })
  })
})
