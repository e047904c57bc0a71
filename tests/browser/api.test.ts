import { readdirSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { sql } from 'kysely'
import { blankEntry } from '~~/core/content/entry-input'
import { demoAccount } from '~~/demo/account'
import { hashPassword } from '~~/server/people/passwords'
import { startApp } from './support/app'
import type { App } from './support/app'

let app: App
let cookie: string
let entryId: number
let collectionId: number
let pageId: number
beforeAll(async () => {
  app = await startApp()
  cookie = await signIn(demoAccount.email, demoAccount.password)
  entryId = (await app.db.selectFrom('entries').select('id').limit(1).executeTakeFirstOrThrow()).id
  collectionId = (await app.db.selectFrom('collections').select('id').limit(1).executeTakeFirstOrThrow()).id
  pageId = (await app.db.selectFrom('pages').select('id').where('path', '=', '/').executeTakeFirstOrThrow())
    .id
})
afterAll(() => app.stop())

async function signIn(email: string, password: string): Promise<string> {
  const answer = await send('POST', '/api/session', { email, password }, {})
  expect(answer.status).toBe(200)
  return answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ')
}

function send(
  method: string,
  path: string,
  body: unknown,
  headers: Record<string, string> = { cookie },
): Promise<Response> {
  return fetch(`${app.address}${path}`, {
    method,
    headers: { 'sec-fetch-site': 'same-origin', 'content-type': 'application/json', ...headers },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  })
}

const writes = () =>
  [
    ['POST', `/api/bench/collections/${collectionId}/entries`],
    ['PUT', `/api/bench/entries/${entryId}`],
    ['PUT', `/api/bench/pages/${pageId}/draft`],
    ['POST', `/api/bench/pages/${pageId}/publish`],
    ['POST', `/api/bench/pages/${pageId}/preview`],
    ['POST', '/api/bench/listings/card-samples'],
    ['POST', '/api/bench/listings/samples'],
    ['POST', '/api/bench/listings/why'],
    ['POST', '/api/bench/facets/999999/counts'],
    ['POST', '/api/bench/collections'],
    ['PUT', `/api/bench/collections/${collectionId}`],
    ['PUT', `/api/bench/collections/${collectionId}/happening`],
    ['POST', `/api/bench/collections/${collectionId}/fields`],
    ['PUT', `/api/bench/collections/${collectionId}/fields/order`],
    ['POST', `/api/bench/collections/${collectionId}/bulk`],
    ['PUT', '/api/bench/fields/999999'],
    ['POST', '/api/bench/fields/999999/conversion'],
    ['PUT', '/api/bench/fields/999999/conversion'],
    ['PUT', '/api/bench/media/999999'],
    ['POST', '/api/bench/facets'],
    ['PUT', '/api/bench/facets/999999'],
    ['POST', '/api/bench/facets/999999/terms'],
    ['PUT', '/api/bench/terms/999999'],
    ['PUT', '/api/bench/terms/999999/place'],
    ['POST', '/api/bench/terms/999999/merge'],
    ['POST', '/api/bench/authors'],
    ['PUT', '/api/bench/authors/999999'],
    ['PUT', '/api/bench/site/values'],
    ['POST', '/api/bench/looks'],
    ['PUT', '/api/bench/looks/999999'],
    ['POST', '/api/bench/invitations'],
    ['PUT', '/api/bench/password'],
    ['POST', `/api/bench/entries/${entryId}/versions/1/restore`],
  ] as const

/** Every route of the bench that answers to one of the methods, found by its file. */
function everyRoute(...methods: readonly string[]): readonly (readonly [method: string, path: string])[] {
  const files = readdirSync('server/api/bench', { recursive: true, encoding: 'utf8' }).map((file) =>
    file.replaceAll('\\', '/'),
  )
  return files.flatMap((file) => {
    const [, route, method] = /^(.+)\.(\w+)\.ts$/.exec(file) ?? []
    if (route === undefined || method === undefined || !methods.includes(method)) return []
    const path = route.replace(/\/index$/, '').replaceAll(/\[\w+\]/g, '999999')
    return [[method.toUpperCase(), `/api/bench/${path}`] as const]
  })
}

const everyWrite = () => everyRoute('post', 'put', 'delete')

describe('the API', () => {
  it('answers nobody who is not signed in', async () => {
    const reads = everyRoute('get')
    expect(reads.length).toBeGreaterThan(15)
    for (const [, path] of reads) expect((await fetch(app.address + path)).status, path).toBe(401)
    expect(everyWrite().length).toBeGreaterThan(writes().length)
    for (const [method, path] of everyWrite())
      expect((await send(method, path, {}, {})).status, `${method} ${path}`).toBe(401)
  })

  it('takes no write that another site caused', async () => {
    for (const [method, path] of [
      ...everyWrite(),
      ['POST', '/api/session'] as const,
      ['POST', '/api/presses'] as const,
    ]) {
      expect((await send(method, path, {}, { cookie, 'sec-fetch-site': 'cross-site' })).status, path).toBe(
        403,
      )
      expect(
        (await send(method, path, {}, { cookie, origin: 'http://elsewhere.example' })).status,
        path,
      ).toBe(403)
    }
  })

  it('lets writers write entries and not publish pages', async () => {
    const password_hash = await hashPassword('only words')
    await app.db
      .insertInto('accounts')
      .values({ email: 'writer@test.example', name: 'W', role: 'writer', password_hash })
      .execute()
    const writer = { cookie: await signIn('writer@test.example', 'only words') }
    expect((await send('POST', `/api/bench/pages/${pageId}/publish`, { version: 1 }, writer)).status).toBe(
      403,
    )
    expect((await send('PUT', `/api/bench/pages/${pageId}/draft`, {}, writer)).status).toBe(403)
    expect((await send('POST', `/api/bench/collections/${collectionId}/entries`, {}, writer)).status).toBe(
      422,
    )
    expect((await send('POST', '/api/bench/collections', {}, writer)).status).toBe(403)
    expect((await send('DELETE', `/api/bench/collections/${collectionId}`, {}, writer)).status).toBe(403)
    expect((await send('POST', `/api/bench/collections/${collectionId}/fields`, {}, writer)).status).toBe(403)
    const ofPages: readonly (readonly ['POST' | 'PUT' | 'DELETE', string])[] = [
      ['POST', ''],
      ['POST', '/usual'],
      ['PUT', '/order'],
      ['PUT', `/${pageId}`],
      ['DELETE', `/${pageId}`],
      ['POST', `/${pageId}/restore`],
      ['POST', `/${pageId}/copy`],
      ['POST', `/${pageId}/front`],
      ['PUT', `/${pageId}/plan`],
      ['DELETE', `/${pageId}/plan`],
    ]
    for (const [method, path] of ofPages)
      expect((await send(method, `/api/bench/pages${path}`, {}, writer)).status, path).toBe(403)
    for (const path of ['facets', 'facets/1/terms', 'terms/1/merge', 'invitations'])
      expect((await send('POST', `/api/bench/${path}`, {}, writer)).status, path).toBe(403)
    for (const path of ['terms/1', 'fields/1', 'facets/1', 'accounts/1', 'authors/1'])
      expect((await send('DELETE', `/api/bench/${path}`, {}, writer)).status, path).toBe(403)
    expect((await send('GET', '/api/bench/accounts', undefined, writer)).status).toBe(403)
  })

  it('answers bad input with 4xx, a message and the field, whatever comes', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...writes()),
        fc.oneof(
          fc.jsonValue(),
          fc.string(),
          fc.record({
            version: fc.jsonValue(),
            entry: fc.jsonValue(),
            page: fc.jsonValue(),
            listings: fc.jsonValue(),
          }),
        ),
        async ([method, path], body) => {
          const answer = await send(method, path, body as unknown)
          const problem = (await answer.json()) as { detail?: string; faults?: unknown[] }
          expect(answer.status).toBeGreaterThanOrEqual(400)
          expect(answer.status).toBeLessThan(500)
          expect(problem.detail).toBeTruthy()
          if (answer.status === 422) expect(problem.faults?.length).toBeGreaterThan(0)
        },
      ),
      { numRuns: 240 },
    )
  })

  it.each([
    ['perPage=0', 'perPage'],
    ['page=x', 'page'],
    ['sort=hat', 'sort'],
    ['direction=left', 'direction'],
    ['state=gone', 'state'],
  ])('names what is wrong in a question: %s', async (query, field) => {
    const answer = await fetch(`${app.address}/api/bench/collections/${collectionId}/entries?${query}`, {
      headers: { cookie },
    })
    expect(answer.status).toBe(422)
    expect(((await answer.json()) as { faults: { path: string }[] }).faults[0]?.path).toBe(field)
  })

  it('says so when the disk is full, and nothing is half written', async () => {
    const full = sql`raise exception 'could not extend file' using errcode = '53100'`
    await sql`create function no_room() returns trigger language plpgsql as $$ begin ${full}; end $$`.execute(
      app.db,
    )
    // The last of what a save writes, so that all before it must be taken back.
    await sql`create trigger no_room before insert on changes execute function no_room()`.execute(app.db)
    const input = { ...blankEntry, title: 'Written on a full disk', slug: 'written-on-a-full-disk' }
    const written = () => send('POST', `/api/bench/collections/${collectionId}/entries`, input)
    const refused = await written()
    expect({ status: refused.status, problem: await refused.json() }).toMatchObject({
      status: 507,
      problem: { title: 'No room left' },
    })
    expect(await app.db.selectFrom('entries').select('id').where('slug', '=', input.slug).execute()).toEqual(
      [],
    )
    await sql`drop function no_room cascade`.execute(app.db)
    expect((await written()).status).toBe(200)
  })

  it('says 404 for what is not there, and for pictures nobody made', async () => {
    for (const path of [
      '/api/nothing',
      '/api/bench/entries/999999',
      '/api/bench/entries/abc',
      '/api/bench/pages/999999',
    ])
      expect((await fetch(`${app.address}${path}`, { headers: { cookie } })).status, path).toBe(404)
    for (const path of ['/media/0123456789abcdef/160', '/media/..%2f..%2fetc/passwd', '/media/x/1'])
      expect((await fetch(`${app.address}${path}`)).status, path).toBe(404)
  })

  it('ends a session for good', async () => {
    const mine = await signIn(demoAccount.email, demoAccount.password)
    expect((await fetch(`${app.address}/api/bench/catalogue`, { headers: { cookie: mine } })).status).toBe(
      200,
    )
    await send('DELETE', '/api/session', {}, { cookie: mine })
    expect((await fetch(`${app.address}/api/bench/catalogue`, { headers: { cookie: mine } })).status).toBe(
      401,
    )
  })
})
