import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  press,
  publish,
  setNumber,
  use,
  waitFor,
  waitForNoDialog,
  waitForStatus,
  waitForText,
} from './support/hands'
import { violations } from './support/violations'

let app: App
/** What the page of the other site holds. */
let pasted = ''
const other = createServer((_, answer) => {
  answer.setHeader('content-type', 'text/html; charset=utf-8')
  answer.end(
    `<!doctype html><html lang="en"><title>Another site</title><main><h1>Another site</h1>${pasted}</main></html>`,
  )
})
beforeAll(async () => {
  app = await startApp()
  await new Promise<void>((resolve) => other.listen(0, '127.0.0.1', resolve))
})
afterAll(async () => {
  other.close()
  await app.stop()
})

/** What is told of copying by what the browser lets a page do. */
const copying = [
  [[], 'The browser did not let it be copied.'],
  [['clipboard-read', 'clipboard-sanitized-write'], 'The code is copied.'],
] as const
const shown = 'Show it at an address of its own'

async function openDialog(hand: string, title: string, name: string): Promise<Page> {
  const page = await inBench(app, title, { width: 1280, height: 900 })
  await chooseFrom(page, hand, `What to do with ${name}`, 'Show it elsewhere…')
  await waitFor(page, 'checkbox', shown)
  return page
}

async function toggle(page: Page, hand: string): Promise<void> {
  const field = await waitFor(page, 'checkbox', shown)
  await (hand === 'mouse' ? field.click() : field.press('Space'))
}

describe.each([
  ['mouse', 'Lessons', 'All lessons', 8],
  ['keys', 'Orchard', 'Orchard notes', 6],
])('a listing on a page of another site, by the %s', (hand, title, name, count) => {
  it('is as high as what it shows, leads out of its frame, follows publications, and ends', async () => {
    const page = await openDialog(hand, title, name)
    expect(await violations(page)).toEqual([])
    await toggle(page, hand)
    const code = await waitFor(page, 'textbox', 'Code for the other page')
    pasted = await code.evaluate((field) => (field as HTMLTextAreaElement).value)
    expect(await violations(page)).toEqual([])
    const context = page.browserContext()
    for (const [permissions, told] of copying) {
      await context.overridePermissions(app.address, [...permissions])
      await use(page, hand, 'Copy the code')
      await waitForText(page, 'body', told)
    }
    await context.clearPermissionOverrides()
    await page.keyboard.press('Escape')
    await waitForNoDialog(page)

    const elsewhere = await visitor(app)
    await elsewhere.setViewport({ width: 900, height: 700 })
    const address = `http://127.0.0.1:${(other.address() as AddressInfo).port}/`
    await elsewhere.goto(address)
    const cards = async () => (await framed(elsewhere)).$$eval('article', (all) => all.length)
    await expect.poll(cards).toBe(count)
    const isWhole = async () => {
      const inner = await (await framed(elsewhere)).$eval('html', (one) => one.offsetHeight)
      const outer = await elsewhere.$eval('iframe', (one) => one.getBoundingClientRect().height)
      return inner > 200 && Math.abs(inner - outer) < 2
    }
    await expect.poll(isWhole).toBe(true)
    await elsewhere.setViewport({ width: 420, height: 700 })
    await expect.poll(isWhole).toBe(true)
    expect(await violations(elsewhere)).toEqual([])

    const link = await (await framed(elsewhere)).waitForSelector('article a')
    const target = await link?.evaluate((one) => (one as HTMLAnchorElement).href)
    await Promise.all([elsewhere.waitForNavigation(), link?.evaluate((one) => (one as HTMLElement).click())])
    expect(elsewhere.url()).toBe(target)

    await press(page, 'button', `${name} ${count}`)
    await page.keyboard.press('3')
    await setNumber(page, 'Show', 2)
    await waitForStatus(page, 'Saved')
    await publish(page)
    const again = async () => {
      await elsewhere.goto(address)
      return cards()
    }
    await expect.poll(again).toBe(2)

    await chooseFrom(page, hand, `What to do with ${name}`, 'Show it elsewhere…')
    await toggle(page, hand)
    await expect.poll(async () => (await fetch(/src="([^"]*)"/.exec(pasted)?.[1] ?? '')).status).toBe(404)
    await Promise.all([elsewhere.close(), page.close()])
  })
})
