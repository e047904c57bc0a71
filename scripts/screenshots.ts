import { mkdir } from 'node:fs/promises'
import { fileURLToPath } from 'node:url'
import type { Page } from 'puppeteer-core'
import { demoAccount } from '../demo/account'
import { startBrowser } from '../tests/browser/support/browser'
import { fill, pick, press, waitFor, waitForStatus, waitForText } from '../tests/browser/support/hands'

/**
 * Takes docs/screenshots from a running demo: `npm start`, then `node --import tsx
 * scripts/screenshots.ts`.
 */
const address = `http://127.0.0.1:${process.env.PORT ?? 4310}`
const folder = fileURLToPath(new URL('../docs/screenshots/', import.meta.url))

const { browser, stop } = await startBrowser()
try {
  await mkdir(folder, { recursive: true })
  const page = await browser.newPage()
  await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }])
  await publicPages(page)
  await bench(page)
  await look(page)
  await twoLooks(page)
} finally {
  await stop()
}

function fileOf(name: string): `${string}.png` {
  return `${folder}${name}.png`
}

/** What is in sight, as base64. */
async function taken(page: Page): Promise<string> {
  await settled(page)
  return page.screenshot({ encoding: 'base64' })
}

async function settled(page: Page): Promise<void> {
  await page.evaluate(() => document.fonts.ready)
  await page.waitForNetworkIdle({ idleTime: 300, concurrency: 3 })
}

/** Pictures in two columns, as one. */
async function sideBySide(page: Page, name: string, shots: readonly string[]): Promise<void> {
  const sheet = await page.browserContext().newPage()
  await sheet.setContent(
    `<body style="margin:0"><div style="display:grid;grid-template-columns:1fr 1fr;gap:2px;background:#8d877a">${shots
      .map((data) => `<img style="width:100%;display:block" src="data:image/png;base64,${data}">`)
      .join('')}</div>`,
  )
  await settled(sheet)
  const grid = await sheet.$('div')
  await grid?.screenshot({ path: fileOf(name) })
  await sheet.close()
}

async function shot(page: Page, name: string, whole = false): Promise<void> {
  await settled(page)
  await page.screenshot({ path: fileOf(name), fullPage: whole })
}

async function publicPages(page: Page): Promise<void> {
  await page.goto(address)
  await shot(page, 'public', true)
  await page.goto(`${address}/field-notes/leaf-mould-the-eighteen-month-recipe`)
  await shot(page, 'public-entry')
  await page.goto(`${address}/our-years`)
  await page.waitForSelector('.row-arrows:not([hidden])')
  await shot(page, 'timeline')
  await page.goto(`${address}/swap-days`)
  await page.waitForSelector('.calendar.driven')
  await page.click('[data-turn=after]')
  await page.waitForSelector('.calendar-bar')
  const month = await taken(page)
  await page.$eval('.schedule', (schedule) => {
    schedule.closest('section')?.scrollIntoView({ behavior: 'instant' })
  })
  for (const title of ['Reading a seed packet', 'Handles and edges'])
    await press(page, 'button', `I am going: ${title}`)
  await sideBySide(page, 'days', [month, await taken(page)])
  await catalogue(page)
}

/** The shelf narrowed and sorted, and three of what is on it side by side. */
async function catalogue(page: Page): Promise<void> {
  await page.goto(`${address}/seed-shelf?season=spring,summer&by=cheapest-first`)
  const titles = await page.$$eval('main article', (all) =>
    all.slice(0, 3).map((one) => one.querySelector('h2, h3, h4')?.textContent?.trim() ?? ''),
  )
  for (const title of titles) {
    await press(page, 'link', `Compare: ${title}`)
    await waitFor(page, 'link', `${title}: compare it no more`)
  }
  await page.evaluate(() => scrollTo(0, 0))
  const shelf = await taken(page)
  await press(page, 'link', 'See 3 side by side')
  await page.waitForSelector('main table')
  await page.evaluate(() => scrollTo(0, 0))
  await sideBySide(page, 'catalogue', [shelf, await taken(page)])
}

/** Nothing of it is kept: the drafts are as they were when it is over. */
async function shapeAndCard(page: Page): Promise<void> {
  await page.goto(`${address}/bench`)
  await press(page, 'link', 'From the hill')
  await press(page, 'button', 'Latest notes 6')
  await waitForText(page, '[aria-label=Tally]', 'shown')
  await page.keyboard.press('4')
  await waitFor(page, 'radio', 'Masonry')
  await shot(page, 'shape')
  await page.locator('::-p-text(Checks)').click()
  await waitForText(page, 'aside', 'What to look at')
  await shot(page, 'checks')
  await page.goto(`${address}/bench`)
  await press(page, 'link', 'Gardens we made')
  await page.locator('::-p-text(All gardens we made)').click()
  await waitForText(page, '[aria-label=Tally]', 'shown')
  await page.keyboard.press('5')
  await press(page, 'button', 'Settings of picture')
  await shot(page, 'card')
  await press(page, 'button', 'Ready-made cards')
  await page.waitForSelector('[role=dialog] iframe')
  await shot(page, 'ready-made')
}

