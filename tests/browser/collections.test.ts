import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { openCollection, openInBench, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  cardsOf,
  clear,
  fill,
  pick,
  press,
  publish,
  use,
  waitFor,
  waitForNoDialog,
  waitForNoText,
  waitForStatus,
  waitForText,
} from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/**
 * Eight types: the name of each field, its type, what more it needs, a bad value, its message, and
 * a good one.
 */
const fields = [
  {
    name: 'Latin name',
    type: 'Short text',
    bad: 'x'.repeat(121),
    message: 'Keep this within 120 characters; it has 121.',
    good: 'Vicia faba',
  },
  { name: 'Sowing depth', type: 'Number', bad: 'deep', message: 'This takes a number.', good: '5' },
  { name: 'Price', type: 'Money', bad: 'much', message: 'This takes an amount of money.', good: '2.40' },
  {
    name: 'Time to crop',
    type: 'Duration',
    bad: 'a season',
    message: 'This takes a duration, such as 1 h 20 min or 4:30.',
    good: '90 min',
  },
  { name: 'Vigour', type: 'Rating', bad: '7', message: 'Use 5 or less.', good: '4.5' },
  {
    name: 'Flower',
    type: 'Colour',
    bad: 'reddish',
    message: 'This takes a colour, such as #a8431f.',
    good: '#a8431f',
  },
  {
    name: 'More about it',
    type: 'Link',
    bad: 'javascript:alert(1)',
    message: 'Link to http, https, mailto or tel, or to a path of this site.',
    good: '/field-notes',
  },
  {
    name: 'Origin: latitude',
    type: 'Place',
    bad: 'north',
    message: 'A latitude lies between −90 and 90 degrees.',
    good: '52.1',
  },
] as const

async function valueOf(page: Page, label: string): Promise<string> {
  return (await waitFor(page, 'textbox', label)).evaluate((field) => (field as HTMLInputElement).value)
}

async function addField(page: Page, name: string, type: string): Promise<void> {
  await press(page, 'button', 'Add a field')
  await fill(page, 'Name of the field', name)
  if (type !== 'Short text') await pick(page, 'Type', type)
  await press(page, 'button', 'Save the field')
  await waitForNoDialog(page)
  await waitFor(page, 'button', name)
}

/** Takes one of a list by mouse, or by typing its beginning. */
async function choosing(page: Page, hand: string, label: string, option: string): Promise<void> {
  if (hand === 'keys') return pick(page, label, option)
  await press(page, 'combobox', label)
  await press(page, 'option', option)
}

async function addEntry(page: Page, title: string, values: Record<string, string>): Promise<void> {
  await press(page, 'link', 'Beans')
  await press(page, 'link', 'Add a bean')
  await fill(page, 'Title', title)
  for (const [name, value] of Object.entries(values)) await fill(page, name, value)
  await press(page, 'button', 'Publish')
  await waitForText(page, 'body', `Published: “${title}”`)
}

describe('a collection of one’s own', () => {
  it('is made, filled, changed in type and listed, with nothing restarted', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Field notes')
    await press(page, 'link', 'Add a collection')
    await fill(page, 'Name of the collection', 'Beans')
    await press(page, 'button', 'Make the collection')
    await waitFor(page, 'heading', 'Beans: set up')
    for (const field of fields) await addField(page, field.name.split(':')[0] ?? field.name, field.type)

    await press(page, 'link', 'Beans')
    await press(page, 'link', 'Add a bean')
    await fill(page, 'Title', 'Crimson broad bean')
    for (const field of fields) await fill(page, field.name, field.bad)
    await press(page, 'button', 'Publish')
    for (const field of fields) await waitForText(page, 'form', field.message)
    for (const field of fields) expect(await valueOf(page, field.name)).toBe(field.bad)
    for (const field of fields) await fill(page, field.name, field.good)
    await fill(page, 'Origin: longitude', '-2.3')
    for (const field of fields) await waitForNoText(page, 'form', field.message)
    await press(page, 'button', 'Publish')
    await waitForText(page, 'body', 'Published: “Crimson broad bean”')
    await addEntry(page, 'Slim pea', { 'Latin name': '12' })

    await press(page, 'link', 'Beans')
    await press(page, 'link', 'Set up')
    await press(page, 'button', 'Latin name')
    await pick(page, 'Type', 'Number')
    await press(page, 'button', 'See what changes')
    await waitForText(page, '[role=dialog]', '1 of 2 values fit. 1 do not, and will be left empty')
    await waitForText(page, '[role=dialog]', 'Crimson broad bean Vicia faba This takes a number.')
    await press(page, 'button', 'Change the type')
    await waitForText(page, 'body', '“Latin name” has its new type.')
    await press(page, 'button', 'Undo')
    await waitForText(page, 'body', '“Latin name” is as it was.')
    await waitForNoDialog(page)

    await openInBench(app, page, 'Field notes')
    await press(page, 'button', 'Add to Main')
    await press(page, 'menuitem', 'Beans')
    await waitForText(page, 'section[aria-label="The listing in words"]', 'Show all beans')
    await waitForStatus(page, 'Changes not live')
    await publish(page)
    await waitForStatus(page, '· Live')

    const plain = await visitor(app, { script: false })
    await plain.goto(`${app.address}/field-notes`)
    expect((await cardsOf(plain, 'Beans')).map((card) => card.title).toSorted()).toEqual([
      'Crimson broad bean',
      'Slim pea',
    ])
    await plain.goto(`${app.address}/beans/crimson-broad-bean`)
    const facts = await plain.$$eval('main dd', (all) => all.map((one) => one.textContent?.trim()))
    expect(facts).toEqual([
      'Vicia faba',
      '5',
      '£2.40',
      '1 hr 30 mins',
      '4.5 of 5',
      '/field-notes',
      '52.1° N, 2.3° W',
    ])
  })

  it('takes its deleted fields and itself back', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Field notes')
    await press(page, 'link', 'Add a collection')
    await fill(page, 'Name of the collection', 'Sheds')
    await press(page, 'button', 'Make the collection')
    await waitFor(page, 'heading', 'Sheds: set up')
    await addField(page, 'Roof', 'Short text')
    await press(page, 'button', 'Roof')
    await press(page, 'button', 'Delete the field')
    await waitForText(page, 'body', 'The field “Roof” was deleted.')
    await press(page, 'button', 'Undo')
    await waitFor(page, 'button', 'Roof')
    await press(page, 'button', 'Delete this collection')
    await press(page, 'button', 'Delete')
    await waitForText(page, 'body', '“Sheds” was deleted.')
    await press(page, 'button', 'Undo')
    await waitFor(page, 'heading', 'Sheds: set up')
  })
})

