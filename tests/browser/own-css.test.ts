import { readFile } from 'node:fs/promises'
import fc from 'fast-check'
import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { styleTargets } from '~~/core/listing/targets'
import { compiledOwnCss } from '~~/core/looks/own-css/compile'
import { cssTexts } from '../support/css-arbitraries'
import { asPublished, framed, inBench, signedIn, startApp } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  press,
  turn,
  use,
  waitFor,
  waitForNoDialog,
  waitForNoText,
  waitForText,
} from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const sentence = 'section[aria-label="The listing in words"]'
const leaf = 'rgb(40, 98, 74)'

/** Types rules in place of those that stand there. */
async function write(page: Page, hand: string, text: string): Promise<void> {
  const editor = await waitFor(page, 'textbox', 'Rules of CSS')
  if (hand === 'mouse') await editor.click()
  else await editor.focus()
  await page.keyboard.down('Control')
  await page.keyboard.press('a')
  await page.keyboard.up('Control')
  await page.keyboard.press('Delete')
  await page.keyboard.sendCharacter(text)
}

/** The lines around the first cards of the page's listings, as they are computed. */
async function outlines(page: Page): Promise<readonly string[]> {
  const frame = await framed(page)
  return frame.$$eval('main [data-placement]', (placements) =>
    placements.flatMap((one) => {
      const card = one.querySelector('.card')
      if (card === null) return []
      const { outlineWidth, outlineStyle, outlineColor } = getComputedStyle(card)
      return [outlineStyle === 'none' ? 'none' : `${outlineWidth} ${outlineColor}`]
    }),
  )
}

describe.each(['mouse', 'keys'])('own CSS by the %s', (hand) => {
  it('holds for its listing while it is typed, says what it leaves out, and is switched off', async () => {
    await asPublished(app, 'Orchard notes')
    const page = await inBench(app, 'Orchard')
    await press(page, 'button', 'Orchard notes 6')
    await use(page, hand, 'How it looks: the site’s look')
    await use(page, hand, 'Own CSS')
    await write(page, hand, ':--card { outline: 3px solid var(--leaf) }\n.x { colr: red }')
    await expect.poll(() => outlines(page)).toEqual([`3px ${leaf}`, 'none'])
    await waitForText(page, sentence, 'with CSS of its own')
    await waitForText(page, '[aria-label="As pages get it"]', 'outline:3px solid var(--leaf)')

    await use(page, hand, 'Line 2: There is no property “colr”.')
    await page.keyboard.sendCharacter('color: red; ')
    await waitForText(page, '[aria-label="As pages get it"]', 'color:red')

    await turn(page, hand, 'The rules hold')
    await expect.poll(() => outlines(page)).toEqual(['none', 'none'])
    await waitForText(page, sentence, 'in the site’s look.')
    await waitForText(page, 'aside', 'off')
    await use(page, hand, 'Undo: Own CSS')
    await expect.poll(() => outlines(page)).toEqual([`3px ${leaf}`, 'none'])
    await page.close()
  })

  it('offers the names of what can be styled, and the site’s colours', async () => {
    await asPublished(app, 'Orchard notes')
    const page = await inBench(app, 'Orchard')
    await press(page, 'button', 'Orchard notes 6')
    await use(page, hand, 'How it looks: the site’s look')
    await use(page, hand, 'Own CSS')
    await write(page, hand, '')
    await page.keyboard.type(':--tit')
    await waitFor(page, 'option', ':--titleTitle')
    if (hand === 'mouse') await press(page, 'option', ':--title-pointedTitle, pointed')
    else {
      await page.keyboard.press('ArrowDown')
      await page.keyboard.press('ArrowDown')
      await page.keyboard.press('Enter')
    }
    await waitForText(page, '.cm-content', hand === 'mouse' ? ':--title-pointed' : ':--title-')
    await page.keyboard.type(' { color: var(--le')
    await waitFor(page, 'option', '--leafLeaf')
    await page.keyboard.press('Escape')
    await waitFor(page, 'textbox', 'Rules of CSS')
    await page.close()
  })

  it('of a look is written beside what it makes of entries, for all that are in it', async () => {
    const page = await signedIn(app)
    await press(page, 'link', 'Looks')
    await waitFor(page, 'button', 'What to do with Bulletin')
    await chooseFrom(page, hand, 'What to do with Bulletin', 'Own CSS')
    await write(page, hand, `:--card { opacity: 0.${hand === 'mouse' ? 5 : 6} }`)
    await waitForText(page, '[aria-label="As pages get it"]', 'opacity:')
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await waitForText(page, 'body', '“Bulletin” is changed')
    await expect
      .poll(() =>
        page.$eval('article[aria-label="Bulletin"] iframe', (frame) => {
          const card = frame.contentDocument?.querySelector('.card')
          return card ? getComputedStyle(card).opacity : null
        }),
      )
      .toBe(hand === 'mouse' ? '0.5' : '0.6')
    await waitForNoText(page, 'body', 'can’t be read')
    await page.close()
  })
})

