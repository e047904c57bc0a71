import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { ElementHandle, Page } from 'puppeteer-core'
import { demoAccount } from '~~/demo/account'
import { inBench, openInBench, signedIn, startApp } from './support/app'
import type { App } from './support/app'
import {
  fill,
  isThere,
  press,
  setNumber,
  shownCards,
  waitFor,
  waitForStatus,
  waitForText,
} from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** A page of the demo in a bench of its own, wide enough for the ruler to have room. */
async function benchOf(title: string): Promise<Page> {
  const page = await inBench(app, title, { width: 1500, height: 900 })
  return page
}

/** The stops of the chosen listing that can be moved, by the width of the page where they lie. */
function stopsOf(page: Page): Promise<readonly number[]> {
  return page.$$eval('[role=slider][aria-label^="Stop"]', (all) =>
    all.map((one) => Number(one.getAttribute('aria-valuenow'))),
  )
}

async function stopAt(page: Page, at: number): Promise<ElementHandle<Element>> {
  const found = (await page.$$('[role=slider][aria-label^="Stop"]'))[at]
  if (found === undefined) throw new Error(`There is no stop ${at}.`)
  return found
}

/** The width of the page that a pixel of the ruler stands for. */
function pagePixels(page: Page): Promise<number> {
  return page.$eval('[role=slider][aria-label^="Stop"]', (handle) => {
    const track = handle.parentElement?.getBoundingClientRect().width ?? 1
    const [least, most] = [handle.getAttribute('aria-valuemin'), handle.getAttribute('aria-valuemax')].map(
      Number,
    )
    return ((most ?? 0) - (least ?? 0)) / track
  })
}

const focused = (page: Page) => page.evaluate(() => document.activeElement?.textContent?.trim() ?? '')

describe('the ruler', () => {
  it('lets a stop be dragged as far as the pointer goes, in as many moves as it takes', async () => {
    const page = await benchOf('From the hill')
    await press(page, 'button', 'Latest notes 6')
    await expect.poll(() => stopsOf(page)).not.toEqual([])
    const [before = 0] = await stopsOf(page)
    const box = await (await stopAt(page, 0)).boundingBox()
    const [x, y] = [(box?.x ?? 0) + (box?.width ?? 0) / 2, (box?.y ?? 0) + (box?.height ?? 0) / 2]
    await page.mouse.move(x, y)
    await page.mouse.down()
    await page.mouse.move(x + 40, y, { steps: 20 })
    await page.mouse.up()
    const wanted = before + 40 * (await pagePixels(page))
    const moved = async () => Math.abs(((await stopsOf(page))[0] ?? 0) - wanted)
    await expect.poll(moved).toBeLessThan(4)
    await page.mouse.move(x + 120, y)
    expect(await moved()).toBeLessThan(4)
    await page.close()
  })

  it('lets a stop be moved by its keys for as long as they are pressed', async () => {
    const page = await benchOf('From the hill')
    await press(page, 'button', 'Latest notes 6')
    await expect.poll(() => stopsOf(page)).not.toEqual([])
    const [before = 0] = await stopsOf(page)
    await (await stopAt(page, 0)).focus()
    for (let times = 0; times < 5; times += 1) await page.keyboard.press('ArrowRight')
    await expect.poll(async () => ((await stopsOf(page))[0] ?? 0) - before).toBeGreaterThan(45)
    for (let times = 0; times < 3; times += 1) await page.keyboard.press('ArrowLeft')
    await expect.poll(async () => ((await stopsOf(page))[0] ?? 0) - before).toBeLessThan(25)
    await page.close()
  })
})

