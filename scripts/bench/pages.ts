import { spawn } from 'node:child_process'
import type { ChildProcess } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { request } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import vue from '@vitejs/plugin-vue'
import autocannon from 'autocannon'
import { build } from 'vite'
import { entryInputOf } from '../../core/content/entry-input'
import { loadEntry, saveEntry } from '../../server/content/entries'
import { databaseUrl, openDatabase, withoutHurry } from '../../server/db/client'
import { millionPage, shuffledPage } from './pages/million'

/**
 * How many requests a second public pages answer: kept, made anew, by a string template, and from a
 * plain server.
 */
const rounds = 3
/** Of a measure, in seconds. */
const duration = Number(process.env.BENCH_SECONDS ?? 4)
/** Before it, in seconds: at a dozen pages a second, code is slow for a while. */
const warmUp = 5
const connections = 16
const entries = Number(process.env.BENCH_ENTRIES ?? 1_000_000)

const asBrowsersDo = { accept: 'text/html', 'accept-encoding': 'gzip, deflate, br' }
/** What the plain server's own connections say for themselves. */
const ofConnection = new Set(['date', 'connection', 'keep-alive'])

const root = process.cwd()
/** Free ones, for the three servers. */
const ports = (process.env.BENCH_PORTS ?? '').split(',')

const db = openDatabase(databaseUrl(), 2)
const writer = await db.selectFrom('accounts').select('id').executeTakeFirstOrThrow()
const note = await db
  .selectFrom('entries as e')
  .innerJoin('collections as c', 'c.id', 'e.collection_id')
  .select(['e.id', 'e.slug'])
  .where('c.slug', '=', 'field-notes')
  .where('e.status', '=', 'published')
  .where('e.published_at', '<=', new Date())
  .orderBy('e.published_at', 'desc')
  .executeTakeFirstOrThrow()
const log = await db
  .connection()
  .execute((connection) => withoutHurry(connection, () => millionPage(connection, entries)))
const logged = await db
  .selectFrom('entries')
  .select('id')
  .where('slug', '=', 'log-3')
  .executeTakeFirstOrThrow()
/** The paths, and an entry that is shown on each. */
const pages = [
  { path: '/', entry: note.id },
  { path: '/field-notes', entry: note.id },
  { path: `/field-notes/${note.slug}`, entry: note.id },
  { path: '/gardens-we-made', entry: await newestOf('gardens-we-made') },
  // Its side is shared with another page.
  { path: '/growers-words', entry: await newestOf('growers-words') },
  // A menu and pasted code stand on it.
  { path: '/swap-days', entry: await newestOf('swap-days') },
  { path: log, entry: logged.id },
]

const folder = mkdtempSync(join(tmpdir(), 'bushel-bench-'))
const children: ChildProcess[] = []
try {
  const kept = await serve([join(root, '.output/server/index.mjs')], {
    NITRO_HOST: '127.0.0.1',
    BUSHEL_SECRET: 'bench',
  })
  const plain = await serve([join(root, 'scripts/bench/pages/plain.mjs')], {
    ANSWERS: await answersOf(kept.url),
  })
  const unkept = await serve([await bundled()], {})
  const kinds = [
    { name: 'plain server', ...plain },
    { name: 'kept', ...kept },
    { name: 'string template', ...unkept, url: `${unkept.url}/template` },
    { name: 'not kept', ...unkept, url: `${unkept.url}/rendered` },
  ] as const
  console.log(
    `| page | served | requests/s | ratio | p50, ms | p99 | processor, µs each | with a change a second | p99 | of the calm rate |\n${'|---'.repeat(10)}|`,
  )
  for (const page of pages) await measured(page, kinds)
  await measuredByVisit(kept)
} finally {
  children.forEach((child) => child.kill())
  rmSync(folder, { recursive: true })
  await db.destroy()
}

/** A server that was started. */
interface Served {
  readonly url: string
  readonly process: number
}

type Kinds = readonly (Served & { readonly name: string })[]

/**
 * Measures a page of every kind, taking turns, and prints a row for each. A kind is compared with
 * the one before it.
 */
async function measured({ path, entry }: (typeof pages)[number], kinds: Kinds): Promise<void> {
  for (const kind of kinds) await rateOf(kind, path, warmUp)
  const calm = await rates(kinds, path)
  const changed = await whileChanging(entry, () => rates(kinds, path))
  for (const [at, { name }] of kinds.entries()) {
    const [own, under] = [calm[at], changed[at]]
    const other = calm[at % 2 === 1 ? at - 1 : at]
    if (own === undefined || under === undefined || other === undefined) continue
    const ratio = (own.rate / other.rate).toFixed(2)
    const whileChanging = `${under.rate.toFixed(0)} | ${under.p99} | ${(under.rate / own.rate).toFixed(2)}`
    console.log(
      `| ${path} | ${name} | ${own.rate.toFixed(0)} | ${ratio} | ${own.p50} | ${own.p99} | ${own.work.toFixed(0)} | ${whileChanging} |`,
    )
  }
}

/** A page that is made anew for each visit, of the server alone: no visit's document is kept for others. */
async function measuredByVisit(server: Served): Promise<void> {
  const { collection_id: id } = await db
    .selectFrom('entries')
    .select('collection_id')
    .where('id', '=', note.id)
    .executeTakeFirstOrThrow()
  const path = await shuffledPage(db, id)
  const [own] = await rates([{ name: 'by visit', ...server }], path)
  if (own !== undefined)
    console.log(
      `| ${path} | made for each visit | ${own.rate.toFixed(0)} | | ${own.p50} | ${own.p99} | ${own.work.toFixed(0)} | | | |`,
    )
}

