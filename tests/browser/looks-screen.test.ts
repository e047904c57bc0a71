import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { framed, inBench, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  chooseRadio,
  clear,
  fill,
  pickBy,
  press,
  use,
  waitFor,
  waitForNoDialog,
  waitForNoText,
  waitForText,
} from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

async function looksScreen(): Promise<Page> {
  const page = await signedIn(app)
  await press(page, 'link', 'Looks')
  await waitFor(page, 'button', 'What to do with Quiet')
  return page
}

/** What is seen of a look's specimen: the title of its first card, with the colour of its ground. */
function specimenOf(page: Page, look: string): Promise<readonly [title: string, ground: string] | null> {
  return page.$eval(`article[aria-label="${look}"] iframe`, (frame) => {
    const card = frame.contentDocument?.querySelector('[data-entry] .card')
    const title = card?.querySelector('.title')?.textContent.trim()
    return card && title !== undefined ? ([title, getComputedStyle(card).backgroundColor] as const) : null
  })
}

/** Types a text in place of what stands in a field, and leaves it. */
async function type(page: Page, label: string, text: string): Promise<void> {
  await clear(page, label)
  await fill(page, label, text)
  await page.keyboard.press('Tab')
}

/** The colour of the first topic that visitors of the front page see, their devices set to light or dark. */
async function topicOn(device: 'light' | 'dark'): Promise<string> {
  const page = await visitor(app, { script: false })
  await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: device }])
  await page.goto(app.address)
  const colour = await page.$eval('[data-entry] .topic', (topic) => getComputedStyle(topic).color)
  await page.close()
  return colour
}

/** The first title that visitors of the front page see under a heading. */
async function titleUnder(heading: string): Promise<string> {
  const html = await (await fetch(app.address)).text()
  const below = html.slice(html.indexOf(`${heading}<`))
  return /class="title"><a [^>]*>(?:<!--.*?-->)*([^<]+)/.exec(below)?.[1] ?? ''
}

describe.each(['mouse', 'keys'])('looks by the %s', (hand) => {
  it('are made, renamed, copied and deleted, and come back', async () => {
    const page = await looksScreen()
    const [name, next] = [`Dusk by ${hand}`, `Dawn by ${hand}`]
    await use(page, hand, 'New look')
    await pickBy(page, hand, 'Begin with', 'Night beds')
    await clear(page, 'Name of the look')
    await fill(page, 'Name of the look', name)
    await use(page, hand, 'Make it')
    await waitForNoDialog(page)
    await chooseFrom(page, hand, `What to do with ${name}`, 'Rename')
    await clear(page, 'Name of the look')
    await fill(page, 'Name of the look', 'quiet')
    await use(page, hand, 'Save')
    await waitForText(page, '[role=dialog]', 'There is a look “quiet” already. Choose another name.')
    await clear(page, 'Name of the look')
    await fill(page, 'Name of the look', next)
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await chooseFrom(page, hand, `What to do with ${next}`, 'Make a copy')
    await use(page, hand, 'Make it')
    await waitForNoDialog(page)
    await waitFor(page, 'button', `What to do with ${next}, copied`)
    expect(await specimenOf(page, `${next}, copied`)).toEqual(await specimenOf(page, 'Night beds'))
    await chooseFrom(page, hand, `What to do with ${next}`, 'Delete')
    await waitForText(page, '[role=dialog]', 'No listing is in it.')
    await use(page, hand, 'Delete')
    await waitForNoDialog(page)
    await waitForText(page, 'body', `“${next}” is deleted`)
    await press(page, 'button', 'Undo')
    await waitFor(page, 'button', `What to do with ${next}`)
    await page.close()
  })

  it('are shown side by side with entries that are chosen, and lead to what is in them', async () => {
    const page = await looksScreen()
    const first = await titleUnder('Coming days')
    await pickBy(page, hand, 'Shown with', 'Coming days on From the hill')
    await expect.poll(() => specimenOf(page, 'Quiet')).toEqual([first, 'rgba(0, 0, 0, 0)'])
    expect(await specimenOf(page, 'Night beds')).toEqual([first, 'rgb(22, 33, 27)'])
    const paperOf = () =>
      page.$eval(
        'article[aria-label=Quiet] iframe',
        (one) =>
          getComputedStyle((one as HTMLIFrameElement).contentDocument?.body as HTMLElement).backgroundColor,
      )
    const light = await paperOf()
    await chooseRadio(page, hand, 'Shown on', 'Dark pages')
    await expect.poll(paperOf).toBe('rgb(21, 27, 23)')
    await chooseRadio(page, hand, 'Shown on', 'Light pages')
    await expect.poll(paperOf).toBe(light)
    expect(await violations(page)).toEqual([])
    if (hand === 'mouse') await press(page, 'link', 'All plots on Plots')
    else await (await waitFor(page, 'link', 'All plots on Plots')).press('Enter')
    await waitFor(page, 'button', 'How it looks: Ledger')
    await page.close()
  })
})

