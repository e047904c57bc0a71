import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  cardsOf,
  chooseFrom,
  drag,
  enter,
  fillDate,
  pick,
  press,
  publish,
  shownTitles,
  waitFor,
  waitForNoDialog,
  waitForNoText,
  waitForStatus,
  waitForStillness,
  waitForText,
} from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const sentence = 'section[aria-label="The listing in words"]'

/** Steps with the Tab key to what has the role and the name, then presses a key on it. */
async function tabTo(
  page: Page,
  role: string,
  name: string,
  key: 'Enter' | 'Space' | null = 'Enter',
): Promise<void> {
  const wanted = await waitFor(page, role, name)
  await waitForStillness(page)
  for (let steps = 0; steps < 200; steps += 1) {
    if (
      await page.evaluate(
        (element) => element === document.activeElement || element.contains(document.activeElement),
        wanted,
      )
    ) {
      if (key !== null) await page.keyboard.press(key)
      return
    }
    await page.keyboard.press('Tab')
  }
  throw new Error(`The Tab key never came to the ${role} “${name}”.`)
}

/** Opens the menu of a control and takes one of it with the arrow keys. */
async function takeFromMenu(page: Page, opener: string, item: string): Promise<void> {
  await tabTo(page, 'button', opener)
  await waitFor(page, 'menuitem', item)
  await waitForStillness(page)
  for (let steps = 0; steps < 60; steps += 1) {
    if ((await page.evaluate(() => document.activeElement?.textContent?.trim())) === item)
      return page.keyboard.press('Enter')
    await page.keyboard.press('ArrowDown')
  }
  throw new Error(`The arrow keys never came to “${item}”.`)
}

async function takeBack(page: Page): Promise<void> {
  await page.keyboard.down('Control')
  await page.keyboard.press('KeyZ')
  await page.keyboard.up('Control')
}

/** Takes what was found, once nothing else is: what the first letters found would be taken in its place. */
async function takeFound(page: Page, option: string): Promise<void> {
  await waitFor(page, 'option', option)
  await page.waitForFunction(() => document.querySelectorAll('[role=option]').length === 1)
  await waitForStillness(page)
  await page.keyboard.press('Enter')
}

/** Types into a field that takes several, and takes what it finds first. */
async function takeByTyping(page: Page, label: string, text: string): Promise<void> {
  await tabTo(page, 'combobox', label, null)
  await page.keyboard.type(text)
  await waitFor(page, 'option', text)
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
}

