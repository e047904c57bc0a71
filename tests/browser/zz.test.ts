import { afterAll, beforeAll, it } from 'vitest'
import { inBench, signedIn, startApp } from './support/app'
import type { App } from './support/app'
import { chooseFrom, press, setNumber, waitFor, waitForStatus, waitForText, publish } from './support/hands'
let app: App
beforeAll(async () => { app = await startApp() })
afterAll(() => app.stop())
it('looks', async () => {
  const page = await inBench(app, 'Seed shelf', { width: 1280, height: 800 })
  await press(page, 'button', 'All seed shelf 30')
  await page.keyboard.press('3')
  await setNumber(page, 'Show', 4)
  await waitForStatus(page, 'Saved')
  await publish(page)
  await waitForText(page, 'body', `“Seed shelf” is live.`)
  await chooseFrom(page, 'mouse', 'What to do with All seed shelf', 'History')
  await new Promise((r) => setTimeout(r, 1500))
  await page.screenshot({ path: '/tmp/h.png' })
  const two = await signedIn(app)
  await two.setViewport({ width: 1280, height: 800 })
  await press(two, 'link', 'Listings')
  await waitFor(two, 'link', 'Latest notes on From the hill')
  await press(two, 'button', 'Delete')
  await waitForText(two, 'main', 'until that is published')
  await two.evaluate(() => Array.from(document.querySelectorAll('main li')).find((one) => one.textContent?.includes('until that is'))?.scrollIntoView({ block: 'center' }))
  await new Promise((r) => setTimeout(r, 500))
  await two.screenshot({ path: '/tmp/l2.png' })
})