describe.each(['mouse', 'keys'])('the palette by the %s', (hand) => {
  it('is changed once, and what is made of it changes with it, on light and on dark pages', async () => {
    const page = await looksScreen()
    await use(page, hand, 'Change the palette')
    await waitFor(page, 'dialog', 'Change the palette')
    await type(page, 'Accent on light pages', '#7a3b74')
    await type(page, 'Accent on dark pages', '#d9a0d2')
    await type(page, 'Soft on light pages', '#c0c0c0')
    await waitForText(page, '[role=dialog]', 'Soft on light pages has 1.8 to 1 with the paper')
    await type(page, 'Soft on light pages', '#58645c')
    expect(await violations(page)).toEqual([])
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await waitForText(page, 'body', 'The palette is changed')
    expect(await topicOn('light')).toBe('rgb(122, 59, 116)')
    expect(await topicOn('dark')).toBe('rgb(217, 160, 210)')
    await use(page, hand, 'Change the palette')
    await use(page, hand, 'Put back the usual ones')
    await chooseRadio(page, hand, 'Pages are', 'Light')
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await waitForText(page, 'section[aria-label=Palette]', 'Pages are light.')
    expect(await topicOn('dark')).toBe('rgb(161, 61, 23)')
    await use(page, hand, 'Change the palette')
    await chooseRadio(page, hand, 'Pages are', 'As the visitor’s device')
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await page.close()
  })

  it('has colours of its own, which looks are offered', async () => {
    const page = await looksScreen()
    await use(page, hand, 'Change the palette')
    await use(page, hand, 'Add a colour')
    await use(page, hand, 'Save')
    await waitForText(page, '[role=dialog]', 'Give the colour a name.')
    await fill(page, 'Name of the colour', 'Ink')
    await use(page, hand, 'Save')
    await waitForText(page, '[role=dialog]', 'Another colour has this name. Choose another.')
    await clear(page, 'Name of the colour')
    await fill(page, 'Name of the colour', 'Damson skin')
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await waitForText(page, 'section[aria-label=Palette]', 'Damson skin')
    await use(page, hand, 'Change the palette')
    await use(page, hand, 'Remove Damson skin')
    await use(page, hand, 'Save')
    await waitForNoDialog(page)
    await waitForNoText(page, 'section[aria-label=Palette]', 'Damson skin')
    await page.close()
  })
})

it.each(['mouse', 'keys'])(
  'shows a page in the bench as on a device that is set to dark: by the %s',
  async (hand) => {
    const page = await inBench(app, 'Orchard')
    const frame = await framed(page)
    const paper = () => frame.$eval('body', (body) => getComputedStyle(body).backgroundColor)
    expect(await paper()).toBe('rgb(255, 254, 249)')
    await use(page, hand, 'As on a dark device')
    await expect.poll(paper).toBe('rgb(21, 27, 23)')
    await use(page, hand, 'As on a dark device')
    await expect.poll(paper).toBe('rgb(255, 254, 249)')
    await page.close()
  },
)

it('brings in the colours of a file of design tokens, and says where there are none', async () => {
  const page = await looksScreen()
  await press(page, 'button', 'Change the palette')
  await waitFor(page, 'dialog', 'Change the palette')
  const bring = async (text: string) => {
    const input = await page.waitForSelector('[role=dialog] input[type=file]')
    await input?.evaluate((one, content) => {
      const files = new DataTransfer()
      files.items.add(new File([content], 'site.tokens.json', { type: 'application/json' }))
      ;(one as HTMLInputElement).files = files.files
      one.dispatchEvent(new Event('change'))
    }, text)
  }
  await bring('{')
  await waitForText(page, '[role=dialog]', 'This is no file of design tokens.')
  await bring('{"gap":{"$type":"dimension","$value":{"value":4,"unit":"px"}}}')
  await waitForText(page, '[role=dialog]', 'No colour in this file can be taken.')
  const colour = { colorSpace: 'srgb', components: [0.2, 0.4, 0.6], hex: '#336699' }
  await bring(
    JSON.stringify({ palette: { $type: 'color', accent: { $value: colour }, sky: { $value: colour } } }),
  )
  await waitForText(page, '[role=dialog]', '2 colours are brought in.')
  const accent = await waitFor(page, 'textbox', 'Accent on light pages')
  expect(await accent.evaluate((one) => (one as HTMLInputElement).value)).toBe('#336699')
  await waitFor(page, 'textbox', 'Sky on dark pages')
  await press(page, 'button', 'Cancel')
  await press(page, 'button', 'Leave')
  await waitForNoDialog(page)
  await page.close()
})

it('leaves the listings of a look that is deleted in the site’s, and says which', async () => {
  const page = await looksScreen()
  const border = async () => (await (await fetch(`${app.address}/plots`)).text()).includes('@layer look')
  expect(await border()).toBe(true)
  await chooseFrom(page, 'mouse', 'What to do with Ledger', 'Delete')
  await waitForText(
    page,
    '[role=dialog]',
    'From then on in the site’s look, for visitors at once: “All plots”.',
  )
  await press(page, 'button', 'Delete')
  await waitForNoDialog(page)
  await waitForNoText(page, 'main', 'Ledger')
  await expect.poll(border).toBe(false)
  await press(page, 'button', 'Undo')
  await waitFor(page, 'button', 'What to do with Ledger')
  await expect.poll(border).toBe(true)
  await page.close()
})
