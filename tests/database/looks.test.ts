import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { noCss } from '~~/core/looks/own-css/own-css'
import { readyMadeLooks } from '~~/core/looks/ready-made'
import type { Styles } from '~~/core/looks/styles'
import { wordsOf } from '~~/core/content/catalogue'
import { loadCatalogue } from '~~/server/content/catalogue'
import { addLook, saveLook, setLookDeleted, sharedLooks } from '~~/server/looks/looks'
import { problemOf } from './support/content'
import { newSiteDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await newSiteDatabase()
})
afterAll(() => test.drop())

const styles: Styles = [{ target: 'title', state: null, below: null, set: { weight: 700 } }]
const css = { text: ':--title { color: red }', isOn: true }
const names = async () => (await sharedLooks(test.db)).map(({ name }) => name)
const statuses = (done: readonly PromiseSettledResult<unknown>[]) =>
  done.map((one) => (one.status === 'fulfilled' ? 200 : (one.reason as { status: number }).status)).toSorted()

describe('looks', () => {
  it('are there to begin with on a new site', async () => {
    const all = await sharedLooks(test.db)
    expect(all.map(({ name, styles: set }) => [name, set])).toEqual(
      readyMadeLooks
        .map((one) => [one.title, one.styles])
        .toSorted(([one], [other]) => (String(one) < String(other) ? -1 : 1)),
    )
  })

  it('are what listings’ looks are named by', async () => {
    const { id } = await addLook(test.db, { name: 'Named', styles, css })
    expect(wordsOf(await loadCatalogue(test.db)).look(id)).toMatchObject({ name: 'Named', styles, css })
  })

  it('have a name each, whoever makes them at once', async () => {
    const done = await Promise.allSettled(
      ['Hedge', 'hedge', 'HEDGE', 'Hedge'].map((name) => addLook(test.db, { name, styles, css: noCss })),
    )
    expect(statuses(done)).toEqual([200, 422, 422, 422])
    const { id, version } = await addLook(test.db, { name: 'Ditch', styles, css: noCss })
    expect(
      await problemOf(saveLook(test.db, id, { name: 'hedge', styles, css: noCss, version })),
    ).toMatchObject({
      status: 422,
      details: { faults: [{ path: 'name' }] },
    })
    // Its own name in other letters is its own.
    expect(await saveLook(test.db, id, { name: 'ditch', styles, css: noCss, version })).toMatchObject({
      name: 'ditch',
    })
  })

  it('are changed by one of several at once; the others are told what there is', async () => {
    const look = await addLook(test.db, { name: 'Fought over', styles, css: noCss })
    const done = await Promise.allSettled(
      Array.from({ length: 5 }, (_, at) =>
        saveLook(test.db, look.id, { name: `Won by ${at}`, styles: [], css: noCss, version: look.version }),
      ),
    )
    expect(statuses(done)).toEqual([200, 409, 409, 409, 409])
    const [now] = (await sharedLooks(test.db)).filter(({ id }) => id === look.id)
    expect(now).toMatchObject({ version: look.version + 1, styles: [] })
    const lost = done.find((one) => one.status === 'rejected')
    expect(lost?.reason).toMatchObject({ details: { current: now } })
  })

  it('stay as they are where what comes in is none', async () => {
    const look = await addLook(test.db, { name: 'Kept', styles, css: noCss })
    const bad = { ...look, styles: [{ ...styles[0], set: { weight: 'heavy' } }] }
    const { id, name, version } = look
    for (const [wrong, path] of [
      [{ styles: bad.styles, css: noCss }, 'styles[0].set.weight'],
      [{ styles, css: { text: 7, isOn: true } }, 'css.text'],
    ] as const)
      expect(await problemOf(saveLook(test.db, id, { name, version, ...wrong }))).toMatchObject({
        status: 422,
        details: { faults: [{ path }] },
      })
    expect((await sharedLooks(test.db)).find((one) => one.id === id)).toEqual(look)
  })

  it('go and come back, unless another has the name by then', async () => {
    const { id } = await addLook(test.db, { name: 'Away', styles, css: noCss })
    await setLookDeleted(test.db, id, true)
    expect(await names()).not.toContain('Away')
    expect(
      (await problemOf(saveLook(test.db, id, { name: 'Away', styles, css: noCss, version: 1 }))).status,
    ).toBe(404)
    await setLookDeleted(test.db, id, false)
    expect(await names()).toContain('Away')
    await setLookDeleted(test.db, id, true)
    await addLook(test.db, { name: 'away', styles, css: noCss })
    expect((await problemOf(setLookDeleted(test.db, id, false))).status).toBe(422)
    expect((await problemOf(setLookDeleted(test.db, 999_999, true))).status).toBe(404)
  })
})