/** What visitors can do with the shelf. */
async function visitors(page: Page): Promise<void> {
  await page.goto(`${address}/bench`)
  await press(page, 'link', 'Seed shelf')
  await page.locator('::-p-text(All seed shelf)').click()
  await waitForText(page, '[aria-label=Tally]', 'shown')
  await page.keyboard.press('7')
  await press(page, 'button', 'Settings of Season')
  await waitFor(page, 'radiogroup', 'Terms offered')
  await shot(page, 'visitors')
}

/** A title set larger and in a colour of the palette; taken back when it is over. */
async function look(page: Page): Promise<void> {
  await page.goto(`${address}/bench`)
  await press(page, 'link', 'Orchard')
  await press(page, 'button', 'Orchard notes 6')
  await waitForText(page, '[aria-label=Tally]', 'shown')
  await page.keyboard.press('6')
  await press(page, 'button', 'What of it: Card')
  await press(page, 'radio', 'Title')
  await press(page, 'button', 'Letters')
  await (await waitFor(page, 'textbox', 'Size')).click()
  await page.keyboard.type('22')
  await page.keyboard.press('Enter')
  await press(page, 'button', 'Letters 1 differs')
  await press(page, 'button', 'Colour')
  await press(page, 'button', 'Leaf')
  await waitForText(page, 'aside', 'Contrast with its ground')
  await page.$eval('aside [aria-expanded=true]', (open) => open.scrollIntoView({ block: 'center' }))
  await shot(page, 'look')
  await press(page, 'button', 'Put all of it back')
  await waitForStatus(page, 'Saved')
}

/** One page in two looks, each on a light and on a dark device; the look is put back when it is over. */
async function twoLooks(page: Page): Promise<void> {
  const own = 'Seed packet'
  const shots: string[] = []
  for (const name of [own, 'Print in a mount']) {
    await inLook(page, name)
    const id = new URL(page.url()).pathname.split('/').at(-1)
    await page.goto(`${address}/api/bench/pages/${id}/document`)
    for (const value of ['light', 'dark']) {
      await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value }])
      shots.push(await taken(page))
    }
  }
  await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'light' }])
  await inLook(page, own)
  await sideBySide(page, 'two-looks', shots)
}

/** Opens a page in the bench, and puts its listing in a look. */
async function inLook(page: Page, name: string): Promise<void> {
  await page.goto(`${address}/bench`)
  await press(page, 'link', 'Seed shelf')
  await page.locator('::-p-text(All seed shelf)').click()
  await waitForText(page, '[aria-label=Tally]', 'shown')
  await page.keyboard.press('6')
  await pick(page, 'Look', name)
  await waitForText(page, '[aria-label="The listing in words"]', `in ${name}.`)
  await waitForStatus(page, 'Saved')
}

async function bench(page: Page): Promise<void> {
  await page.goto(`${address}/bench`)
  await waitFor(page, 'button', 'Sign in')
  await fill(page, 'Mail address', demoAccount.email)
  await fill(page, 'Password', demoAccount.password)
  await press(page, 'button', 'Sign in')
  await waitForText(page, 'main', 'Orchard')
  await shot(page, 'pages')
  await press(page, 'link', 'Orchard')
  await press(page, 'button', 'Orchard notes 6')
  await waitForText(page, '[aria-label=Tally]', 'in Orchard')
  await shot(page, 'bench')
  await press(page, 'button', 'Why?')
  await press(page, 'combobox', 'Entry')
  await page.keyboard.type('Leaf mould')
  await press(page, 'option', 'Leaf mould: the eighteen-month recipe')
  await waitForText(page, 'aside', 'Not shown')
  await shot(page, 'why')
  await shapeAndCard(page)
  await visitors(page)
  await page.goto(`${address}/bench/content/field-notes`)
  await waitFor(page, 'link', 'Soup from the bottom of the shelf')
  await shot(page, 'content')
  await press(page, 'link', 'Seed shelf')
  await press(page, 'link', 'Hillfoot broad bean')
  await waitFor(page, 'heading', 'Hillfoot broad bean')
  await shot(page, 'entry')
  await page.goto(`${address}/bench/site`)
  await waitForText(page, 'main', 'Wren Hollis')
  await shot(page, 'site')
  await page.goto(`${address}/bench/looks`)
  await page.waitForSelector('article[aria-label=Quiet] iframe')
  await shot(page, 'looks')
}
