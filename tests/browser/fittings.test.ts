import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Page as BrowserPage } from 'puppeteer-core'
import { documentOfText } from '~~/core/content/rich-text/document'
import { fittings } from '~~/core/fittings'
import { placementsOf } from '~~/core/pages/standing'
import { framed, inBench, openInBench, pageDraft, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  choose,
  chooseFrom,
  drag,
  enter,
  fill,
  pick,
  pickBy,
  press,
  publish,
  setNumber,
  turn,
  use,
  waitFor,
  waitForStatus,
  waitForText,
} from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const placedOn = async (path: string) =>
  placementsOf(await pageDraft(app, path)).flatMap((one) => (one.kind === 'fitting' ? [one.fitting] : []))

/** Chooses one of a few by the mouse, or by the arrow keys from the one that is chosen. */
async function chooseOf(page: BrowserPage, hand: string, before: string, wanted: string): Promise<void> {
  if (hand === 'mouse') return press(page, 'radio', wanted)
  await (await waitFor(page, 'radio', before)).focus()
  await page.keyboard.press('ArrowRight')
}

describe('fittings', () => {
  it.each([
    ['mouse', 'Orchard', '/orchard'],
    ['keys', 'Plots', '/plots'],
  ])(
    'are placed, set and seen on the page at once, and are sound there: by %s',
    async (hand, title, path) => {
      const page = await inBench(app, title, { width: 1280, height: 900 })
      for (const { title: kind } of fittings.all) {
        await chooseFrom(page, hand, 'Add to Side', kind)
        await waitForText(page, 'aside h2', kind)
        expect(await violations(page), kind).toEqual([])
      }
      await press(page, 'button', 'Index of terms')
      await chooseOf(page, hand, 'A list', 'A row')
      await press(page, 'button', 'A heading')
      await fill(page, 'Words', 'Who to ask')
      await press(page, 'button', 'Index of months')
      await chooseOf(page, hand, 'Newest first', 'Oldest first')
      await press(page, 'button', 'Small calendar')
      await pickBy(page, hand, 'Dates of', 'Swap days')
      await choose(page, 'Only what has any of these terms', 'Workshop')
      await turn(page, hand, 'Numbers of weeks')
      await press(page, 'button', 'Search box')
      await fill(page, 'On the button', 'Look')
      await press(page, 'button', 'Menu')
      await chooseOf(page, hand, 'As at the head', 'As at the foot')
      await press(page, 'button', 'Breadcrumbs')
      await fill(page, 'The front page is called', 'The hill')
      await press(page, 'button', 'Line')
      await chooseOf(page, hand, 'Fine', 'Thick')
      await press(page, 'button', 'Space')
      await setNumber(page, 'Height', 72)
      await waitForStatus(page, 'Saved')
      await expect
        .poll(() => placedOn(path))
        .toMatchObject([
          { name: 'note' },
          { name: 'heading', text: 'Who to ask' },
          { name: 'picture', picture: null },
          { name: 'code', code: '' },
          { name: 'terms', layout: 'row' },
          { name: 'months', order: 'oldest' },
          { name: 'calendar', weekNumbers: true },
          { name: 'search', button: 'Look' },
          { name: 'menu', of: 'foot' },
          { name: 'site-name', tagline: false },
          { name: 'breadcrumbs', home: 'The hill' },
          { name: 'entry', parts: expect.any(Array) as unknown },
          { name: 'author', portrait: true },
          { name: 'neighbours', later: 'Later' },
          { name: 'rule', line: 'thick' },
          { name: 'space', height: 72 },
        ])
      const shown = await framed(page)
      await expect.poll(() => shown.$eval('.space', (one) => one.getBoundingClientRect().height)).toBe(72)
      expect(await shown.$eval('.rule', (one) => getComputedStyle(one).borderTopWidth)).toBe('3px')
      await publish(page)
      await waitForText(page, 'body', `“${title}” is live.`)
      const live = await visitor(app)
      await live.goto(app.address + path)
      await waitFor(live, 'heading', 'Who to ask')
      const topics = await waitFor(live, 'navigation', 'Topic')
      expect(await topics.$$eval('a', (links) => links.length)).toBeGreaterThan(5)
      expect(await violations(live)).toEqual([])
      const first = await topics.$eval('a', (link) => ({ name: link.textContent, address: link.href }))
      await live.goto(first.address)
      await waitFor(live, 'heading', first.name)
      await live.close()
      await page.close()
    },
  )

  it.each([
    ['mouse', ['Lessons', '/lessons'], ['Plots', '/plots']],
    ['keys', ['Swap days', '/swap-days'], ['Orchard', '/orchard']],
  ] as const)(
    'keep a note of three paragraphs unchanged on the shelf, and on another page after it, by the %s',
    async (hand, [title, path], [other, otherPath]) => {
      const page = await inBench(app, title, { width: 1280, height: 900 })
      await chooseFrom(page, hand, 'Add to Main', 'Note')
      await enter(page, await page.waitForSelector('aside [contenteditable=true]'))
      const paragraphs = [
        'First come the tools.',
        'Then the bench, and what stands on it.',
        'Last of all the seed.',
      ]
      for (const [at, paragraph] of paragraphs.entries()) {
        if (at > 0) await page.keyboard.press('Enter')
        await page.keyboard.type(paragraph)
      }
      const note = { name: 'note', text: documentOfText(paragraphs.join('\n\n')) }
      await expect.poll(() => placedOn(path)).toContainEqual(note)
      const shown = await framed(page)
      await waitForFrame(shown, 'Last of all the seed.', true)
      await chooseFrom(page, hand, 'What to do with First come the tools.', 'Keep on the shelf')
      await waitForFrame(shown, 'Last of all the seed.', false)
      await waitForText(page, 'section[aria-label=Shelf]', 'First come the tools.')
      await waitForStatus(page, 'Saved')
      await openInBench(app, page, other)
      await waitForText(page, 'section[aria-label=Shelf]', `from ${title}`)
      const others = await page.waitForSelector('section[aria-label=Shelf] summary')
      await (hand === 'mouse' ? others?.click() : others?.press('Enter'))
      await chooseFrom(page, hand, 'Bring First come the tools. here', 'To Side')
      await waitForText(page, 'section[aria-label=Side]', 'First come the tools.')
      await waitForFrame(await framed(page), 'Last of all the seed.', true)
      await expect.poll(() => placedOn(otherPath)).toContainEqual(note)
      await expect.poll(() => placedOn(path)).not.toContainEqual(note)
      await page.close()
    },
  )
})

