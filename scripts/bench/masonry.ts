import type { Page } from 'puppeteer-core'
import { startBrowser } from '../../tests/browser/support/browser'

/**
 * How long the page's thread works at a stretch on the cards of a masonry, on opening and when the
 * page gets narrower, beside the same page without the script that places them: `npm start`, then
 * `node --import tsx scripts/bench/masonry.ts`. What reads the page's text is told apart: no shape
 * changes that.
 */
const address = `http://127.0.0.1:${process.env.PORT ?? 4310}/gardens-we-made`
const counts = [200, 2000]
const runs = 5

interface TraceEvent {
  readonly name: string
  readonly pid: number
  readonly tid: number
  /** Microseconds. */
  readonly ts: number
  readonly dur?: number
  /** Microseconds that the thread itself worked, whatever else the machine did meanwhile. */
  readonly tdur?: number
  readonly args?: { readonly name?: string }
}

/** Milliseconds of the longest tasks. */
interface Longest {
  readonly reading: number
  readonly opening: number
  readonly narrowing: number
}

const { browser, stop } = await startBrowser()
try {
  const page = await (await fetch(address)).text()
  for (const [many, scripted] of counts.flatMap(
    (count) =>
      [
        [count, false],
        [count, true],
      ] as const,
  )) {
    const html = multiplied(page, many)
    const longest: Longest[] = []
    for (let run = 0; run < runs; run += 1) longest.push(await measured(html, many, scripted))
    const shown = (of: keyof Longest) =>
      longest
        .map((one) => Math.round(one[of]))
        .toSorted((a, b) => a - b)
        .join(', ')
    console.log(
      `${many} cards ${scripted ? 'with' : 'without'} the script: longest task, reading ${shown('reading')} ms; laying out ${shown('opening')} ms; narrowing ${shown('narrowing')} ms`,
    )
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

async function measured(html: string, many: number, scripted: boolean): Promise<Longest> {
  const page = await browser.newPage()
  await page.setViewport({ width: 1280, height: 900 })
  await page.setRequestInterception(true)
  page.on('request', (request) => {
    if (request.isNavigationRequest())
      return void request.respond({
        contentType: 'text/html',
        body: scripted ? html : html.replace(/<script[^>]*><\/script>/, ''),
      })
    // Pictures would only add what the network takes.
    return void (request.resourceType() === 'image' || request.resourceType() === 'eventsource'
      ? request.abort()
      : request.continue())
  })
  const opened = await tasksOf(page, () => page.goto(address))
  const cards = await page.$$eval('.masonry > li', (all) => all.length)
  if (cards < many) throw new Error(`There are only ${cards} cards.`)
  const narrowed = await tasksOf(page, () => page.setViewport({ width: 900, height: 900 }))
  await page.close()
  const longest = (tasks: readonly Task[]) => Math.max(0, ...tasks.map((task) => task.took))
  return {
    reading: longest(opened.filter((task) => task.reads)),
    opening: longest(opened.filter((task) => !task.reads)),
    narrowing: longest(narrowed),
  }
}

interface Task {
  readonly took: number
  /** Whether it read the page's text. */
  readonly reads: boolean
}

/** What the page's thread did while somebody acts and shortly after. */
async function tasksOf(page: Page, act: () => Promise<unknown>): Promise<readonly Task[]> {
  await page.tracing.start({ categories: ['disabled-by-default-devtools.timeline', 'devtools.timeline'] })
  await act()
  await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 1500)))
  const trace = new TextDecoder().decode(await page.tracing.stop())
  const { traceEvents } = JSON.parse(trace) as { readonly traceEvents: readonly TraceEvent[] }
  const threadOf = (event: TraceEvent) => `${event.pid} ${event.tid}`
  const pages = new Set(
    traceEvents
      .filter((event) => event.name === 'thread_name' && event.args?.name === 'CrRendererMain')
      .map(threadOf),
  )
  const reading = traceEvents.filter((event) => event.name === 'ParseHTML')
  return traceEvents
    .filter((event) => event.name === 'RunTask' && pages.has(threadOf(event)))
    .map((task) => ({
      took: (task.tdur ?? 0) / 1000,
      reads: reading.some(
        (one) => threadOf(one) === threadOf(task) && one.ts >= task.ts && one.ts <= task.ts + (task.dur ?? 0),
      ),
    }))
}
