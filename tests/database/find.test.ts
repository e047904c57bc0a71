import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { findThings } from '~~/server/find/find'
import { setPageDeleted } from '~~/server/pages/making-pages'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await demoDatabase()
})
afterAll(() => test.drop())

async function found(typed: string): Promise<readonly string[]> {
  return (await findThings(test.db, typed)).map((one) => `${one.kind}: ${one.title}`)
}

describe('finding anything', () => {
  it.each([
    ['drying pods', 'entry: Drying bean pods when it will not stop raining'],
    ['DRYING', 'entry: Drying bean pods when it will not stop raining'],
    ['orch', 'page: Orchard'],
    ['wildlife notes', 'listing: Wildlife notes'],
    ['wildlife orchard', 'listing: Wildlife notes'],
    ['gardens', 'collection: Gardens we made'],
    ['compost topic', 'term: Compost'],
    ['thackaberry', 'author: Juno Thackaberry'],
  ])('“%s” finds %s', async (typed, thing) => {
    expect(await found(typed)).toContain(thing)
  })

  it('begins with what is called just that', async () => {
    expect((await found('orchard'))[0]).toMatch(/: Orchard$/)
  })

  it.each(['', '   ', 'zzz nothing', '%', '_', '\\', "'; drop table pages; --"])(
    'finds nothing for %j, and is not led astray by it',
    async (typed) => {
      expect((await found(typed)).filter((one) => !one.includes(typed))).toEqual([])
    },
  )

  it('tells eight of a kind at most, and where each is opened', async () => {
    const things = await findThings(test.db, 'e')
    for (const kind of ['entry', 'term', 'page'] as const)
      expect(things.filter((one) => one.kind === kind).length).toBeLessThanOrEqual(8)
    expect(things.every((one) => one.to.startsWith('/bench/'))).toBe(true)
  })

  it('does not tell of what was deleted', async () => {
    const { id } = await test.db
      .selectFrom('pages')
      .select('id')
      .where('path', '=', '/orchard')
      .executeTakeFirstOrThrow()
    await setPageDeleted(test.db, id, true)
    expect((await found('orchard')).filter((one) => one === 'page: Orchard')).toEqual([])
    await setPageDeleted(test.db, id, false)
  })
})
