import { createServer } from 'node:http'
import { databaseUrl, openDatabase, poolOf } from '../../../server/db/client'
import type { Db } from '../../../server/db/client'
import { askingAnew } from '../../../server/listings/ask'
import { publicDocument } from '../../../server/pages/public-document'
import { answered, statementsOf, templateOf } from './template'

/**
 * Answers public pages of which nothing is kept: at `/rendered/…` as the server makes them, at
 * `/template/…` by a string template over the same statements.
 */
const db = openDatabase(databaseUrl(), 10)
const pool = poolOf(db)

async function rendered(path: string, on: Db = db): Promise<string> {
  const answer = await publicDocument(on, path, { now: Date.now(), page: null, visit: '' }, askingAnew(on))
  if (answer.status !== 200) throw new Error(`There is no page at ${path}.`)
  return answer.html
}

async function template(path: string): Promise<() => Promise<string>> {
  await rendered(path)
  let html = ''
  const statements = await statementsOf(pool, async (logged) => (html = await rendered(path, logged)))
  const write = templateOf(html, await answered(pool, statements))
  const made = async () => write(await answered(pool, statements))
  if ((await made()) !== html) throw new Error(`The template of ${path} writes another page.`)
  return made
}

const templates = new Map<string, Promise<() => Promise<string>>>()

const server = createServer((request, response) => {
  const [, kind, path = '/'] = /^\/(rendered|template)(\/.*)$/.exec(request.url ?? '') ?? []
  const known = templates.get(path) ?? template(path)
  templates.set(path, known)
  const answer = kind === 'rendered' ? rendered(path) : known.then((make) => make())
  answer.then(
    (html) => response.writeHead(200, { 'content-type': 'text/html; charset=utf-8' }).end(html),
    (error: unknown) => response.writeHead(500).end(String(error)),
  )
})
server.listen(Number(process.env.PORT), '127.0.0.1')
