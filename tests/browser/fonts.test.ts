import { writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Frame, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { asPublished, framed, inBench, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import { pickBy, press, publish, use, waitFor, waitForNoDialog, waitForText } from './support/hands'
import { chooseTarget } from './support/look'

let app: App
const lora = (cut: string) => `node_modules/@fontsource/lora/files/lora-latin-${cut}.woff2`
const broken = join(tmpdir(), 'broken.woff2')
beforeAll(async () => {
  app = await startApp()
  await writeFile(broken, 'wOF2 and nothing more')
})
afterAll(() => app.stop())

/** The fonts that the letters of something are drawn in, as the browser says. */
async function drawnIn(page: Page, within: Page | Frame, selector: string): Promise<readonly string[]> {
  const devtools = await page.createCDPSession()
  const mark = `of-${Math.trunc(performance.now())}`
  await within.$eval(selector, (one, as) => one.setAttribute('data-drawn', as), mark)
  await devtools.send('DOM.enable')
  await devtools.send('CSS.enable')
  const { nodes } = await devtools.send('DOM.getFlattenedDocument', { depth: -1, pierce: true })
  const node = nodes.find(({ attributes }) => attributes?.includes(mark))
  if (node === undefined) return []
  const { fonts } = await devtools.send('CSS.getPlatformFontsForNode', { nodeId: node.nodeId })
  await devtools.detach()
  return fonts.map(({ familyName }) => familyName)
}

/** Gives files to a press that asks for some. */
async function bring(page: Page, hand: string, files: readonly string[]): Promise<void> {
  const [asked] = await Promise.all([page.waitForFileChooser(), use(page, hand, 'Bring a font')])
  await asked.accept([...files])
}

/** The fonts of something on a page that is opened anew: what comes too late is for the next visit. */
async function drawnAnew(page: Page, selector: string): Promise<readonly string[]> {
  await page.reload()
  return drawnIn(page, page, selector)
}

const title = 'main [data-placement] .card .title a'

/** Opens what is set of the letters of titles. */
async function openTitle(page: Page, hand: string): Promise<void> {
  await press(page, 'button', 'Orchard notes 6')
  await use(page, hand, 'How it looks: the site’s look')
  await chooseTarget(page, hand, 'Title')
  await use(page, hand, 'Letters')
}

async function openFonts(page: Page, hand: string): Promise<void> {
  await use(page, hand, 'Change the fonts')
  await waitFor(page, 'dialog', 'Change the fonts')
}

describe.each(['mouse', 'keys'])('fonts by the %s', (hand) => {
  it('are brought, chosen for headings, removed and put back', async () => {
    const page = await signedIn(app)
    await press(page, 'link', 'Looks')
    await openFonts(page, hand)
    await bring(page, hand, [lora('400-normal'), broken, lora('700-normal')])
    await waitForText(page, 'dialog, [role=dialog]', '“Lora” is here, with 2 files by now.')
    await waitForText(
      page,
      'dialog, [role=dialog]',
      'broken.woff2: This is no font that browsers read as WOFF2.',
    )
    await pickBy(page, hand, 'Font of headings', 'Lora')
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await waitForText(page, 'body', 'The fonts are changed')

    const reader = await visitor(app)
    await reader.goto(`${app.address}/orchard`)
    const [preloaded] = await reader.$$eval('link[data-family^="of-site"]', (all) =>
      all.map((one) => one.getAttribute('data-family')),
    )
    expect(preloaded).toBe('of-site lora')
    await expect.poll(() => drawnAnew(reader, 'main h2')).toEqual(['Lora'])

    await openFonts(page, hand)
    await use(page, hand, 'Remove “Lora”')
    await waitForText(page, 'body', '“Lora” is removed')
    await expect.poll(() => drawnAnew(reader, 'main h2')).toEqual(['Fraunces'])
    await use(page, hand, 'Undo')
    await waitFor(page, 'button', 'Remove “Lora”')
    await expect.poll(() => drawnAnew(reader, 'main h2')).toEqual(['Lora'])

    await use(page, hand, 'Put back the usual ones')
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await reader.close()
    await page.close()
  })

  it('are chosen for a part of a card, which is drawn in them at once', async () => {
    await asPublished(app, 'Orchard notes')
    const page = await inBench(app, 'Orchard')
    await openTitle(page, hand)
    for (const name of ['Literata', 'Bitter']) {
      await pickBy(page, hand, 'Family', name)
      await expect.poll(async () => (await drawnIn(page, await framed(page), title)).join()).toContain(name)
    }
    await page.close()
  })
})

it('are on the page that visitors get, also without script', async () => {
  await asPublished(app, 'Orchard notes')
  const page = await inBench(app, 'Orchard')
  await openTitle(page, 'mouse')
  await pickBy(page, 'mouse', 'Family', 'Bitter')
  await publish(page)
  await waitForText(page, 'body', 'is live')
  const reader = await visitor(app, { script: false })
  await reader.goto(`${app.address}/orchard`)
  await expect.poll(async () => (await drawnAnew(reader, title)).join()).toContain('Bitter')
  await reader.close()
  await page.close()
})

it('names every font in the font itself where one is chosen', async () => {
  const page = await signedIn(app)
  await press(page, 'link', 'Looks')
  await openFonts(page, 'mouse')
  await press(page, 'combobox', 'Font of text')
  await (
    await waitFor(page, 'option', 'Literata')
  ).evaluate((option) => {
    const name = [...option.querySelectorAll('*')].find(
      (one) => one.childElementCount === 0 && one.textContent !== '',
    )
    name?.setAttribute('data-sample', '')
  })
  await expect.poll(() => drawnIn(page, page, '[data-sample]')).toEqual(['Literata'])
  await page.close()
})
