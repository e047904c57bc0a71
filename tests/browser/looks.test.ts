import { readFile } from 'node:fs/promises'
import fc from 'fast-check'
import type { CDPSession, Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { allPartTargets, cardTargets } from '~~/core/cards/targets'
import { compiled } from '~~/core/looks/compile'
import { properties } from '~~/core/looks/properties'
import type { Declarations } from '~~/core/looks/properties/define'
import { valueAt } from '~~/core/looks/styles'
import type { SeenAs, Styles } from '~~/core/looks/styles'
import { shapeTargets } from '~~/core/shapes/targets'
import { cssOf, media } from '~~/core/style/rules'
import { selectorOf, states } from '~~/core/style/targets'
import type { StyleTarget } from '~~/core/style/targets'
import { styles } from '../support/style-arbitraries'
import { startBrowser } from './support/browser'

const card = '.card'
const tab = '[role=tab]'
/** What can be forced into a state, as the browser numbers it. */
const nodes = new Map<string, number>()

let page: Page
let devtools: CDPSession
let stop: () => Promise<void>
beforeAll(async () => {
  const started = await startBrowser()
  stop = started.stop
  page = await started.browser.newPage()
  devtools = await page.createCDPSession()
  await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }])
  await page.setContent(document(await readFile('site/styles/looks.css', 'utf8')))
  await devtools.send('DOM.enable')
  await devtools.send('CSS.enable')
  const { root } = await devtools.send('DOM.getDocument')
  for (const selector of [card, tab]) {
    const { nodeId } = await devtools.send('DOM.querySelector', { nodeId: root.nodeId, selector })
    nodes.set(selector, nodeId)
  }
})
afterAll(() => stop())

/** A card and a tab, each beside its twin, which no look finds. */
function document(css: string): string {
  return `<!doctype html><style>${css}
    :root { --ink: #1d2b24; --soft: #58645c; --paper: #fffef9; --line: #ddd8c8; --accent: #a13d17;
      --leaf: #28624a; --font-of-headings: serif; --font-of-text: sans-serif; --font-of-site-outfit: monospace; font-size: 16px }
    [data-placement] { container: listing / inline-size }
    </style>
    <div data-placement="a">
      <article class="card">
        <div class="part" data-part="title"><h3 class="title"><a href="#a">Frost</a></h3><h3 data-twin="title">Frost</h3></div>
      </article>
      <div class="tab-list"><button role="tab">Autumn</button><button data-twin="tab">Autumn</button></div>
    </div>
    <div data-placement="b"><article class="card">
      <div class="part" data-part="title"><h3 class="title">Elsewhere</h3></div></article></div>`
}

const scope = '[data-placement="a"]'
const targets = [...shapeTargets.tabs, ...cardTargets, ...allPartTargets]

function targetNamed(name: string): StyleTarget {
  const found = targets.find((one) => one.name === name)
  if (found === undefined) throw new Error(`There is no target ${name}.`)
  return found
}

/** Lets what a selector finds be pointed at, hold the focus, or neither. */
async function force(selector: string, held: SeenAs['states']): Promise<void> {
  const forcedPseudoClasses = [
    ...(held.includes('pointed') ? ['hover'] : []),
    ...(held.includes('focused') ? ['focus', 'focus-visible', 'focus-within'] : []),
  ]
  await devtools.send('CSS.forcePseudoState', { nodeId: nodes.get(selector) ?? 0, forcedPseudoClasses })
}

/** Puts styles on the page, as where there is a mouse, which the machine of the tests has not. */
async function put(css: string): Promise<void> {
  await page.evaluate(
    (text) => {
      const sheet = new CSSStyleSheet()
      sheet.replaceSync(text)
      globalThis.document.adoptedStyleSheets = [sheet]
    },
    css.replaceAll(`@media ${media['can point']}`, '@media all'),
  )
}

/** What the model says that a target declares as it is seen, for somebody who likes no motion. */
function declaredAs(all: Styles, target: string, seen: SeenAs): Declarations {
  const isHeld = seen.states.includes('pointed') || seen.states.includes('focused')
  return Object.fromEntries(
    properties.all.flatMap((property): readonly (readonly [string, string])[] => {
      if (property.media === 'likes motion') return []
      const ofRest = property.whileHeld === undefined ? all : all.filter(({ state }) => state === null)
      const value = valueAt(ofRest, target, property.name, seen) as never
      if (value === undefined) return []
      return Object.entries({ ...property.css(value), ...(isHeld ? property.whileHeld?.(value) : {}) })
    }),
  )
}

/** The properties of CSS in which a target is not as its twin is, that has what is declared on itself. */
function differing(name: string, declared: Declarations, width: number): Promise<readonly string[]> {
  return page.evaluate(
    (selector, twinOf, style, box) => {
      const [one, twin, placement] = [selector, `[data-twin="${twinOf}"]`, '[data-placement="a"]'].map(
        (found) => globalThis.document.querySelector<HTMLElement>(found),
      )
      if (!one || !twin || !placement) return ['nothing there']
      placement.style.inlineSize = `${box}px`
      twin.setAttribute('style', '')
      for (const [property, value] of Object.entries(style)) twin.style.setProperty(property, value)
      const [own, other] = [getComputedStyle(one), getComputedStyle(twin)]
      return Array.from(own).filter(
        (property) =>
          own.getPropertyValue(property) !== other.getPropertyValue(property) &&
          // What follows from how wide and high each turns out beside the other.
          !/^(?:inline-size|block-size|width|height|(?:perspective|transform)-origin|outline.*)$/.test(
            property,
          ),
      )
    },
    `${scope} ${selectorOf(targetNamed(name))}`,
    name,
    declared,
    width,
  )
}

it('gives each target the computed styles that the model says, in each state and width, and nothing else', async () => {
  const before = await elsewhere()
  await fc.assert(
    fc.asyncProperty(
      styles(['title', 'tab'], [400, 700]),
      fc.subarray([...states]),
      fc.constantFrom(300, 399, 400, 699, 700, 1000),
      async (all, held, width) => {
        await put(cssOf(compiled(all, targets, scope)))
        await force(
          card,
          held.filter((state) => state === 'pointed'),
        )
        await page.$eval(
          '.card a',
          (way, isFocused) => (isFocused ? way.focus({ focusVisible: true } as FocusOptions) : way.blur()),
          held.includes('focused'),
        )
        await force(tab, held)
        await page.$eval(
          tab,
          (one, isChosen) => one.setAttribute('aria-selected', String(isChosen)),
          held.includes('chosen'),
        )
        const ofTitle = held.filter((state) => state !== 'chosen')
        for (const [name, as] of [
          ['title', ofTitle],
          ['tab', held],
        ] as const)
          expect(await differing(name, declaredAs(all, name, { states: as, width }), width), name).toEqual([])
        expect(await elsewhere()).toEqual(before)
      },
    ),
    { numRuns: 150 },
  )
})

/** All that is computed of a card of another listing. */
function elsewhere(): Promise<readonly string[]> {
  return page.$eval('[data-placement="b"] .title', (title) => {
    const own = getComputedStyle(title)
    return Array.from(own).map((property) => `${property}: ${own.getPropertyValue(property)}`)
  })
}

it('lets things glide for those who like motion alone', async () => {
  const styling = { target: 'title', state: null, below: null, set: { glide: 250 } } as const
  await put(cssOf(compiled([styling], targets, scope)))
  const duration = () => page.$eval('.title', (title) => getComputedStyle(title).transitionDuration)
  expect(await duration()).toBe('0s')
  await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'no-preference' }])
  expect(await duration()).toBe('0.25s')
  await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }])
})
