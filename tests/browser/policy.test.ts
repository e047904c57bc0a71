import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { isPlainAddress } from '~~/core/pages/shared-address'
import type { Page } from 'puppeteer-core'
import { openCollection, openInBench, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { press, waitFor, waitForText } from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** A page that notes what its policy, or that of a frame of the site in it, refused. */
async function noting(page: Page): Promise<Page> {
  await page.evaluateOnNewDocument(() => {
    const top = window.top ?? window
    const refused = (Reflect.get(top, 'refused') as string[] | undefined) ?? []
    Reflect.set(top, 'refused', refused)
    document.addEventListener('securitypolicyviolation', (event) =>
      refused.push(`${event.effectiveDirective} ${event.blockedURI}`),
    )
  })
  return page
}

function refused(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => Reflect.get(window, 'refused') as string[])
}

async function refusedKinds(page: Page): Promise<ReadonlySet<string | undefined>> {
  return new Set((await refused(page)).map((one) => one.split(' ')[0]))
}

// Content Security Policy Level 3, tried by what a page does.
describe('the policy of a public page', () => {
  it('refuses nothing of the site’s own, on every kind of page', async () => {
    const page = await noting(await visitor(app))
    const rows = await app.db.selectFrom('pages').select('path').where('published', 'is not', null).execute()
    const paths = rows.map((row) => row.path).filter(isPlainAddress)
    for (const path of [...paths, '/field-notes/how-to-borrow-seed', '/topic/orchard', '/nothing-here']) {
      await page.goto(`${app.address}${path}`, { waitUntil: 'networkidle2' })
      expect(await refused(page), path).toEqual([])
    }
    await page.close()
  })

  it('runs no script that came into the page, and loads nothing from elsewhere', async () => {
    const page = await noting(await visitor(app))
    await page.goto(`${app.address}/field-notes`)
    await page.evaluate(() => {
      const put = (html: string) => document.body.insertAdjacentHTML('beforeend', html)
      const script = document.createElement('script')
      script.textContent = 'window.ran = "script"'
      document.body.append(script)
      put('<img src="/mark.svg" onload="window.ran = \'handler\'">')
      put('<style>h1 { display: none }</style>')
      put('<img src="http://localhost:9/picture.png"><iframe src="http://localhost:9/"></iframe>')
      put('<base href="http://localhost:9/">')
      void fetch('http://localhost:9/').catch(() => undefined)
    })
    await expect
      .poll(() => refusedKinds(page))
      .toEqual(
        new Set([
          'script-src-elem',
          'script-src-attr',
          'style-src-elem',
          'img-src',
          'frame-src',
          'base-uri',
          'connect-src',
        ]),
      )
    expect(
      await page.evaluate(() => [
        Reflect.get(window, 'ran') ?? 'nothing',
        getComputedStyle(document.querySelector('h1') ?? document.body).display,
      ]),
    ).toEqual(['nothing', 'block'])
    await page.close()
  })
})

describe('the policy of the bench', () => {
  it('refuses nothing of its own, from screen to screen', async () => {
    const page = await noting(await signedIn(app))
    await page.goto(`${app.address}/bench`)
    await openInBench(app, page, 'From the hill')
    await press(page, 'button', 'Side by side')
    await openCollection(page, 'Field notes')
    await press(page, 'link', 'Field notes')
    await press(page, 'link', 'Media')
    await waitFor(page, 'button', 'Bring in files')
    await press(page, 'link', 'Site')
    await waitFor(page, 'radio', 'First letter')
    expect(await refused(page)).toEqual([])
    await page.close()
  })

  it('runs no script that came into it and nothing written as text, and reaches nobody else', async () => {
    const page = await noting(await signedIn(app))
    await page.goto(`${app.address}/bench`)
    await waitForText(page, 'main', 'Pages')
    const evaluated = await page.evaluate(async () => {
      const put = (html: string) => document.body.insertAdjacentHTML('beforeend', html)
      const script = document.createElement('script')
      script.textContent = 'window.ran = "script"'
      document.body.append(script)
      put('<img src="/mark.svg" onload="window.ran = \'handler\'">')
      put('<img src="http://localhost:9/picture.png"><iframe src="http://localhost:9/"></iframe>')
      put('<base href="http://localhost:9/">')
      void fetch('http://localhost:9/').catch(() => undefined)
      // What is evaluated for a test is spared the policy, what the page does later is not.
      return new Promise((resolve) =>
        setTimeout(() => {
          try {
            resolve(String(new Function('return "ran"')()))
          } catch (error) {
            resolve(error instanceof Error ? error.name : '')
          }
        }),
      )
    })
    expect(evaluated).toBe('EvalError')
    await expect
      .poll(() => refusedKinds(page))
      .toEqual(
        new Set([
          'script-src',
          'script-src-elem',
          'script-src-attr',
          'img-src',
          'frame-src',
          'base-uri',
          'connect-src',
        ]),
      )
    expect(await page.evaluate(() => Reflect.get(window, 'ran') ?? 'nothing')).toBe('nothing')
    await page.close()
  })

  it('goes for every answer: what is no page of its own may do nothing', async () => {
    for (const path of ['/api/session', '/mark.svg', '/api/nothing', '/_site/nothing.css']) {
      const policy = (await fetch(app.address + path)).headers.get('content-security-policy')
      expect(policy, path).toMatch(/^(?:default|script)-src 'none'/)
    }
    for (const path of ['/bench', '/bench/content', '/', '/nothing-here', '/field-notes?after=y']) {
      const policy = (await fetch(app.address + path)).headers.get('content-security-policy')
      expect(policy, path).toMatch(/^default-src 'self'.*script-src 'self'/)
      expect(policy, path).not.toMatch(/script-src[^;]*unsafe/)
    }
  })
})
