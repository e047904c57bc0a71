import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Frame, Page } from 'puppeteer-core'
import { framed, inBench, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { chooseFrom, fill, press, publish, waitFor, waitForStatus, waitForText } from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/**
 * What code may try on the site that it stands on, each giving what it got hold of: cookies, storage, the
 * page around it, what only signed-in people can read, and ways to put itself in the page's place.
 */
const tries: Readonly<Record<string, string>> = {
  cookies: 'document.cookie',
  'cookies of the page': 'parent.document.cookie',
  storage: 'localStorage.length',
  'storage of the visit': 'sessionStorage.length',
  databases:
    'await new Promise((done, no) => { const asked = indexedDB.open("x"); asked.onsuccess = () => done(1); asked.onerror = no })',
  'stored files': 'await caches.keys()',
  'words of the page': 'parent.document.body.innerText',
  'address of the page': 'parent.location.href',
  'the topmost page': 'top.document.title',
  'its own frame': 'frameElement.outerHTML',
  'what designers read': 'await (await fetch("/api/bench/pages", { credentials: "include" })).text()',
  'the front page': 'await (await fetch("/", { credentials: "include" })).text()',
  'a worker of the site': 'await navigator.serviceWorker.register("/code/x")',
  'the page’s scripts': 'parent.eval("1")',
  'another address for all':
    '(top.location = "about:blank", await new Promise((done) => setTimeout(done, 300)), top.location.href)',
}

/** Goes through some tries; gives what each got hold of. */
const trial = (names: readonly string[]) => `(async () => {
  const got = []
  ${names.map((name) => `try { const it = ${tries[name]}; got.push([${JSON.stringify(name)}, String(it)]) } catch {}`).join('\n  ')}
  return JSON.stringify(got)
})()`

const attack = `<p>Kept apart</p><div style="height:640px"></div><script>
${trial(Object.keys(tries))}.then((got) => { document.body.dataset.got = got })
</script>`

/** Code that would end its surroundings where these were written around it. */
const breaking = [
  '</body></html><script>parent.postMessage({ bushelHeight: "1e9" }, "*")</script>',
  '"></iframe></div><h1>Not ours</h1><script>window.isBroken = 1</script>',
  '<textarea><!-- <style>/* <script>',
].join('')

/** Code that is always higher than its frame. */
const growing = '<div style="height:100vh"></div><p style="margin:0;height:40px">More</p>'

async function place(page: Page, hand: string, code: string): Promise<void> {
  await chooseFrom(page, hand, 'Add to Side', 'Pasted code')
  await waitForText(page, 'aside h2', 'Pasted code')
  await fill(page, 'Code', code)
  await page.keyboard.press('Tab')
  await fill(page, 'What it is', 'A map of the hill')
  await waitForStatus(page, 'Saved')
}

async function frameOf(page: Page): Promise<Frame> {
  await page.waitForSelector('iframe[data-code]')
  const frame = await (await page.$('iframe[data-code]'))?.contentFrame()
  if (!frame) throw new Error('The code is not shown.')
  return frame
}

describe('pasted code', () => {
  it('can read nothing of the site, nor of whoever is signed in, and is as high as its content', async () => {
    const page = await inBench(app, 'Plots', { width: 1280, height: 1000 })
    await place(page, 'mouse', attack)
    expect(await violations(page)).toEqual([])
    const shown = await framed(page)
    await expect
      .poll(() => shown.$eval('iframe[data-code]', (one) => one.getBoundingClientRect().height))
      .toBeGreaterThan(660)
    await publish(page)
    await waitForText(page, 'body', '“Plots” is live.')

    await page.goto(`${app.address}/plots`)
    await page.$eval('iframe[data-code]', (one) => one.scrollIntoView())
    const frame = await frameOf(page)
    await expect.poll(() => frame.$eval('body', (body) => body.dataset.got ?? '')).toBe('[]')
    expect(page.url()).toBe(`${app.address}/plots`)
    await expect
      .poll(() => page.$eval('iframe[data-code]', (one) => one.getBoundingClientRect().height))
      .toBeGreaterThan(660)
    // The page itself gets hold of it: the tries are none that fail anywhere.
    const open = Object.keys(tries).filter((name) => name !== 'another address for all')
    expect(await page.evaluate(trial(open))).toMatch(
      /cookies.*storage.*words of the page.*what designers read/,
    )
    await page.close()
  })

  it('ends nothing that stands around it, and is not shown before a visitor asks where that is set', async () => {
    const page = await inBench(app, 'Orchard', { width: 1280, height: 1000 })
    await place(page, 'keys', growing + breaking)
    await press(page, 'checkbox', 'Visitors see it only after they ask for it')
    await waitForStatus(page, 'Saved')
    await publish(page)
    await waitForText(page, 'body', '“Orchard” is live.')
    const live = await visitor(app)
    const fetched: string[] = []
    live.on('request', (request) => fetched.push(new URL(request.url()).pathname))
    await live.goto(`${app.address}/orchard`)
    expect(fetched.filter((path) => path.startsWith('/code/'))).toEqual([])
    expect(await violations(live)).toEqual([])
    await (
      await waitFor(live, 'DisclosureTriangle', 'Show “A map of the hill”, which comes from elsewhere')
    ).click()
    await expect.poll(() => fetched.some((path) => path.startsWith('/code/'))).toBe(true)
    await frameOf(live)
    expect(await live.$$eval('h1', (titles) => titles.map((one) => one.textContent))).toEqual(['Orchard'])
    expect(await live.evaluate(() => 'isBroken' in window)).toBe(false)
    const height = await live.$eval('iframe[data-code]', (one) => one.getBoundingClientRect().height)
    expect(height).toBeLessThan(2000)

    const address = await live.$eval('iframe[data-code]', (one) => one.getAttribute('src') ?? '')
    const alone = await live.goto(app.address + address)
    expect(alone?.headers()['content-security-policy']).toMatch(/^sandbox (?!.*allow-same-origin)/)
    expect(await live.evaluate(() => self.origin)).toBe('null')
    await live.close()
    await page.close()
  })

  it('is found by its name alone, and only while a page has it', async () => {
    const page = await signedIn(app)
    for (const name of ['0'.repeat(32), 'x', '%27', '0'.repeat(31)])
      expect((await fetch(`${app.address}/code/${name}`)).status).toBe(404)
    await page.close()
  })
})
