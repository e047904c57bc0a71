import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Page } from 'puppeteer-core'
import { waitForStillness } from './hands'

// Referee: axe-core, the rules of WCAG 2.2 levels A and AA.
const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')
const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']

interface Violation {
  readonly id: string
  readonly nodes: readonly { readonly html: string; readonly failureSummary?: string }[]
}

/** What axe-core finds on a page that is still, each with its markup. */
export async function violations(page: Page): Promise<readonly string[]> {
  // What is still fading in has not its own colours yet.
  await waitForStillness(page)
  await page.evaluate(axe)
  const found = await page.evaluate(async (chosen) => {
    const tool = (
      window as unknown as {
        axe: { run: (context: object, options: object) => Promise<{ violations: Violation[] }> }
      }
    ).axe
    return (await tool.run({ exclude: ['iframe'] }, { runOnly: chosen, iframes: false })).violations
  }, tags)
  return found.flatMap((one) =>
    one.nodes.map((node) => `${one.id}: ${node.html.slice(0, 160)} ${node.failureSummary ?? ''}`),
  )
}