describe('a drawer', () => {
  it('has the focus once its ticket is pressed, closes with Escape, and gives the focus back', async () => {
    const page = await benchOf('Orchard')
    await press(page, 'button', 'Orchard notes 6')
    const ticket = 'How many: 6 of them'
    await press(page, 'button', ticket)
    await expect.poll(() => focused(page)).toBe('How many')
    // Pressing it again is no way out: it is the way in.
    await press(page, 'button', ticket)
    await waitFor(page, 'heading', 'How many')
    await page.keyboard.press('Escape')
    await expect.poll(() => isThere(page, 'heading', 'How many')).toBe(false)
    await expect.poll(() => focused(page)).toBe('6 of them')
    await page.keyboard.press('4')
    await expect.poll(() => focused(page)).toBe('How they are laid out')
    await page.keyboard.press('w')
    await expect.poll(() => focused(page)).toMatch(/^Why/)
    await page.keyboard.press('Escape')
    await page.close()
  })

  it('is that of what to show for a new listing, which comes into view', async () => {
    const page = await benchOf('Orchard')
    await press(page, 'button', 'Orchard notes 6')
    await press(page, 'button', 'How many: 6 of them')
    await press(page, 'button', 'Add to Main')
    await press(page, 'menuitem', 'Plots')
    await waitFor(page, 'heading', 'What to show')
    const inSight = async () => {
      const frame = await (await page.$('iframe'))?.contentFrame()
      return frame?.evaluate(() => {
        const placed = Array.from(document.querySelectorAll('[data-area=main] [data-placement]')).at(-1)
        const { top, bottom } = placed?.getBoundingClientRect() ?? { top: Infinity, bottom: 0 }
        return placed?.classList.contains('bench-chosen') === true && top < innerHeight && bottom > 0
      })
    }
    await expect.poll(inSight).toBe(true)
    await page.close()
  })
})

describe('the keyboard', () => {
  it('goes round the parts of the screen with F6, and into the page only on purpose', async () => {
    const page = await benchOf('Orchard')
    await press(page, 'button', 'Orchard notes 6')
    await page.keyboard.press('3')
    await expect.poll(() => focused(page)).toBe('How many')
    const round: string[] = []
    for (let times = 0; times < 5; times += 1) {
      await page.keyboard.press('F6')
      round.push((await focused(page)).slice(0, 14))
    }
    expect(new Set(round).size).toBe(5)
    expect(round[4]).toBe('How many')
    const entrance = await waitFor(page, 'button', 'Go into the page; Escape leads back here')
    await entrance.focus()
    await page.keyboard.press('Tab')
    // Nothing of the framed page is stopped at on the way.
    expect(await page.evaluate(() => document.activeElement?.tagName)).not.toBe('IFRAME')
    await entrance.focus()
    await page.keyboard.press('Enter')
    expect(await page.evaluate(() => document.activeElement?.tagName)).toBe('IFRAME')
    await page.keyboard.press('Escape')
    await expect.poll(() => focused(page)).toMatch(/^Go into the page/)
    await page.close()
  })

  it('finds in a menu by the first letter', async () => {
    const page = await benchOf('Orchard')
    await press(page, 'button', 'Add to Side')
    await waitFor(page, 'menuitem', 'Plots')
    await page.keyboard.press('p')
    await expect.poll(() => focused(page)).toBe('Plots')
    await page.close()
  })
})

describe('a switch', () => {
  it('can be put back, by the press beside it', async () => {
    const page = await benchOf('From the hill')
    await press(page, 'button', 'Coming days 4')
    await page.keyboard.press('4')
    await press(page, 'checkbox', 'Lines between rows')
    await press(page, 'button', 'Put back: Lines between rows')
    await expect.poll(() => isThere(page, 'button', 'Put back: Lines between rows')).toBe(false)
    await page.close()
  })
})

