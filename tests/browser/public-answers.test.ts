import { brotliDecompressSync, gunzipSync } from 'node:zlib'
import { get, request as ask } from 'node:http'
import type { IncomingHttpHeaders } from 'node:http'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startApp, visitor } from './support/app'
import type { App } from './support/app'
import { firstListingOf, shapeWith } from './support/first-listing'

let app: App
beforeAll(async () => {
  app = await startApp({ env: { BUSHEL_HOSTS: '127.0.0.1, seeds.example' } })
  await pagesAreKept()
})
afterAll(() => app.stop())

interface Answer {
  readonly status: number
  readonly headers: IncomingHttpHeaders
  readonly body: Buffer
}

/** The bytes as they are sent: fetch would unpack them. */
function answer(path: string, headers: Record<string, string> = {}, method = 'GET'): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const send = method === 'GET' ? get : ask
    const request = send(`${app.address}${path}`, { headers, method }, (response) => {
      const chunks: Buffer[] = []
      response.on('data', (chunk: Buffer) => chunks.push(chunk))
      response.on('end', () =>
        resolve({ status: response.statusCode ?? 0, headers: response.headers, body: Buffer.concat(chunks) }),
      )
    })
    request.on('error', reject).end()
  })
}

/**
 * Until a server hears of changes it keeps no page. Each that is made says when it was made, so that
 * two with the same bytes are one.
 */
async function pagesAreKept(): Promise<void> {
  for (;;) {
    const [first, second] = [await answer('/field-notes'), await answer('/field-notes')]
    if (first.body.equals(second.body)) return
  }
}

