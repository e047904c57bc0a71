import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { signedIn, startApp } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
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
    expect(await violations(page)).toEqual([])
    if (hand === 'mouse') await press(page, 'link', 'All plots on Plots')
    else await (await waitFor(page, 'link', 'All plots on Plots')).press('Enter')
    await waitFor(page, 'button', 'How it looks: Ledger')
    await page.close()
  })
})

it('leaves the listings of a look that is deleted in the site’s, and says which', async () => {
  const page = await looksScreen()
  const border = async () => (await (await fetch(`${app.address}/plots`)).text()).includes('@layer look')
  expect(await border()).toBe(true)
  await chooseFrom(page, 'mouse', 'What to do with Ledger', 'Delete')
  await waitForText(page, '[role=dialog]', 'In the site’s look by then, for visitors at once: “All plots”.')
  await press(page, 'button', 'Delete')
  await waitForNoDialog(page)
  await waitForNoText(page, 'main', 'Ledger')
  await expect.poll(border).toBe(false)
  await press(page, 'button', 'Undo')
  await waitFor(page, 'button', 'What to do with Ledger')
  await expect.poll(border).toBe(true)
  await page.close()
})
