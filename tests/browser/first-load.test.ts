import { afterAll, beforeAll, expect, it } from 'vitest'
import { openInBench, signedIn, startApp } from './support/app'
import type { App } from './support/app'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** Kilobytes of compressed script that a page of the bench may need before it is shown. */
const most = 250

it('the script that a page of the bench needs to be shown is small', async () => {
  const page = await signedIn(app)
  await openInBench(page, 'From the hill')
  await page.goto('about:blank')
  const devtools = await page.createCDPSession()
  await devtools.send('Network.enable')
  await devtools.send('Network.setCacheDisabled', { cacheDisabled: true })
  const scripts = new Map<string, string>()
  let bytes = 0
  devtools.on('Network.requestWillBeSent', ({ requestId, type, request }) => {
    if (type === 'Script' || request.url.endsWith('.js')) scripts.set(requestId, request.url)
  })
  devtools.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) {
      bytes += encodedDataLength
      console.log(encodedDataLength, scripts.get(requestId))
    }
  })
  const { id } = await app.db
    .selectFrom('pages')
    .select('id')
    .where('path', '=', '/')
    .executeTakeFirstOrThrow()
  await page.goto(`${app.address}/bench/pages/${id}`)
  await page.waitForFunction(() => performance.getEntriesByName('edit to page').length > 0)
  console.log(`First load of a page of the bench: ${Math.round(bytes / 1000)} KB in ${scripts.size} scripts`)
  expect(bytes).toBeGreaterThan(20_000)
  expect(bytes / 1000).toBeLessThan(most)
})