/** What is computed of all that is not of the listing. */
async function outside(page: Page): Promise<readonly string[]> {
  return page.evaluate(() =>
    Array.from(document.querySelectorAll('html, body, body *'))
      .filter((one) => one.closest('[data-placement="a"]') === null && one.tagName !== 'STYLE')
      .flatMap((one) =>
        [null, '::before', '::after'].map((pseudo) => {
          const style = getComputedStyle(one, pseudo)
          // How tall a page is follows from what it holds.
          const sized =
            /^(?:height|block-size|(?:perspective|transform)-origin|inset-block-(?:start|end)|top|bottom)$/
          const all = Array.from(style)
            .filter((name) => !sized.test(name))
            .map((name) => `${name}:${style.getPropertyValue(name)}`)
          return `${one.tagName}${pseudo ?? ''} ${one.id} ${all.join(';')}`
        }),
      ),
  )
}

it('never changes what is computed outside of its listing, whatever is written', async () => {
  const page = await app.browser.newPage()
  const base = await readFile('site/styles/base.css', 'utf8')
  await page.setContent(`<!doctype html><style>@layer site, layout, look, listing; @layer site { ${base}
      [data-placement] { container: listing / inline-size } }</style><style id="own"></style>
    <div class="site"><header class="head"><a href="#a">Home</a></header><main id="content">
      <div data-placement="a" style="height: 300px"><div class="listing"><article class="card"><div class="part" data-part="title">
        <h3 class="title"><a href="#a">Frost</a></h3></div></article><article class="card">Thaw</article></div></div>
      <div data-placement="b"><div class="listing"><article class="card" title="</style>"><h3 class="title">Elsewhere</h3></article></div></div>
    </main><footer class="foot"><p>Foot</p></footer></div>`)
  const place = { targets: styleTargets, scope: '[data-placement="a"]' }
  const before = await outside(page)
  await fc.assert(
    fc.asyncProperty(cssTexts(['title', 'card', 'card-pointed']), async (text) => {
      const css = compiledOwnCss({ text, isOn: true }, 'listing', place)
      await page.evaluate((next) => {
        // As a page of the server has it: what ends the element early would end it here.
        const written = new DOMParser().parseFromString(`<style>${next}</style>`, 'text/html')
        if (written.body.childNodes.length > 0 || written.head.children.length > 1)
          throw new Error('The element ends early.')
        const own = document.getElementById('own')
        if (own) own.textContent = written.querySelector('style')?.textContent ?? ''
      }, css)
      expect(await outside(page)).toEqual(before)
    }),
    { numRuns: 80 },
  )
  await page.close()
})

it('keeps what it holds to its own place', async () => {
  const page = await app.browser.newPage()
  await page.setContent(`<!doctype html><style>body { margin: 0 }</style><style id="own"></style>
    <div style="height: 200px"></div><div data-placement="a" style="height: 100px; width: 300px; margin-left: 100px">
      <article class="card">Frost</article></div><a id="below" href="#x" style="display: block; height: 200px">Below</a>`)
  const at = (x: number, y: number) =>
    page.evaluate((left, top) => document.elementFromPoint(left, top)?.className ?? '', x, y)
  const text = ':--card { position: absolute; inset: -9999px; z-index: 99999; background: red }'
  const css = compiledOwnCss({ text, isOn: true }, 'listing', {
    targets: styleTargets,
    scope: '[data-placement="a"]',
  })
  const extent = () =>
    page.evaluate(() => [document.documentElement.scrollWidth, document.documentElement.scrollHeight])
  const before = await extent()
  await page.$eval('#own', (own, next) => (own.textContent = next), css)
  // The card is out of the flow now: the page is as wide as it was, and no higher.
  expect(await extent()).toEqual(before)
  expect(await at(250, 250)).toBe('card')
  for (const [x, y] of [
    [20, 250],
    [250, 140],
    [250, 360],
    [500, 250],
  ] as const)
    expect(await at(x, y)).not.toBe('card')
  await page.close()
})
