import { afterAll, beforeAll, expect, it } from 'vitest'
import { signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** Kilobytes of compressed script that a page of the bench may need before it is shown. */
const most = 220

it('the script that a page of the bench needs to be shown is small', async () => {
  const first = await signedIn(app)
  const { id } = await app.db
    .selectFrom('pages')
    .select('id')
    .where('path', '=', '/')
    .executeTakeFirstOrThrow()
  // Somebody signed in with a browser that has seen nothing of Bushel yet.
  const page = await visitor(app)
  await page.browserContext().setCookie(...(await first.browserContext().cookies()))
  const devtools = await page.createCDPSession()
  await devtools.send('Network.enable')
  const scripts = new Map<string, { readonly url: string; readonly askedAt: number; bytes: number }>()
  devtools.on('Network.requestWillBeSent', ({ requestId, type, request, wallTime }) => {
    if (type === 'Script' || request.url.endsWith('.js'))
      scripts.set(requestId, { url: request.url, askedAt: wallTime * 1000, bytes: 0 })
  })
  devtools.on('Network.dataReceived', ({ requestId, encodedDataLength }) => {
    const script = scripts.get(requestId)
    if (script) script.bytes += encodedDataLength
  })
  await page.goto(`${app.address}/bench/pages/${id}`)
  const shown = await page.waitForFunction(() => {
    const [edit] = performance.getEntriesByName('edit to page')
    return edit && performance.timeOrigin + edit.startTime + edit.duration
  })
  const shownAt = (await shown.jsonValue()) ?? 0
  // What is asked for from then on makes ready what may be opened.
  const needed = [...scripts.values()].filter((script) => script.askedAt <= shownAt)
  const bytes = needed.reduce((sum, script) => sum + script.bytes, 0)
  console.log(
    `First load of a page of the bench: ${Math.round(bytes / 1000)} KB in ${new Set(needed.map((one) => one.url)).size} scripts`,
  )
  expect(bytes).toBeGreaterThan(20_000)
  expect(bytes / 1000).toBeLessThan(most)
})