describe('the page of each entry', () => {
  it.each([
    ['mouse', 'seed-shelf', 'Seed shelf: each entry'],
    ['keys', 'lessons', 'Lessons: each entry'],
  ])('is laid out in parts that are shared out over areas, by the %s', async (hand, slug, title) => {
    const page = await signedIn(app)
    await page.goto(`${app.address}/bench`)
    await use(page, hand, `Set up “${title}”`)
    await use(page, hand, 'The entry')
    await chooseOf(page, hand, 'All of it', 'Its head')
    await chooseFrom(page, hand, 'Add a part', 'Whole text')
    await pressTitle(page)
    await waitFor(page, 'textbox', 'Before it')
    await fill(page, 'Before it', 'Sown: ')
    await chooseFrom(page, hand, 'Add to Main', 'The entry')
    await pickLast(page, 'Its fields')
    await waitForStatus(page, 'Saved')
    await publish(page)
    await waitForText(page, 'body', `“${title}” is live.`)
    const { address, name } = await newestOf(slug)
    const live = await visitor(app)
    await live.goto(app.address + address)
    expect(await live.$$eval('h1', (all) => all.map((one) => one.textContent))).toEqual([`Sown: ${name}`])
    expect(
      await live.$$eval('main article', (all) => all.map((one) => one.querySelector('dl') !== null)),
    ).toEqual([false, true])
    await waitForText(live, 'main dl', slug === 'lessons' ? 'Length' : 'Price')
    expect(await live.$('main video')).toBeNull()
    expect(await violations(live)).toEqual([])
    await live.close()
    await page.close()
  })

  /** Presses the title of the entry on the page itself. */
  async function pressTitle(page: BrowserPage): Promise<void> {
    const shown = await framed(page)
    await shown.waitForSelector('.entry h1')
    await shown.$eval('.entry h1', (one) => one.click())
  }

  /** Chooses in the layouts of what was placed last. */
  async function pickLast(page: BrowserPage, layout: string): Promise<void> {
    await waitForText(page, 'aside h2', 'The entry')
    await press(page, 'radio', layout)
  }

  async function newestOf(slug: string): Promise<{ readonly address: string; readonly name: string }> {
    const row = await app.db
      .selectFrom('entry_index as i')
      .innerJoin('entries as e', 'e.id', 'i.entry_id')
      .innerJoin('collections as c', 'c.id', 'i.collection_id')
      .select(['e.slug', 'e.title', 'c.address'])
      .where('c.slug', '=', slug)
      .where('i.published_at', '<=', new Date())
      .orderBy('i.published_at', 'desc')
      .orderBy('e.id', 'desc')
      .executeTakeFirstOrThrow()
    return { address: row.address.replace('{slug}', row.slug), name: row.title }
  }
})

