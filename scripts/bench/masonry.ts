import { startBrowser } from '../../tests/browser/support/browser'

/**
 * How long the browser is busy at a stretch while it places the cards of a masonry, on opening and
 * when the page gets narrower, beside the same page without the script that places them: `npm start`, then `node --import tsx scripts/bench/masonry.ts`.
 */
const address = `http://127.0.0.1:${process.env.PORT ?? 4310}/gardens-we-made`
const counts = [200, 2000]
const runs = 5

interface Busy {
  readonly start: number
  readonly duration: number
}

const { browser, stop } = await startBrowser()
try {
  const page = await (await fetch(address)).text()
  for (const [many, scripted] of counts.flatMap((count) => [[count, false], [count, true]] as const)) {
    const html = multiplied(page, many)
    const opened: number[] = []
    const resized: number[] = []
    for (let run = 0; run < runs; run += 1) {
      const longest = await measured(html, many, scripted)
      opened.push(longest.opening)
      resized.push(longest.narrowing)
    }
    const shown = (all: readonly number[]) => all.map((one) => Math.round(one)).toSorted((a, b) => a - b).join(', ')
    console.log(`${many} cards ${scripted ? 'with' : 'without'} the script: longest task on opening ${shown(opened)} ms; on narrowing ${shown(resized)} ms`)
  }
} finally {
  await stop()
}

/** The page with its cards again and again, until there are so many. */
function multiplied(html: string, many: number): string {
  const [, cards = ''] = /<ul class="masonry"[^>]*>([\s\S]*?)<\/ul><\/div>/.exec(html) ?? []
  const times = Math.ceil(many / (cards.match(/<article/g) ?? []).length)
  return html.replace(cards, cards.repeat(times))
}

/** The longest stretches in which nothing else could run, in milliseconds; 0 where none took 50. */
async function measured(html: string, many: number, scripted: boolean): Promise<{ readonly opening: number; readonly narrowing: number }> {
  const page = await browser.newPage()
  await page.setViewport({ width: 1280, height: 900 })
  await page.setRequestInterception(true)
  page.on('request', (request) => {
    if (request.isNavigationRequest()) return void request.respond({ contentType: 'text/html', body: scripted ? html : html.replace(/<script[^>]*><\/script>/, '') })
    // Pictures would only add what the network takes.
    return void (request.resourceType() === 'image' || request.resourceType() === 'eventsource' ? request.abort() : request.continue())
  })
  await page.evaluateOnNewDocument(() => {
    const busy: Busy[] = []
    Object.assign(window, { busy })
    new PerformanceObserver((list) => busy.push(...list.getEntries().map((entry) => ({ start: entry.startTime, duration: entry.duration })))).observe({ type: 'longtask', buffered: true })
  })
  await page.goto(address)
  const cards = await page.$$eval('.masonry > li', (all) => all.length)
  if (cards < many) throw new Error(`There are only ${cards} cards.`)
  const longest = async () => {
    await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 1500)))
    return page.evaluate(() => Math.max(0, ...(window as unknown as { busy: Busy[] }).busy.splice(0).map((one) => one.duration)))
  }
  const opening = await longest()
  await page.setViewport({ width: 900, height: 900 })
  const narrowing = await longest()
  await page.close()
  return { opening, narrowing }
}
