import { spawn } from 'node:child_process'
import { createServer } from 'node:net'
import { fileURLToPath } from 'node:url'
import { sql } from 'kysely'
import { onTestFinished } from 'vitest'
import type { Browser, BrowserContext, Frame, Page, Viewport } from 'puppeteer-core'
import { demoAccount } from '~~/demo/account'
import type { Page as DraftedPage } from '~~/core/pages/definition'
import type { Db } from '~~/server/db/client'
import { readPage } from '~~/server/pages/stored-page'
import { demoDatabase, newSiteDatabase } from '../../database/support/database'
import { startBrowser } from './browser'
import { press, waitFor } from './hands'

const built = fileURLToPath(new URL('../../../.output/server/index.mjs', import.meta.url))

/** How long anything may take to appear, in milliseconds; a slow machine is no fault of the page. */
const patience = 60_000

export interface App {
  readonly address: string
  readonly db: Db
  readonly browser: Browser
  /** What the server wrote for whoever runs it. */
  readonly said: () => string
  readonly stop: () => Promise<void>
}

interface AppOptions {
  readonly site?: 'demo' | 'new'
  readonly env?: NodeJS.ProcessEnv
}

/** The built server with a database of its own, on the demo site or a new one, and a browser. */
export async function startApp({ site = 'demo', env = {} }: AppOptions = {}): Promise<App> {
  const [database, { browser, stop: stopBrowser }] = await Promise.all([
    site === 'demo' ? demoDatabase() : newSiteDatabase(),
    startBrowser(),
  ])
  const port = await freePort()
  const server = spawn(process.execPath, [built], {
    env: {
      ...process.env,
      DATABASE_URL: database.url,
      BUSHEL_SECRET: 'a secret of the tests that is long enough',
      HOST: '127.0.0.1',
      PORT: String(port),
      ...env,
    },
    stdio: ['ignore', 'ignore', 'pipe'],
  })
  let said = ''
  server.stderr.on('data', (written: Buffer) => (said += written.toString()))
  server.stderr.pipe(process.stderr)
  const ended = new Promise<void>((resolve) => server.once('exit', () => resolve()))
  const address = `http://127.0.0.1:${port}`
  await answers(`${address}/api/session`)
  return {
    address,
    db: database.db,
    browser,
    said: () => said,
    async stop() {
      await stopBrowser()
      server.kill('SIGTERM')
      await ended
      await database.drop()
    },
  }
}

/**
 * A page of a signed-in designer in a browser context of their own, with a session of its own. It
 * begins at the people, whose screen shows the least.
 */
export async function signedIn(app: App): Promise<Page> {
  const page = await visitor(app)
  await signIn(app, page)
  await page.goto(`${app.address}/bench/content/people`)
  await waitFor(page, 'link', 'Media')
  return page
}

/** The same, which begins at a page of the demo site in the bench, once that is shown. */
export async function inBench(app: App, title: string, viewport?: Viewport): Promise<Page> {
  const page = await visitor(app)
  if (viewport) await page.setViewport(viewport)
  await signIn(app, page)
  await openInBench(app, page, title)
  return page
}