describe('a collection that listings ask', () => {
  it('says which, before it goes, and stays where that is thought better of', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Growers’ words')
    await press(page, 'link', 'Set up')
    await (await waitFor(page, 'button', 'Delete this collection')).focus()
    await page.keyboard.press('Enter')
    await waitForText(page, '[role=dialog]', 'These listings show its entries, and will go on without them:')
    await waitForText(page, '[role=dialog]', '“Over the gate” on “From the hill”')
    await page.keyboard.press('Escape')
    await waitForNoDialog(page)
    await waitFor(page, 'heading', 'Growers’ words: set up')
  })

  it.each([
    ['mouse', 'plots', 'Plots'],
    ['keys', 'lessons', 'Lessons'],
  ])('says which of its fields tell when its entries happen: by %s', async (hand, slug, name) => {
    const page = await signedIn(app)
    await page.goto(`${app.address}/bench/content/${slug}/set-up`)
    await addField(page, 'Shown on', 'Date')
    const section = 'section[aria-label="When and where"]'
    await waitForText(page, section, 'Nothing says when its entries happen.')
    await use(page, hand, 'Say when they happen')
    await choosing(page, hand, 'Begins', 'Shown on')
    await waitFor(page, 'combobox', 'Comes again by')
    await use(page, hand, 'Save when they happen')
    await waitForNoDialog(page)
    await waitForText(page, section, 'Shown on')
    await waitForText(page, 'body', `Dates of “${name}” go by these fields now.`)
    // It is taken back by another hand than it was given with.
    await use(page, hand === 'mouse' ? 'keys' : 'mouse', 'Change when they happen')
    await choosing(page, hand === 'mouse' ? 'keys' : 'mouse', 'Begins', 'Not said')
    await use(page, hand, 'Save when they happen')
    await waitForText(page, section, 'Nothing says when its entries happen.')
  })

  it('has a field for amounts begin in the site’s currency', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Field notes')
    await press(page, 'link', 'Set up')
    await press(page, 'button', 'Add a field')
    await pick(page, 'Type', 'Money')
    await waitForText(page, '[role=dialog]', 'GBP')
    await page.keyboard.press('Escape')
  })
})

describe('the table of entries', () => {
  it('changes many at once and takes it back', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Field notes')
    await press(page, 'checkbox', 'Choose all on this page')
    await press(page, 'button', 'Choose all 64 found')
    await waitForText(page, 'main', '64 chosen')
    const live = () =>
      app.db
        .selectFrom('entries')
        .select(({ fn }) => fn.countAll<number>().as('count'))
        .where('status', '=', 'archived')
        .executeTakeFirstOrThrow()
    const before = (await live()).count
    await press(page, 'button', 'Archive')
    await waitForText(page, 'body', '64 entries changed.')
    expect((await live()).count).toBe(64)
    await press(page, 'button', 'Undo')
    await waitForText(page, 'body', 'Undone for 64')
    expect((await live()).count).toBe(before)
  })

  it('shows the fields that are wanted as columns, and remembers them', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Field notes')
    await press(page, 'button', 'Columns')
    await press(page, 'checkbox', 'Reads')
    await page.keyboard.press('Escape')
    await waitForNoText(page, 'thead', 'Reads')
    await page.reload()
    await waitForText(page, 'thead', 'Published')
    await waitForNoText(page, 'thead', 'Reads')
  })
})

describe('the history of an entry', () => {
  it('goes back to an earlier version, and copies make drafts', async () => {
    const page = await signedIn(app)
    await openCollection(page, 'Field notes')
    await fill(page, 'Find by title', 'Rainwater, counted')
    await press(page, 'link', 'Rainwater, counted')
    await waitFor(page, 'heading', 'Rainwater, counted')
    await clear(page, 'Title')
    await fill(page, 'Title', 'Rain, counted')
    await press(page, 'button', 'Save')
    await waitFor(page, 'heading', 'Rain, counted')
    await press(page, 'button', 'More to do with this entry')
    await press(page, 'menuitem', 'History')
    await waitForText(page, '[role=dialog]', 'As it was')
    await waitForText(page, '[role=dialog]', 'Changed: title')
    await press(page, 'button', 'Go back to this')
    await waitFor(page, 'heading', 'Rainwater, counted')
    await waitForNoDialog(page)
    await press(page, 'button', 'More to do with this entry')
    await press(page, 'menuitem', 'Make a copy')
    await waitFor(page, 'heading', 'Rainwater, counted (copy)')
    await waitForText(page, 'main', 'Draft')
  })
})
