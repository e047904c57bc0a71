import { request } from 'node:http'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startApp, visitor } from './support/app'
import type { App } from './support/app'
import { fill, press, waitFor, waitForText } from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp({ site: 'new', env: { BUSHEL_HOSTS: '127.0.0.1, seeds.example' } })
})
afterAll(() => app.stop())

/** What is answered to a request that names this host. */
function statusFor(host: string): Promise<number> {
  return new Promise((resolve, reject) => {
    request(`${app.address}/`, { headers: { host } }, (answer) => resolve(answer.resume().statusCode ?? 0))
      .on('error', reject)
      .end()
  })
}

describe('a new site', () => {
  it('is given to whoever has the code that the server wrote, and begins empty', async () => {
    const [, code = ''] = /type the code ([0-9a-f-]+)/.exec(app.said()) ?? []
    const page = await visitor(app)
    await page.setViewport({ width: 1280, height: 800 })
    await page.goto(`${app.address}/bench`)
    await waitFor(page, 'heading', 'A new site')
    expect(await violations(page)).toEqual([])
    await fill(page, 'Code', '0000-0000-0000')
    await fill(page, 'Your name', 'Wren Hollis')
    await fill(page, 'Mail address', 'wren@seeds.example')
    await fill(page, 'Password', 'three words in a row')
    await press(page, 'button', 'Begin')
    await waitForText(page, 'main', 'This is not the code.')
    // What was typed besides stays.
    await fill(page, 'Code', code)
    await page.keyboard.press('Enter')
    await waitForText(page, 'main', 'Pages')
    await page.goto(`${app.address}/bench/start`)
    await waitForText(page, 'main', 'Pages')
    const later = await visitor(app)
    await later.goto(`${app.address}/bench/start`)
    await waitFor(later, 'heading', 'Sign in')
    await Promise.all([page.close(), later.close()])
  })

  it('answers to the names it is given, and to no other', async () => {
    const hosts = ['seeds.example', 'SEEDS.example:4310', 'other.example', 'seeds.example.other']
    expect(await Promise.all(hosts.map(statusFor))).toEqual([404, 404, 421, 421])
  })
})
