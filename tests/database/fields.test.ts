import fc from 'fast-check'
import { sql } from 'kysely'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { Field } from '~~/core/content/field'
import type { FieldTypeName } from '~~/core/content/fields'
import { addCollection, saveCollection, setCollectionDeleted } from '~~/server/content/collections'
import { addEntry, loadEntry, saveEntry } from '~~/server/content/entries'
import { entryTable } from '~~/server/content/entry-table'
import type { EntryTableQuery } from '~~/server/content/entry-table'
import { convertField, tryConversion, undoConversion } from '~~/server/content/field-conversion'
import { reconcileFieldIndexes } from '~~/server/content/field-indexes'
import { addField, orderFields, saveField, setFieldDeleted } from '~~/server/content/field-writing'
import { fieldsOf } from '~~/server/content/fields'
import { indexOldAnew } from '~~/server/content/index-anew'
import { fieldInput, fieldValues } from '../support/fields'
import { problemOf, rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
let collectionId: number
let count = 0
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
beforeEach(async () => {
  count += 1
  const input = {
    name: `Seed shelf ${count}`,
    singular: 'Seed',
    plural: 'Seeds',
    icon: 'seed',
    kind: 'product',
    address: `/seeds-${count}/{slug}`,
    facets: [site.facetId],
  }
  collectionId = (await addCollection(test.db, input)).id
})
afterAll(() => test.drop())

const add = (values: object, title = 'Bean') =>
  addEntry(
    test.db,
    collectionId,
    { ...rain, title, slug: title.toLowerCase().replaceAll(' ', '-'), values },
    site.writer,
  )
const valueOf = async (id: number, field: Field) => (await loadEntry(test.db, id)).values[field.id]

describe('a field’s value', () => {
  it('comes back from the database as it went in, for every type', async () => {
    const fields = new Map<FieldTypeName, Field>()
    for (const type of Object.keys(fieldValues) as FieldTypeName[])
      fields.set(type, await addField(test.db, collectionId, fieldInput(type, `a_${type.replace('-', '_')}`)))
    let at = 0
    const values = fc.record(fieldValues as Record<string, fc.Arbitrary<unknown>>, { requiredKeys: [] })
    await fc.assert(
      fc.asyncProperty(values, async (given) => {
        at += 1
        const byId = Object.fromEntries(
          Object.entries(given).map(([type, value]) => [fields.get(type as FieldTypeName)?.id, value]),
        )
        const { id } = await add(byId, `Entry ${at}`)
        expect((await loadEntry(test.db, id)).values).toEqual(byId)
      }),
      { numRuns: 60 },
    )
  })

  it('is refused with the field’s own path, and nothing is stored', async () => {
    const depth = await addField(test.db, collectionId, fieldInput('number', 'depth', { required: true }))
    const problem = await problemOf(add({ [depth.id]: 'deep' }))
    expect(problem.details.faults).toEqual([{ path: `values.${depth.id}`, message: 'This takes a number.' }])
    expect((await entryTable(test.db, collectionId, table, Date.now())).total).toBe(0)
  })

  it.each([
    ['picture', 999_999, 'This file is gone. Choose another.'],
    ['reference', [999_999], 'One of these entries is gone or belongs to another collection.'],
  ] as const)('may not point at what is not there: %s', async (type, value, message) => {
    const settings = type === 'reference' ? { collection: collectionId, many: true } : {}
    const field = await addField(test.db, collectionId, fieldInput(type, 'points', { settings }))
    expect((await problemOf(add({ [field.id]: value }))).details.faults).toEqual([
      { path: `values.${field.id}`, message },
    ])
  })
})

const table: EntryTableQuery = {
  page: 1,
  perPage: 25,
  sort: 'title',
  direction: 'up',
  search: '',
  state: 'all',
}

describe('the fields of a collection', () => {
  it('keep their values through another name and key, and through being deleted and put back', async () => {
    const depth = await addField(test.db, collectionId, fieldInput('number', 'depth'))
    const entry = await add({ [depth.id]: 4 })
    await saveField(test.db, depth.id, fieldInput('number', 'sowing_depth', { name: 'Sowing depth' }))
    expect(await valueOf(entry.id, depth)).toBe(4)
    await setFieldDeleted(test.db, depth.id, true)
    expect((await loadEntry(test.db, entry.id)).values).toEqual({})
    await saveEntry(test.db, entry.id, 1, { ...rain, title: 'Other', slug: 'other' }, site.writer)
    await setFieldDeleted(test.db, depth.id, false)
    expect(await valueOf(entry.id, depth)).toBe(4)
    expect((await fieldsOf(test.db, collectionId)).map((field) => field.name)).toEqual(['Sowing depth'])
  })

  it('are ordered, and refused a name or key that another has', async () => {
    const [a, b] = [
      await addField(test.db, collectionId, fieldInput('number', 'a')),
      await addField(test.db, collectionId, fieldInput('number', 'b')),
    ]
    await orderFields(test.db, collectionId, [b.id, a.id])
    expect((await fieldsOf(test.db, collectionId)).map((field) => field.key)).toEqual(['b', 'a'])
    expect((await problemOf(orderFields(test.db, collectionId, [a.id]))).status).toBe(422)
    expect(
      (await problemOf(addField(test.db, collectionId, fieldInput('date', 'a')))).details.faults[0]?.path,
    ).toBe('key')
    expect(
      (await problemOf(addField(test.db, collectionId, fieldInput('date', 'c', { name: 'A' })))).details
        .faults[0]?.path,
    ).toBe('name')
    expect((await problemOf(saveField(test.db, a.id, fieldInput('date', 'a')))).details.faults[0]?.path).toBe(
      'type',
    )
  })

  it('belong to a collection that is checked, and can be deleted and put back', async () => {
    const input = {
      name: 'Plots',
      singular: 'Plot',
      plural: 'Plots',
      icon: 'bed',
      kind: 'place',
      address: `/seeds-${count}/{slug}`,
      facets: [],
    }
    expect((await problemOf(addCollection(test.db, input))).details.faults[0]?.path).toBe('address')
    expect(
      (
        await problemOf(
          saveCollection(test.db, collectionId, { ...input, address: '/x/{slug}', facets: [999_999] }),
        )
      ).details.faults[0]?.path,
    ).toBe('facets')
    const { id } = await add({}, 'Shown')
    const indexed = () =>
      test.db.selectFrom('entry_index').select('entry_id').where('collection_id', '=', collectionId).execute()
    await setCollectionDeleted(test.db, collectionId, true)
    expect(await indexed(), 'listings of it show nothing').toEqual([])
    expect((await problemOf(add({}))).status).toBe(404)
    await setCollectionDeleted(test.db, collectionId, false)
    expect(await indexed()).toEqual([{ entry_id: id }])
    expect((await add({})).id).toBeGreaterThan(0)
  })
})

describe('changing a field’s type', () => {
  it('is tried first: says what would be lost and changes nothing', async () => {
    const pack = await addField(test.db, collectionId, fieldInput('short-text', 'pack'))
    const [ten, some] = [await add({ [pack.id]: '10' }, 'Bean'), await add({ [pack.id]: 'a handful' }, 'Pea')]
    await add({}, 'Leek')
    const trial = await tryConversion(test.db, pack.id, fieldInput('number', 'pack'))
    expect(trial).toEqual({
      total: 2,
      converted: 1,
      refusedCount: 1,
      refused: [{ entryId: some.id, title: 'Pea', text: 'a handful', message: 'This takes a number.' }],
    })
    expect(await valueOf(ten.id, pack)).toBe('10')
  })

  it('converts what it can, keeps the field’s id, and can be taken back', async () => {
    const pack = await addField(test.db, collectionId, fieldInput('short-text', 'pack'))
    const [ten, some] = [await add({ [pack.id]: '10' }, 'Bean'), await add({ [pack.id]: 'a handful' }, 'Pea')]
    const converted = await convertField(test.db, pack.id, fieldInput('number', 'pack', { sortable: true }))
    expect(converted).toMatchObject({ id: pack.id, type: 'number' })
    expect(await valueOf(ten.id, pack)).toBe(10)
    expect(await valueOf(some.id, pack)).toBeUndefined()
    // Who had the entry open before is told at the field, and nothing is written.
    expect(
      (
        await problemOf(
          saveEntry(
            test.db,
            ten.id,
            1,
            { ...rain, title: 'Bean', slug: 'bean', values: { [pack.id]: '10' } },
            site.writer,
          ),
        )
      ).details.faults[0]?.path,
    ).toBe(`values.${pack.id}`)
    const late = await add({ [pack.id]: 12 }, 'Leek')
    expect(await undoConversion(test.db, pack.id)).toMatchObject({ id: pack.id, type: 'short-text' })
    expect(await Promise.all([ten, some, late].map((entry) => valueOf(entry.id, pack)))).toEqual([
      '10',
      'a handful',
      '12',
    ])
    expect((await problemOf(undoConversion(test.db, pack.id))).status).toBe(404)
    expect(await test.db.selectFrom('long_work').select('id').execute()).toEqual([])
  })
})

describe('what a field is asked', () => {
  it('orders the table by its values, empty ones last, through an index made without a lock', async () => {
    const depth = await addField(test.db, collectionId, fieldInput('number', 'depth', { sortable: true }))
    await add({ [depth.id]: 10 }, 'Ten')
    await add({ [depth.id]: 9 }, 'Nine')
    await add({}, 'None')
    const ask = (direction: 'up' | 'down') =>
      entryTable(test.db, collectionId, { ...table, sort: `field:${depth.id}`, direction }, Date.now())
    expect((await ask('up')).rows.map((row) => row.title)).toEqual(['Nine', 'Ten', 'None'])
    expect((await ask('down')).rows.map((row) => row.title)).toEqual(['Ten', 'Nine', 'None'])
    const name = `field_${depth.id}_table_number`
    expect((await reconcileFieldIndexes(test.db)).made).toContain(name)
    expect((await reconcileFieldIndexes(test.db)).made).toEqual([])
    expect(
      (await problemOf(entryTable(test.db, collectionId, { ...table, sort: 'field:1' }, Date.now()))).details
        .faults[0]?.path,
    ).toBe('sort')
    await saveField(test.db, depth.id, fieldInput('number', 'depth'))
    expect((await reconcileFieldIndexes(test.db)).dropped).toContain(name)
  })

  it('follows a field that changes its type while its index stands', async () => {
    const depth = await addField(test.db, collectionId, fieldInput('number', 'depth', { sortable: true }))
    await add({ [depth.id]: 10 }, 'Ten')
    await add({ [depth.id]: 9 }, 'Nine')
    await reconcileFieldIndexes(test.db)
    await convertField(test.db, depth.id, fieldInput('short-text', 'depth', { sortable: true }))
    const round = await reconcileFieldIndexes(test.db)
    expect([
      round.dropped.includes(`field_${depth.id}_table_number`),
      round.made.some((one) => /^field_\d+_table_text_/.test(one)),
    ]).toEqual([true, true])
    const { rows } = await entryTable(
      test.db,
      collectionId,
      { ...table, sort: `field:${depth.id}` },
      Date.now(),
    )
    expect(
      rows.map((row) => row.title),
      'as texts go, numbers in them by value',
    ).toEqual(['Nine', 'Ten'])
  })

  it('makes an index anew that was left half made', async () => {
    const depth = await addField(test.db, collectionId, fieldInput('number', 'depth', { sortable: true }))
    await reconcileFieldIndexes(test.db)
    const name = `field_${depth.id}_listing_number`
    await sql`update pg_index set indisvalid = false where indexrelid = ${name}::regclass`.execute(test.db)
    const round = await reconcileFieldIndexes(test.db)
    expect(round.made).toContain(name)
    expect(round.dropped).toContain(name)
  })

  it('puts the keys of its values into the entry index, one number for each value', async () => {
    const kind = await addField(test.db, collectionId, fieldInput('yes-no', 'stock', { filterable: true }))
    const entries = [
      await add({ [kind.id]: true }, 'Bean'),
      await add({ [kind.id]: true }, 'Pea'),
      await add({ [kind.id]: false }, 'Leek'),
    ]
    const rows = await test.db
      .selectFrom('entry_index')
      .select(['entry_id', 'keys'])
      .where(
        'entry_id',
        'in',
        entries.map((one) => one.id),
      )
      .orderBy('entry_id')
      .execute()
    // One says what the value is, one that there is a value.
    expect(rows[0]?.keys).toHaveLength(2)
    expect(rows[1]?.keys).toEqual(rows[0]?.keys)
    expect(rows[2]?.keys).not.toEqual(rows[0]?.keys)
    await saveField(test.db, kind.id, fieldInput('yes-no', 'stock'))
    expect(
      (
        await test.db
          .selectFrom('entry_index')
          .select('keys')
          .where('entry_id', '=', entries[0]?.id ?? 0)
          .executeTakeFirstOrThrow()
      ).keys,
    ).toEqual([])
  })
  it('is indexed anew once where an older version indexed it', async () => {
    const kind = await addField(test.db, collectionId, fieldInput('yes-no', 'stock', { filterable: true }))
    const bean = await add({ [kind.id]: true }, 'Bean')
    const whole = await test.db
      .selectFrom('entry_index')
      .select('keys')
      .where('entry_id', '=', bean.id)
      .executeTakeFirstOrThrow()
    await test.db.updateTable('entry_index').set({ keys: [] }).where('entry_id', '=', bean.id).execute()
    await test.db.deleteFrom('entry_words').where('entry_id', '=', bean.id).execute()
    await test.db.updateTable('collections').set({ index_form: 0 }).where('id', '=', collectionId).execute()
    await indexOldAnew(test.db)
    expect(
      await test.db
        .selectFrom('entry_index')
        .select('keys')
        .where('entry_id', '=', bean.id)
        .executeTakeFirstOrThrow(),
    ).toEqual(whole)
    expect(
      await test.db
        .selectFrom('entry_words')
        .select('words')
        .where('entry_id', '=', bean.id)
        .executeTakeFirstOrThrow(),
    ).toEqual({ words: ['bean', 'title bean', '- bean'] })
    expect(
      (
        await test.db
          .selectFrom('collections')
          .select('index_form')
          .where('id', '=', collectionId)
          .executeTakeFirstOrThrow()
      ).index_form,
    ).toBe(3)
  })
})