interface Rate {
  readonly rate: number
  readonly p50: number
  readonly p99: number
  /** Microseconds of the processor that the server spent on a request. */
  readonly work: number
}

/** The middle one of so many rounds, for each kind. */
async function rates(kinds: Kinds, path: string): Promise<readonly Rate[]> {
  const found: Rate[][] = kinds.map(() => [])
  for (let round = 0; round < rounds; round += 1)
    for (const [at, kind] of kinds.entries()) found[at]?.push(await rateOf(kind, path))
  return found.map(
    (all) =>
      all.toSorted((a, b) => a.rate - b.rate)[Math.floor(rounds / 2)] ?? { rate: 0, p50: 0, p99: 0, work: 0 },
  )
}

async function rateOf({ url, process: id }: Served, path: string, seconds = duration): Promise<Rate> {
  const begun = workOf(id)
  const { requests, latency, non2xx, errors } = await autocannon({
    url: url + path,
    connections,
    duration: seconds,
    headers: asBrowsersDo,
  })
  if (non2xx + errors > 0) throw new Error(`${url}${path} failed ${non2xx + errors} times.`)
  return {
    rate: requests.average,
    p50: latency.p50,
    p99: latency.p99,
    work: (workOf(id) - begun) / Math.max(1, requests.total),
  }
}

/**
 * Microseconds that a process has worked, itself and for the system: clock ticks of 10 ms (proc(5),
 * stat).
 */
function workOf(id: number): number {
  const fields = readFileSync(`/proc/${id}/stat`, 'utf8').split(') ')[1]?.split(' ') ?? []
  return (Number(fields[11]) + Number(fields[12])) * 10_000
}

/** Does some work while an entry is changed every second. */
async function whileChanging<T>(entry: number, work: () => Promise<T>): Promise<T> {
  let over = false
  const change = async () => {
    while (!over) await Promise.all([touched(entry), new Promise((done) => setTimeout(done, 1000))])
  }
  const [done] = await Promise.all([work().finally(() => (over = true)), change()])
  return done
}

/** Gives an entry another summary, as somebody at the bench would. */
async function touched(id: number): Promise<void> {
  const entry = await loadEntry(db, id)
  const summary = `What it says since ${Date.now()}.`
  await saveEntry(db, id, entry.version, { ...entryInputOf(entry), summary }, writer)
}

async function newestOf(collection: string): Promise<number> {
  const found = await db
    .selectFrom('entry_index as i')
    .innerJoin('collections as c', 'c.id', 'i.collection_id')
    .select('i.entry_id')
    .where('c.slug', '=', collection)
    .where('i.published_at', '<=', new Date())
    .orderBy('i.published_at', 'desc')
    .executeTakeFirstOrThrow()
  return found.entry_id
}

/** Starts a server, and waits until it answers. */
async function serve(args: readonly string[], env: Readonly<Record<string, string>>): Promise<Served> {
  const port = ports[children.length] ?? ''
  const child = spawn(process.execPath, [...args], {
    env: { ...process.env, NODE_ENV: 'production', PORT: port, NITRO_PORT: port, ...env },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  children.push(child)
  const url = `http://127.0.0.1:${port}`
  for (let tries = 0; ; tries += 1) {
    const answer = await fetch(`${url}/none`).catch(() => null)
    if (answer !== null) return { url, process: child.pid ?? 0 }
    if (tries === 200) throw new Error(`${args.join(' ')} did not start.`)
    await new Promise((done) => setTimeout(done, 100))
  }
}

/** A file of what the server answers at each path: its headers and its bytes as they are sent. */
async function answersOf(url: string): Promise<string> {
  const answers = await Promise.all(pages.map(({ path }) => sentAt(url, path)))
  const file = join(folder, 'answers.json')
  writeFileSync(file, JSON.stringify(answers))
  return file
}

function sentAt(
  url: string,
  path: string,
): Promise<{ readonly path: string; readonly headers: object; readonly body: string }> {
  return new Promise((resolve, reject) => {
    const sent = request(url + path, { headers: asBrowsersDo }, (response) => {
      const parts: Buffer[] = []
      response.on('data', (part: Buffer) => parts.push(part))
      response.on('end', () => {
        const headers = Object.fromEntries(
          Object.entries(response.headers).filter(([name]) => !ofConnection.has(name)),
        )
        resolve({ path, headers, body: Buffer.concat(parts).toString('base64') })
      })
    })
    sent.on('error', reject).end()
  })
}

/** The server of unkept pages, built as the real one is. */
async function bundled(): Promise<string> {
  await build({
    configFile: false,
    logLevel: 'warn',
    root,
    mode: 'production',
    plugins: [
      vue(),
      {
        name: 'site-assets',
        resolveId: (id) => (id === '#bushel/site-assets' ? id : null),
        load: (id) =>
          id === '#bushel/site-assets'
            ? `export const assets = { stylesheet: '/_site/site.css', script: '/_site/enhance.js', fontFiles: {} }`
            : null,
      },
    ],
    build: {
      ssr: 'scripts/bench/pages/unkept.ts',
      outDir: join(root, '.data/bench-server'),
      emptyOutDir: true,
      minify: false,
    },
  })
  return join(root, '.data/bench-server/unkept.js')
}