async function signIn(app: App, page: Page): Promise<void> {
  const answer = await fetch(`${app.address}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: app.address },
    body: JSON.stringify({ email: demoAccount.email, password: demoAccount.password }),
  })
  if (!answer.ok) throw new Error(`Signing in was answered with ${answer.status}.`)
  await page.browserContext().setCookie(...answer.headers.getSetCookie().map(cookieOf))
}

/** The name and value of a Set-Cookie header; what else it says is as well unsaid for a test. */
function cookieOf(header: string): { name: string; value: string; domain: string; path: string } {
  const [pair = ''] = header.split(';')
  const at = pair.indexOf('=')
  return { name: pair.slice(0, at), value: pair.slice(at + 1), domain: '127.0.0.1', path: '/' }
}

/** A visitor's page, in a context that nobody else has while the test runs. */
export async function visitor(app: App, options: { script: boolean } = { script: true }): Promise<Page> {
  const page = await (await lentContext(app)).newPage()
  page.setDefaultTimeout(patience)
  await page.setJavaScriptEnabled(options.script)
  return page
}

/** Contexts that a test is done with: nothing is left in them but the files that were fetched. */
const free = new WeakMap<Browser, BrowserContext[]>()

/**
 * A context for as long as the test runs. To fetch and read the scripts of the bench anew takes more
 * than half the time that it takes to open a page, so what is fetched is kept for the next test.
 */
async function lentContext({ browser, address }: App): Promise<BrowserContext> {
  const context = free.get(browser)?.pop() ?? (await browser.createBrowserContext())
  onTestFinished(async () => {
    if (context.closed || !browser.connected) return
    await empty(context, address)
    free.set(browser, [...(free.get(browser) ?? []), context])
  })
  return context
}

async function empty(context: BrowserContext, origin: string): Promise<void> {
  const pages = await context.pages()
  const last = await context.newPage()
  await Promise.all(pages.map((page) => page.close()))
  const devtools = await last.createCDPSession()
  await devtools.send('Storage.clearDataForOrigin', {
    origin,
    storageTypes: 'cookies,local_storage,indexeddb,cache_storage,service_workers',
  })
  await last.close()
}

/** Opens the entries of a collection; links of that name may stand on the screen before, too. */
export async function openCollection(page: Page, name: string): Promise<void> {
  await press(page, 'link', 'Content')
  await waitFor(page, 'link', 'Media')
  await press(page, 'link', name)
  await waitFor(page, 'heading', name)
}

/** The draft of the page at a path. */
export async function pageDraft(app: App, path: string): Promise<DraftedPage> {
  const row = await app.db
    .selectFrom('pages')
    .select('draft')
    .where('path', '=', path)
    .executeTakeFirstOrThrow()
  return readPage(row.draft)
}

/** Makes the draft of a listing what is published of it. */
export async function asPublished(app: App, name: string): Promise<void> {
  await sql`update listings set draft = published, draft_version = draft_version + 1
    where published ->> 'name' = ${name}`.execute(app.db)
}

/** Opens a page of the demo site in the bench and waits until it is shown. */
export async function openInBench(app: App, page: Page, title: string): Promise<void> {
  const { id } = await app.db
    .selectFrom('pages')
    .select('id')
    .where(sql<string>`draft ->> 'title'`, '=', title)
    .executeTakeFirstOrThrow()
  do {
    await page.goto(`${app.address}/bench/pages/${id}`)
    await page.waitForSelector(`::-p-aria([name="${title}, the page as visitors get it"])`)
    await page.waitForFunction(() => performance.getEntriesByName('edit to page').length > 0, {
      polling: 50,
    })
  } while (!(await seesFrame(page)))
}

/** The page that the bench frames. */
export async function framed(page: Page): Promise<Frame> {
  const frame = await (await page.waitForSelector('iframe'))?.contentFrame()
  if (!frame) throw new Error('No page is framed.')
  return frame
}

/**
 * Whether the page in the frame can be looked at. Now and then what drives the browser goes on looking
 * at the empty document with which the frame began, and sees nothing in it for good.
 */
async function seesFrame(page: Page): Promise<boolean> {
  const frame = await (await page.$('iframe'))?.contentFrame()
  return frame != null && (await frame.$('main').catch(() => null)) !== null
}

async function answers(address: string): Promise<void> {
  const last = Date.now() + 30_000
  for (;;) {
    const ok = await fetch(address).then(
      (answer) => answer.ok,
      () => false,
    )
    if (ok) return
    if (Date.now() > last) throw new Error(`${address} does not answer.`)
    await new Promise((resolve) => setTimeout(resolve, 50))
  }
}

function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const server = createServer()
    server.once('error', reject)
    server.listen(0, '127.0.0.1', () => {
      const found = server.address()
      server.close(() =>
        found && typeof found === 'object' ? resolve(found.port) : reject(new Error('No port.')),
      )
    })
  })
}