describe('the question of a listing', () => {
  it('is built three groups deep by keyboard alone, counted, and explained', async () => {
    const page = await inBench(app, 'Field notes', { width: 1280, height: 800 })
    await tabTo(page, 'button', 'All notes 57')
    await waitForText(page, sentence, 'Show all field notes')

    await takeFromMenu(page, 'Add a rule', 'Group of rules')
    await takeFromMenu(page, 'Add a rule to Group 1', 'Topic')
    await takeByTyping(page, 'Terms', 'Soil')
    await waitForText(page, sentence, 'field notes (in Soil)')
    await takeFromMenu(page, 'Add a rule to Group 1', 'Group of rules')
    await takeFromMenu(page, 'Add a rule to Group 1.2', 'Pinned, or has a picture')
    await takeFromMenu(page, 'Add a rule to Group 1.2', 'Group of rules')
    await takeFromMenu(page, 'Add a rule to Group 1.2.2', 'Published')
    await waitForText(page, sentence, 'field notes (in Soil or (with a picture or (last 90 days)))')

    const counts = async () =>
      (await waitFor(page, 'region', 'Tally')).$$eval('li strong', (all) =>
        all.map((one) => Number(one.textContent)),
      )
    const before = await counts()
    await expect.poll(counts).toHaveLength(3)
    expect(before[0]).toBeGreaterThan(50)

    // The innermost rule is moved out of its group, and back by Undo.
    await tabTo(page, 'button', 'Move Published: arrow keys', null)
    await page.keyboard.press('ArrowLeft')
    await waitForText(page, sentence, 'field notes (in Soil or (with a picture or last 90 days))')
    await takeBack(page)
    await waitForText(page, sentence, '(last 90 days)')

    await takeFromMenu(page, 'What to do with Group 1.2', 'Switch off')
    await waitForText(page, sentence, 'field notes (in Soil), newest first')
    await expect.poll(async () => (await counts())[1]).toBeLessThan(before[0] ?? 0)

    await page.keyboard.press('Escape')
    await tabTo(page, 'button', 'Why?')
    await tabTo(page, 'combobox', 'Entry', null)
    await page.keyboard.type('Drying bean pods')
    await takeFound(page, 'Drying bean pods when it will not stop raining')
    const why = 'aside[aria-label="Why, or why not"]'
    await waitForText(page, why, 'Not shown: this is what it fails.')
    await waitForText(page, why, 'Has: Saving and Autumn')
    await tabTo(page, 'combobox', 'Entry', null)
    await page.keyboard.down('Control')
    await page.keyboard.press('KeyA')
    await page.keyboard.up('Control')
    const molehills = 'What the molehills told us about drainage'
    await page.keyboard.type('What the molehills')
    await takeFound(page, molehills)
    // Where it stands depends on the season that it is.
    const shown = await shownTitles(page, 'All notes')
    expect(shown).toContain(molehills)
    await waitForText(
      page,
      why,
      `Shown: number ${(shown ?? []).indexOf(molehills) + 1} in the order, on page 1.`,
    )
  })

  it.each(['mouse', 'keys'])('asks when entries happen, once or on every date: by %s', async (hand) => {
    const page = await inBench(app, 'Our years', { width: 1280, height: 800 })
    await press(page, 'button', 'All our years 18')
    await chooseFrom(page, hand, 'Add a rule', 'When they happen')
    await waitForText(page, sentence, 'our years still to come')
    if (hand === 'mouse') {
      await press(page, 'combobox', 'They')
      await press(page, 'option', 'happen within a time')
    } else await pick(page, 'They', 'happen within a time')
    await waitForText(page, sentence, 'our years happening this week')
    const every = await waitFor(page, 'radio', 'On every date')
    if (hand === 'mouse') await every.click()
    else {
      await (await waitFor(page, 'radio', 'Once, at its next date')).focus()
      await page.keyboard.press('ArrowRight')
    }
    await waitForText(page, sentence, 'on every date')
    await waitForStatus(page, 'Saved')
    await takeBack(page)
    await waitForNoText(page, sentence, 'on every date')
    await takeBack(page)
    await takeBack(page)
    await waitForText(page, sentence, 'all our years')
    await waitForStatus(page, 'Saved')
  })

  it('takes entries picked by hand, several at once, with words of their own', async () => {
    const page = await inBench(app, 'Orchard', { width: 1280, height: 800 })
    await press(page, 'button', 'Add to Main')
    await press(page, 'menuitem', 'Growers’ words')
    await press(page, 'radio', 'By hand')
    await press(page, 'button', 'Pick entries')
    await waitFor(page, 'listbox', 'Pick entries')
    await waitForStillness(page)
    const options = await page.$$('[role=option]')
    const titles = await page.$$eval('[role=option]', (all) =>
      all.map((one) => one.querySelector('span')?.textContent ?? ''),
    )
    const [first = '', second, third, , fifth] = titles
    await options[0]?.click()
    await page.keyboard.down('Shift')
    await options[2]?.click()
    await page.keyboard.up('Shift')
    await page.keyboard.down('Control')
    await options[4]?.click()
    await page.keyboard.up('Control')
    await press(page, 'button', 'Pick 4 entries')
    await waitForNoDialog(page)
    await waitForText(page, sentence, 'Show 4 entries picked from growers’ words, in the order picked')

    await press(page, 'button', `What to do with ${first}`)
    await press(page, 'menuitem', 'Say it differently here')
    const { picture_id: picture } = await app.db
      .selectFrom('entries')
      .select('picture_id')
      .where('title', '=', first)
      .executeTakeFirstOrThrow()
    await waitForText(page, '[role=dialog]', picture === null ? 'No picture' : 'The entry’s own picture')
    const own = await (
      await waitFor(page, 'textbox', 'Title')
    ).evaluate((field) => field.getAttribute('placeholder'))
    expect(own).toBe(first)
    await enter(page, await waitFor(page, 'textbox', 'Title'))
    await page.keyboard.type('In other words')
    await press(page, 'button', 'Use these words')
    await waitForNoDialog(page)
    await waitForStatus(page, 'Changes not live')
    await publish(page)
    await waitForStatus(page, '· Live')
    const plain = await visitor(app, { script: false })
    await plain.goto(`${app.address}/orchard`)
    expect((await cardsOf(plain, 'Growers’ words')).map((card) => card.title)).toEqual([
      'In other words',
      second,
      third,
      fifth,
    ])
  })

  it('is asked for another day, and says what the clock will change', async () => {
    const page = await inBench(app, 'Seed shelf')
    const { rows } = await sql<{
      there: number
    }>`select count(*)::integer as there from entry_index i join collections c on c.id = i.collection_id where c.slug = 'seed-shelf' and i.published_at <= now()`.execute(
      app.db,
    )
    await press(page, 'button', `All seed shelf ${rows[0]?.there ?? 0}`)
    const counts = async () =>
      (await waitFor(page, 'region', 'Tally')).$$eval('li strong', (all) =>
        all.map((one) => Number(one.textContent)),
      )
    await expect.poll(async () => (await counts())[0]).toBeGreaterThan(10)
    await press(page, 'button', 'As of now')
    await fillDate(page, 'As of', '01/01/2001')
    await expect.poll(async () => (await counts())[0]).toBe(0)
    await press(page, 'button', 'Clear As of')
    await expect.poll(async () => (await counts())[0]).toBeGreaterThan(10)
    await press(page, 'button', 'What comes next')
    const next = 'aside[aria-label="What comes next"]'
    await page.waitForSelector(`${next} [role=status]`)
    await waitForNoText(page, next, 'Looking ahead…')
    expect(await page.$eval(`${next} [role=status]`, (told) => told.textContent?.trim())).toMatch(
      /^(Next by the clock:|Within a month the clock changes nothing here\.|Nothing changes before )/,
    )
  })

  it('tells of the whole page what the clock will change, listing by listing, and leads to each', async () => {
    const page = await inBench(app, 'From the hill')
    await press(page, 'button', 'What comes next')
    const next = 'aside[aria-label="What comes next"]'
    for (const name of ['Latest notes', 'Short films']) await waitForText(page, next, name)
    await waitForNoText(page, next, 'Looking ahead…')
    const told = await page.$$eval(`${next} section [role=status]`, (all) =>
      all.map((one) => one.textContent),
    )
    expect(told.length).toBeGreaterThan(1)
    await press(page, 'button', 'Short films')
    await waitForText(page, 'section[aria-label="The listing in words"]', 'lessons')
    await waitForNoText(page, next, 'Latest notes')
    await page.close()
  })

  it('says what is wrong with a rule, and shows nothing by it', async () => {
    const page = await inBench(app, 'Seed shelf')
    await press(page, 'button', 'Add to Main')
    await press(page, 'menuitem', 'Seed shelf')
    await press(page, 'button', 'Add a rule')
    await press(page, 'menuitem', 'Published')
    await press(page, 'combobox', 'When')
    await press(page, 'option', 'between two days')
    await fillDate(page, 'First day', '01/05/2026')
    await fillDate(page, 'Last day', '01/04/2026')
    await waitForText(page, 'aside', 'The first day lies after the last. Swap them.')
    await waitForText(page, 'section[aria-label="Tally"]', 'shown')
    const counts = await (
      await waitFor(page, 'region', 'Tally')
    ).$$eval('li strong', (all) => all.map((one) => Number(one.textContent)))
    expect(counts.at(-1)).toBe(0)
    await press(page, 'button', 'What to do with Published')
    await press(page, 'menuitem', 'Copy')
    await press(page, 'button', 'Add a rule')
    await press(page, 'menuitem', 'Paste the copied rule')
    await waitForText(page, sentence, 'from 1 May 2026 to 1 April 2026 and published from 1 May 2026')
  })
  it('has rules that are dragged into groups', async () => {
    const page = await inBench(app, 'Plots', { width: 1280, height: 900 })
    await press(page, 'button', 'Add to Main')
    await press(page, 'menuitem', 'Plots')
    for (const rule of ['Group of rules', 'Published']) {
      await press(page, 'button', 'Add a rule')
      await press(page, 'menuitem', rule)
    }
    await press(page, 'button', 'Add a rule to Group 1')
    await press(page, 'menuitem', 'Pinned, or has a picture')
    await waitForText(page, sentence, 'plots (with a picture) and last 90 days')
    // On its way it may come in after the other; it is let go above it.
    const group = await waitFor(page, 'button', 'Move Pinned, or has a picture: arrow keys')
    await drag(page, 'Move Published: arrow keys', group, async () =>
      page.$eval('ul[aria-label="Group 1"]', (list) => /Published.*Pinned/s.test(list.textContent ?? '')),
    )
    await expect
      .poll(() => page.$eval(sentence, (words) => words.textContent ?? ''))
      .toContain('plots (last 90 days or with a picture)')
  })
})