// RFC 9110 (ETag, Vary, HEAD, 304, content codings) and RFC 9111 (freshness).
describe('a public page as it is sent', () => {
  it('is packed as it is wanted, and says that it differs by that', async () => {
    const plain = await answer('/field-notes')
    const [brotli, gzip] = [
      await answer('/field-notes', { 'accept-encoding': 'gzip, deflate, br' }),
      await answer('/field-notes', { 'accept-encoding': 'gzip' }),
    ]
    expect([plain, brotli, gzip].map((one) => one.headers['content-encoding'])).toEqual([
      undefined,
      'br',
      'gzip',
    ])
    expect(brotliDecompressSync(brotli.body).equals(plain.body)).toBe(true)
    expect(gunzipSync(gzip.body).equals(plain.body)).toBe(true)
    expect(brotli.body.length).toBeLessThan(plain.body.length / 4)
    for (const one of [plain, brotli, gzip]) {
      expect(one.headers).toMatchObject({
        vary: 'accept-encoding',
        etag: plain.headers.etag,
        'content-length': String(one.body.length),
      })
      expect(one.headers['cache-control']).toBe('public, max-age=0, s-maxage=1, must-revalidate')
    }
  })

  it('is sent the same way when it is made and when it is kept', async () => {
    const [made, kept] = [
      await answer('/our-years', { 'accept-encoding': 'br' }),
      await answer('/our-years', { 'accept-encoding': 'br' }),
    ]
    expect({ ...kept.headers, date: '' }).toEqual({ ...made.headers, date: '' })
    expect(kept.body.equals(made.body)).toBe(true)
    const safe = {
      'x-content-type-options': 'nosniff',
      'x-frame-options': 'SAMEORIGIN',
      'referrer-policy': 'same-origin',
    }
    for (const one of [made, kept])
      expect(one.headers).toMatchObject({ ...safe, 'cross-origin-opener-policy': 'same-origin' })
  })

  it('is for those alone who ask this site for it, kept or not', async () => {
    for (let time = 0; time < 2; time += 1) {
      expect((await answer('/orchard', { host: 'seeds.example:8080' })).status).toBe(200)
      expect((await answer('/orchard', { host: 'other.example' })).status).toBe(421)
    }
  })

  it('is not sent again to who has it, by any way of saying so', async () => {
    const { headers } = await answer('/')
    const etag = headers.etag ?? ''
    for (const tag of [etag, `"other", ${etag}`, etag.replace('W/', ''), '*']) {
      const same = await answer('/', { 'if-none-match': tag })
      expect({ tag, status: same.status, length: same.body.length, etag: same.headers.etag }).toEqual({
        tag,
        status: 304,
        length: 0,
        etag,
      })
    }
    expect((await answer('/', { 'if-none-match': '"other"' })).status).toBe(200)
  })

  it('is told of without being sent, with the same headers', async () => {
    const [whole, head] = [await answer('/'), await answer('/', {}, 'HEAD')]
    expect({ status: head.status, length: head.body.length }).toEqual({ status: 200, length: 0 })
    for (const name of [
      'etag',
      'content-length',
      'content-type',
      'vary',
      'cache-control',
      'content-security-policy',
    ])
      expect(head.headers[name], name).toBe(whole.headers[name])
  })

  it('is kept by nobody where it is a visitor’s own, or where nothing is', async () => {
    expect((await answer('/nothing-here')).headers).toMatchObject({ 'cache-control': 'no-cache' })
    const { publish } = await firstListingOf(app)
    await publish(shapeWith('grid'), {
      order: { keys: [{ by: 'shuffle', span: 'visit', number: 1 }], pinned: 'ignored' },
    })
    const own = await answer('/')
    expect(own.headers['set-cookie']?.[0]).toMatch(/^visit=/)
    expect(own.headers).toMatchObject({ 'cache-control': 'private, no-cache' })
    const cookie = own.headers['set-cookie']?.[0]?.split(';')[0] ?? ''
    const [one, again] = [await answer('/', { cookie }), await answer('/', { cookie })]
    const titles = ({ body }: Answer) =>
      Array.from(body.toString().matchAll(/data-entry="(\d+)"/g), ([, id]) => id)
    expect(titles(again)).toEqual(titles(one))
  })

  it('comes with styles, script, fonts and pictures that never change', async () => {
    const page = await visitor(app)
    const policies: Record<string, string> = {}
    page.on('response', (response) => {
      const path = new URL(response.url()).pathname
      if (/^\/(?:_site|media)\//.test(path)) policies[path] = response.headers()['cache-control'] ?? ''
    })
    await page.goto(`${app.address}/field-notes`, { waitUntil: 'networkidle2' })
    expect(Object.keys(policies).length).toBeGreaterThan(4)
    for (const [path, policy] of Object.entries(policies))
      expect(policy, path).toMatch(/max-age=31536000, immutable$/)
    await page.close()
  })

  it('counts its readers where it is kept, and each of them once a day', async () => {
    const entry = await app.db
      .selectFrom('entry_index as i')
      .innerJoin('entries as e', 'e.id', 'i.entry_id')
      .innerJoin('collections as c', 'c.id', 'i.collection_id')
      .select(['e.id', 'e.slug'])
      .where('c.slug', '=', 'our-years')
      .where('i.published_at', '<=', new Date())
      .executeTakeFirstOrThrow()
    const path = `/our-years/${entry.slug}`
    const read = async () => {
      const rows = await app.db
        .selectFrom('entry_reads')
        .select('count')
        .where('entry_id', '=', entry.id)
        .execute()
      return rows.reduce((sum, row) => sum + row.count, 0)
    }
    const before = await read()
    const made = await answer(path)
    for (const browser of ['118.0', '119.0', '119.0']) {
      const page = await visitor(app)
      await page.setUserAgent({
        userAgent: `Mozilla/5.0 (X11; Linux x86_64; rv:109.0) Gecko/20100101 Firefox/${browser}`,
      })
      const told = page.waitForResponse((response) => response.url().endsWith('/api/reads'))
      const shown = await page.goto(`${app.address}${path}`)
      expect(shown?.headers().etag).toBe(made.headers.etag)
      expect((await told).status()).toBe(204)
      await page.close()
    }
    await expect.poll(read, { timeout: 30_000 }).toBe(before + 2)
  })
})
