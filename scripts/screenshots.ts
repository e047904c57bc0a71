import { mkdir } from 'node:fs/promises'
import { fileURLToPath } from 'node:url'
import type { Page } from 'puppeteer-core'
import { demoAccount } from '../demo/account'
import { startBrowser } from '../tests/browser/support/browser'
import { fill, press, waitFor, waitForStatus, waitForText } from '../tests/browser/support/hands'

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
} finally {
  await stop()
}

async function shot(page: Page, name: string, whole = false): Promise<void> {
  await page.evaluate(() => document.fonts.ready)
  await page.waitForNetworkIdle({ idleTime: 300, concurrency: 3 })
  await page.screenshot({ path: `${folder}${name}.png` as `${string}.png`, fullPage: whole })
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
  await shot(page, 'calendar')
  await page.$eval('.schedule', (schedule) => {
    schedule.closest('section')?.scrollIntoView({ behavior: 'instant' })
  })
  for (const title of ['Reading a seed packet', 'Handles and edges'])
    await press(page, 'button', `I am going: ${title}`)
  await shot(page, 'schedule')
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

async function bench(page: Page): Promise<void> {
  await page.goto(`${address}/bench`)
  await waitFor(page, 'button', 'Sign in')
  await fill(page, 'Mail address', demoAccount.email)
  await fill(page, 'Password', demoAccount.password)
  await press(page, 'button', 'Sign in')
  await waitForText(page, 'main', 'Orchard')
  await shot(page, 'pages')
  await press(page, 'button', 'New page')
  await fill(page, 'Title', 'What the hill is up to')
  await press(page, 'radio', 'Front page')
  await page.waitForSelector('iframe[title="What it will look like"]')
  await page.waitForNetworkIdle()
  await shot(page, 'new-page')
  await press(page, 'button', 'Cancel')
  await press(page, 'button', 'Leave')
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
  await page.goto(`${address}/bench/content/field-notes`)
  await waitFor(page, 'link', 'Soup from the bottom of the shelf')
  await shot(page, 'content')
  await press(page, 'link', 'Seed shelf')
  await press(page, 'link', 'Hillfoot broad bean')
  await waitFor(page, 'heading', 'Hillfoot broad bean')
  await shot(page, 'entry')
  for (const [name, path, text] of [
    ['media', '/bench/content/media', 'used once'],
    ['listings', '/bench/listings', 'Latest notes'],
    ['site', '/bench/site', 'Wren Hollis'],
  ] as const) {
    await page.goto(`${address}${path}`)
    await waitForText(page, 'main', text)
    await shot(page, name)
  }
}
