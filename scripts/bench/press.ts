import { PredefinedNetworkConditions } from 'puppeteer-core'
import type { Page } from 'puppeteer-core'
import { startBrowser } from '../../tests/browser/support/browser'

/**
 * How long after a press on a control the new cards stand, beside the same link followed without the script,
 * in a browser on a slow machine and a slow line: `npm start`, then `node --import tsx scripts/bench/press.ts`.
 */
const address = `http://127.0.0.1:${process.env.PORT ?? 4310}/seed-shelf`
const runs = 15
/** As many times slower than this machine. */
const slower = 4
const conditions = ['Fast 4G', 'Slow 4G'] as const

/** Presses a link of the page and waits for other cards; milliseconds, and the bytes that came over the line. */
function pressed(page: Page, link: string): Promise<{ readonly time: number; readonly bytes: number }> {
  return page.evaluate(
    (selector) =>
      new Promise<{ time: number; bytes: number }>((resolve, reject) => {
        const cards = () =>
          [...document.querySelectorAll('[data-controls] [data-entry]')]
            .map((one) => one.getAttribute('data-entry'))
            .join()
        const [before, start] = [cards(), performance.now()]
        performance.clearResourceTimings()
        const room = document.querySelector('main')
        const target = document.querySelector<HTMLAnchorElement>(selector)
        if (room === null || target === null) return reject(new Error(`There is no ${selector}.`))
        new MutationObserver((_, observer) => {
          if (cards() === before) return
          observer.disconnect()
          requestAnimationFrame(() => {
            const [fetched] = performance.getEntriesByType('resource') as PerformanceResourceTiming[]
            resolve({ time: performance.now() - start, bytes: fetched?.transferSize ?? 0 })
          })
        }).observe(room, { childList: true, subtree: true })
        target.click()
      }),
    link,
  )
}

const middle = (all: readonly number[]) => all.toSorted((a, b) => a - b)[Math.floor(all.length / 2)] ?? 0

const { browser, stop } = await startBrowser()
try {
  console.log('| line | pressed, ms | bytes | followed without script, ms | ratio |\n|---|---|---|---|---|')
  for (const name of conditions) {
    const page = await browser.newPage()
    // What runs this names the functions that it hands over by one of its own.
    await page.evaluateOnNewDocument('globalThis.__name = (one) => one')
    await page.goto(address)
    await page.emulateCPUThrottling(slower)
    await page.emulateNetworkConditions(PredefinedNetworkConditions[name])
    const presses = []
    for (let run = 0; run < runs; run += 1) presses.push(await pressed(page, 'a[id$="-spring"]'))
    const followed: number[] = []
    await page.setJavaScriptEnabled(false)
    await page.goto(address)
    for (let run = 0; run < runs; run += 1) {
      const start = performance.now()
      const link = await page.waitForSelector('a[id$="-spring"]')
      await Promise.all([page.waitForNavigation({ waitUntil: 'domcontentloaded' }), link?.click()])
      followed.push(performance.now() - start)
    }
    const [own, other] = [middle(presses.map(({ time }) => time)), middle(followed)]
    const bytes = middle(presses.map((one) => one.bytes))
    console.log(
      `| ${name} | ${own.toFixed(0)} | ${bytes} | ${other.toFixed(0)} | ${(own / other).toFixed(2)} |`,
    )
    await page.close()
  }
} finally {
  await stop()
}