describe('a menu on a page', () => {
  it.each([
    ['mouse', 'Seed shelf', '/seed-shelf'],
    ['keys', 'Field notes', '/field-notes'],
  ])('has links of its own, named, nested and put in order by the %s', async (hand, title, path) => {
    const page = await inBench(app, title, { width: 1280, height: 900 })
    await chooseFrom(page, hand, 'Add to Side', 'Menu')
    await chooseOf(page, hand, 'As at the head', hand === 'mouse' ? 'Its own' : 'As at the foot')
    if (hand === 'keys') await chooseOf(page, hand, 'As at the foot', 'Its own')
    await waitForText(page, 'aside', 'No link yet.')
    const add = 'Add a link: its links'
    await chooseFrom(page, hand, add, 'Plots')
    await chooseFrom(page, hand, add, 'An address…')
    await fill(page, 'What visitors read: a new link', 'The map')
    await fill(page, 'Address: The map', 'no address')
    await page.keyboard.press('Tab')
    await waitForText(page, 'aside', 'address')
    expect(await violations(page)).toEqual([])
    await fill(page, 'Address: The map', 'https://example.org/map')
    await chooseFrom(page, hand, 'What to do with The map', 'Put it under the one before')
    await chooseFrom(page, hand, add, 'Lessons')
    const handle = await waitFor(page, 'button', 'Move Lessons: arrow keys')
    const plots = await waitFor(page, 'button', 'Move Plots: arrow keys')
    const own = async () => {
      const placed = (await placedOn(path)).find((one) => one.name === 'menu')
      return placed?.name === 'menu' ? placed.links.map((one) => [one.title, one.isWithin]) : []
    }
    const isMoved = () =>
      page.$eval('aside ol .move-handle', (first) => first.ariaLabel?.startsWith('Move Lessons') === true)
    const moved = [
      ['', false],
      ['', false],
      ['The map', true],
    ]
    if (hand === 'mouse') await drag(page, 'Move Lessons: arrow keys', plots, isMoved)
    else for (let steps = 0; steps < 2; steps += 1) await handle.press('ArrowUp')
    await expect.poll(own).toEqual(moved)
    await waitForStatus(page, 'Saved')
    await publish(page)
    await waitForText(page, 'body', `“${title}” is live.`)
    const live = await visitor(app, { script: false })
    await live.goto(app.address + path)
    const menu = await waitFor(live, 'navigation', 'Menu')
    expect(await menu.$$eval('a', (links) => links.map((one) => one.textContent))).toEqual([
      'Lessons',
      'Plots',
      'The map',
    ])
    expect(await menu.$$eval('ul ul a', (links) => links.map((one) => one.href))).toEqual([
      'https://example.org/map',
    ])
    await live.close()
    await page.close()
  })
})

describe('what stands around a placed thing', () => {
  it.each(['mouse', 'keys'])(
    'is its heading, where that leads, and words above and below: by %s',
    async (hand) => {
      const [title, path, listing] =
        hand === 'mouse'
          ? (['Plots', '/plots', 'All plots 20'] as const)
          : (['Field notes', '/field-notes', 'All notes 57'] as const)
      const page = await inBench(app, title, { width: 1280, height: 1000 })
      if (hand === 'mouse') await press(page, 'button', listing)
      else await (await waitFor(page, 'button', listing)).press('Enter')
      await fill(page, 'Heading on the page', 'What comes up')
      await pick(page, 'Level of the heading', '3: within a part')
      await fill(page, 'The heading leads to', 'not an address')
      await waitForText(page, 'aside', 'An address has no spaces in it.')
      await fill(page, 'The heading leads to', '/plots')
      await use(page, hand, 'Words above and below')
      for (const place of ['Words above it', 'Words below it']) {
        await (await waitFor(page, 'textbox', place)).focus()
        await page.keyboard.type(`${place}, in a line.`)
      }
      expect(await violations(page)).toEqual([])
      await waitForStatus(page, 'Saved')
      await expect
        .poll(async () => placementsOf(await pageDraft(app, path))[0])
        .toMatchObject({
          heading: 'What comes up',
          headingLevel: 3,
          headingAddress: '/plots',
          above: documentOfText('Words above it, in a line.'),
          below: documentOfText('Words below it, in a line.'),
        })
      await publish(page)
      await waitForText(page, 'body', `“${title}” is live.`)
      const live = await visitor(app)
      await live.goto(app.address + path)
      const region = await waitFor(live, 'region', 'What comes up')
      expect(await region.$eval('h3 a', (link) => link.getAttribute('href'))).toBe('/plots')
      const [above, below] = await region.$$eval('.placement-words', (all) =>
        all.map((one) => one.getBoundingClientRect().top),
      )
      const listed = await region.$eval('.listing', (one) => one.getBoundingClientRect().top)
      expect([above, listed, below]).toEqual([above, listed, below].toSorted((a = 0, b = 0) => a - b))
      expect(below).toBeGreaterThan(listed)
      await live.close()
      await page.close()
    },
  )
})

/** Waits until the page in the bench has a text, or has it no more. */
async function waitForFrame(
  shown: Awaited<ReturnType<typeof framed>>,
  text: string,
  isThere: boolean,
): Promise<void> {
  await expect
    .poll(() => shown.evaluate((wanted) => document.body.textContent?.includes(wanted), text), {
      timeout: 20_000,
    })
    .toBe(isThere)
}
