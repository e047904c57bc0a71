import { request as open } from 'node:http'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { escapeHtml } from '~~/core/content/rich-text/html'
import { demoAccount } from '~~/demo/account'
import { malformed, routes } from '../support/malformed'
import { startApp } from './support/app'
import type { App } from './support/app'

/** How many requests: a sample in every run, all of them where `npm run fuzz` asks. */
const count = Number(process.env.BUSHEL_FUZZ ?? 2000)
const seed = Number(process.env.BUSHEL_FUZZ_SEED ?? 10)
const longest = 2000
const long = 120_000 + count * 60

let app: App
let cookie: string
beforeAll(async () => {
  app = await startApp()
  const answer = await fetch(`${app.address}/api/session`, {
    method: 'POST',
    headers: { 'sec-fetch-site': 'same-origin', 'content-type': 'application/json' },
    body: JSON.stringify({ email: demoAccount.email, password: demoAccount.password }),
  })
  cookie = answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ')
})
afterAll(() => app.stop())

async function idsThere() {
  const first = async (table: 'collections' | 'entries' | 'pages') =>
    (await app.db.selectFrom(table).select('id').orderBy('id').executeTakeFirstOrThrow()).id
  return { collection: await first('collections'), entry: await first('entries'), page: await first('pages') }
}

/** What nobody should be told: statuses of 500 and more, and answers that take too long. */
async function faultOf(one: {
  readonly method: string
  readonly address: string
  readonly body: string | undefined
}): Promise<string | null> {
  // Signing out or closing the account would leave the rest to be refused alike.
  if (one.method === 'DELETE' && /session|accounts/.test(one.address)) return null
  const begun = performance.now()
  const control = new AbortController()
  const answer = await fetch(`${app.address}${one.address}`, {
    method: one.method,
    redirect: 'manual',
    signal: control.signal,
    headers: {
      cookie,
      'sec-fetch-site': 'same-origin',
      ...(one.body !== undefined && { 'content-type': 'application/json' }),
    },
    body: one.body,
  })
  const took = performance.now() - begun
  if (answer.headers.get('content-type')?.startsWith('text/event-stream') === true) control.abort()
  else await answer.arrayBuffer()
  if (answer.status < 500 && took < longest) return null
  return `${answer.status} after ${Math.round(took)} ms: ${one.method} ${one.address.slice(0, 200)} ${one.body?.slice(0, 400) ?? ''}`
}

describe('malformed requests', () => {
  it(
    'are answered with what is wrong, never as a fault of the server, and in time: every route, every kind of wrong value',
    async () => {
      const all = malformed(routes(), await idsThere(), count, seed)
      const faults: string[] = []
      const lanes = [0, 1, 2, 3].map(async (lane) => {
        for (const one of all.filter((_, at) => at % 4 === lane)) {
          const fault = await faultOf(one)
          if (fault !== null) faults.push(fault)
        }
      })
      await Promise.all(lanes)
      expect(faults).toEqual([])
    },
    long,
  )

  it('are measured while they come: a body that does not end is refused, and takes no memory', async () => {
    const status = await new Promise<number>((resolve, reject) => {
      const sending = open(
        `${app.address}/api/session`,
        {
          method: 'POST',
          headers: {
            'sec-fetch-site': 'same-origin',
            'content-type': 'application/json',
            'transfer-encoding': 'chunked',
          },
        },
        (answer) => {
          resolve(answer.statusCode ?? 0)
          answer.resume()
          sending.destroy()
        },
      )
      sending.on('error', reject)
      const chunk = '[],'.repeat(20_000)
      const more = () => {
        if (sending.destroyed) return
        if (sending.write(chunk)) setImmediate(more)
        else sending.once('drain', more)
      }
      sending.write('[')
      more()
    })
    expect(status).toBe(413)
  })

  it('tell twenty faults at most, and never what was sent', async () => {
    const body = JSON.stringify({
      ids: Array.from({ length: 9000 }, () => 'x'.repeat(40)),
      action: { do: 'publish' },
    })
    const answer = await fetch(`${app.address}/api/bench/collections/${(await idsThere()).collection}/bulk`, {
      method: 'POST',
      headers: { cookie, 'sec-fetch-site': 'same-origin', 'content-type': 'application/json' },
      body,
    })
    const text = await answer.text()
    expect(answer.status).toBe(422)
    expect(text.length).toBeLessThan(12_000)
    expect((JSON.parse(text) as { faults: unknown[] }).faults).toHaveLength(20)
  })
})

describe('every answer', () => {
  it.each(['/', '/mark.svg', '/bench', '/nothing.php', '/media/0123456789abcdef/1', '/api/nothing'])(
    'keeps to itself what it is made with, and is not taken for anything else: %s',
    async (path) => {
      const answer = await fetch(`${app.address}${path}`)
      expect(answer.headers.get('x-powered-by')).toBeNull()
      expect(answer.headers.get('x-content-type-options')).toBe('nosniff')
      expect(answer.headers.get('x-frame-options')).toBe('SAMEORIGIN')
    },
  )

  it('is the site’s own where there is nothing, not the bench’s', async () => {
    // What was sent before may have given the site another name.
    const { name } = await app.db.selectFrom('site').select('name').executeTakeFirstOrThrow()
    for (const path of ['/nothing', '/nothing.php', '/field-notes/{slug}', '/%00']) {
      const answer = await fetch(`${app.address}${path}`)
      expect(answer.status, path).toBe(404)
      expect(await answer.text(), path).toContain(escapeHtml(name))
    }
  })
})
