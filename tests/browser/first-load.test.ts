import { afterAll, beforeAll, expect, it } from 'vitest'
import { signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** Kilobytes of compressed script that a page of the bench may need before it is shown. */
const most = 250

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
  const scripts = new Map<string, string>()
  let bytes = 0
  devtools.on('Network.requestWillBeSent', ({ requestId, type, request }) => {
    if (type === 'Script' || request.url.endsWith('.js')) scripts.set(requestId, request.url)
  })
  devtools.on('Network.dataReceived', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength
  })
  await page.goto(`${app.address}/bench/pages/${id}`)
  await page.waitForFunction(() => performance.getEntriesByName('edit to page').length > 0)
  console.log(
    `First load of a page of the bench: ${Math.round(bytes / 1000)} KB in ${new Set(scripts.values()).size} scripts`,
  )
  expect(bytes).toBeGreaterThan(20_000)
  expect(bytes / 1000).toBeLessThan(most)
})