describe('a draft', () => {
  it('goes on being saved where a placed listing was undone and done again', async () => {
    const page = await benchOf('Our years')
    await press(page, 'button', 'Add to Main')
    await press(page, 'menuitem', 'Lessons')
    await waitForStatus(page, 'Saved')
    await press(page, 'button', 'Undo: Place “Lessons”')
    await waitForStatus(page, 'Saved')
    await press(page, 'button', 'Redo: Place “Lessons”')
    await waitForStatus(page, 'Saved')
    expect(await page.$$('[role=dialog]')).toEqual([])
    await page.close()
  })

  it('does not write over somebody else’s, however often the page is opened before that is settled', async () => {
    const page = await benchOf('Lessons')
    const row = await app.db
      .selectFrom('pages')
      .selectAll()
      .where('path', '=', '/lessons')
      .executeTakeFirstOrThrow()
    const theirs = { ...row.draft, title: 'Lessons as others have them' }
    const { draft_version: version } = row
    await app.db
      .updateTable('pages')
      .set({ draft: JSON.stringify(theirs), draft_version: version + 1 })
      .where('id', '=', row.id)
      .execute()
    await press(page, 'button', 'All lessons 8')
    await page.keyboard.press('3')
    await setNumber(page, 'Show', 7)
    for (let times = 0; times < 2; times += 1) {
      await waitForText(page, '[role=dialog]', 'You can go on with either version.')
      await page.reload()
    }
    await waitFor(page, 'dialog', 'This page was changed by somebody else')
    const kept = await app.db
      .selectFrom('pages')
      .select('draft')
      .where('id', '=', row.id)
      .executeTakeFirstOrThrow()
    expect(kept.draft.title).toBe('Lessons as others have them')
    await page.close()
  })

  it('opens where what the browser kept of it can’t be read', async () => {
    const page = await signedIn(app)
    const { id } = await app.db.selectFrom('accounts').select('id').executeTakeFirstOrThrow()
    const { id: pageId } = await app.db
      .selectFrom('pages')
      .select('id')
      .where('path', '=', '/plots')
      .executeTakeFirstOrThrow()
    await page.evaluate(
      (key) => localStorage.setItem(key, '{"version":1,"document":{"page":'),
      `bushel.draft.${id}.${pageId}`,
    )
    await openInBench(app, page, 'Plots')
    await waitFor(page, 'button', 'All plots 20')
    await page.close()
  })

  it('is not published by a key that is pressed behind a dialog', async () => {
    const page = await benchOf('Growers’ words')
    const published = () =>
      app.db
        .selectFrom('pages')
        .select('published_at')
        .where('path', '=', '/growers-words')
        .executeTakeFirst()
    const before = await published()
    await press(page, 'button', 'All growers’ words 22')
    await page.keyboard.press('5')
    await press(page, 'button', 'Ready-made cards')
    await page.waitForSelector('[role=dialog]')
    await page.keyboard.down('Control')
    await page.keyboard.press('Enter')
    await page.keyboard.up('Control')
    await page.keyboard.press('Escape')
    await expect.poll(async () => (await page.$$('[role=dialog]')).length).toBe(0)
    expect(await published()).toEqual(before)
    await expect.poll(() => focused(page)).toBe('Ready-made cards')
    await page.close()
  })
})

describe('the page at work', () => {
  it('says where it could not be brought up to date, and is as soon as it can', async () => {
    const page = await benchOf('Orchard')
    await press(page, 'button', 'Orchard notes 6')
    await page.keyboard.press('3')
    await page.setRequestInterception(true)
    let isAway = true
    page.on('request', (request) =>
      isAway && request.url().endsWith('/preview') ? request.abort() : request.continue(),
    )
    const cards = () => shownCards(page, 'Orchard notes')
    await setNumber(page, 'Show', 5)
    await waitForText(page, 'main [role=alert]', 'This is the page as it was before your last edit.')
    expect(await cards()).toBe(6)
    isAway = false
    await press(page, 'button', 'Try again')
    await expect.poll(cards).toBe(5)
    await expect.poll(async () => (await page.$$('main [role=alert]')).length).toBe(0)
    await page.close()
  })
})

describe('a session that ends', () => {
  it('is gone on with by signing in again, and what was being sent is sent', async () => {
    const page = await benchOf('Seed shelf')
    // What the drawer asks comes before: else that is what nobody is signed in for.
    const asked = page.waitForResponse((answer) => answer.url().endsWith('/elsewhere'))
    await press(page, 'button', 'All seed shelf 30')
    await page.keyboard.press('3')
    await asked
    const cookies = await page.browserContext().cookies()
    await page.browserContext().deleteCookie(...cookies)
    await setNumber(page, 'Show', 30)
    await waitFor(page, 'dialog', 'You were signed out')
    await fill(page, 'Password', 'a wrong one')
    await press(page, 'button', 'Sign in')
    await waitForText(page, '[role=dialog] [role=alert]', 'password')
    await fill(page, 'Password', demoAccount.password)
    await press(page, 'button', 'Sign in')
    await waitForStatus(page, 'Saved')
    const row = await app.db.selectFrom('listings').select('draft').execute()
    expect(row.find((one) => one.draft.name === 'All seed shelf')?.draft.amount?.take).toBe(30)
    await page.close()
  })
})
