import { sql } from 'kysely'
import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { readyMadeCards, withReadyMade } from '~~/core/cards/ready-made'
import { asPublished, framed, inBench, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  fill,
  pickBy,
  press,
  publish,
  setNumber,
  use,
  waitFor,
  waitForNoDialog,
  waitForNoText,
  waitForText,
} from './support/hands'
import { computed } from './support/look'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** What lies behind the first card of the framed page, from the top to the bottom. */
async function ground(page: Page): Promise<string> {
  await framed(page)
  return computed(page, '.card', 'background-image')
}

/** Opens what is set of the colours of cards. */
async function openColours(page: Page, hand: string): Promise<void> {
  await press(page, 'button', 'Orchard notes 6')
  await use(page, hand, 'How it looks: the site’s look')
  await use(page, hand, 'Colour')
}

describe.each(['mouse', 'keys'])('a picture behind cards by the %s', (hand) => {
  it('is chosen, lies as is said, under a gradient, and is put back', async () => {
    await asPublished(app, 'Orchard notes')
    const page = await inBench(app, 'Orchard')
    await openColours(page, hand)
    await use(page, hand, 'Set: Picture behind')
    await use(page, hand, 'Choose: Picture behind')
    const dialog = await waitFor(page, 'dialog', 'Choose a picture')
    const [first] = await dialog.$$eval('button[aria-label^="Use "]', (all) =>
      all.map((one) => one.getAttribute('aria-label') ?? ''),
    )
    await use(page, hand, first ?? '')
    await waitForNoDialog(page)
    await expect.poll(() => ground(page)).toMatch(/^none, url\("http[^"]+\/media\/[\da-f]+\/\d+"\)$/)
    expect(await computed(page, '.card', 'background-size')).toBe('auto, cover')
    await pickBy(page, hand, 'Fills it', 'In tiles')
    await expect.poll(() => computed(page, '.card', 'background-size')).toBe('auto, auto')
    await setNumber(page, 'From the left', 12)
    await expect.poll(() => computed(page, '.card', 'background-position')).toMatch(/^0% 0%, 12% \d+%$/)
    await use(page, hand, 'Set: Gradient')
    await expect.poll(() => ground(page)).toMatch(/^linear-gradient\(.+\), url\("[^"]+"\)$/)
    await use(page, hand, 'Put back: Picture behind')
    await expect.poll(() => ground(page)).toMatch(/^linear-gradient\(.+\), none$/)
    await page.close()
  })
})

it('is there for visitors once it is published, and text that it makes hard to read is told', async () => {
  await asPublished(app, 'Orchard notes')
  const page = await inBench(app, 'Orchard')
  await openColours(page, 'mouse')
  await use(page, 'mouse', 'Set: Picture behind')
  await use(page, 'mouse', 'Choose: Picture behind')
  await fill(page, 'Find by name or description', 'a')
  const found = await waitFor(page, 'dialog', 'Choose a picture')
  await (await found.waitForSelector('button[aria-label^="Use "]'))?.click()
  await waitForNoDialog(page)
  await expect.poll(() => ground(page)).toMatch(/url/)
  await publish(page)
  await waitForText(page, 'body', 'is live')
  const reader = await visitor(app, { script: false })
  const answers: number[] = []
  reader.on('response', (answer) => {
    if (answer.url().includes('/media/')) answers.push(answer.status())
  })
  await reader.goto(`${app.address}/orchard`, { waitUntil: 'networkidle0' })
  const image = await reader.$eval(
    'main [data-placement] .card',
    (card) => getComputedStyle(card).backgroundImage,
  )
  const address = /url\("([^"]+)"\)/.exec(image)?.[1] ?? ''
  expect((await fetch(address)).status).toBe(200)
  expect(new Set(answers)).toEqual(new Set([200]))
  await reader.close()
  await page.close()
})

it('tells what is hard to read over the pictures that cards show, and not what a veil holds up', async () => {
  const page = await overPictures('#00000000')
  await waitForText(page, 'aside', 'Title has ')
  await waitForText(page, 'aside', ' to 1 with its ground')
  await page.close()
  const veiled = await overPictures('#000000d9')
  await waitForNoText(veiled, 'aside', 'Title has ')
  await veiled.close()
})

/** The checks of a page whose listing writes white titles over pictures, on this colour alone. */
async function overPictures(veil: string): Promise<Page> {
  const look = {
    shared: null,
    own: [
      {
        target: 'card-over',
        state: null,
        below: null,
        set: { ground: veil, gradient: { angle: 0, colours: [] } },
      },
      { target: 'title', state: null, below: null, set: { colour: '#ffffff' } },
    ],
  }
  await asPublished(app, 'Orchard notes')
  const { draft } = await app.db
    .selectFrom('listings')
    .select('draft')
    .where(sql<boolean>`draft ->> 'name' = 'Orchard notes'`)
    .executeTakeFirstOrThrow()
  const poster = readyMadeCards.find(({ name }) => name === 'poster')
  if (poster === undefined) throw new Error('There is no ready-made card with its title on the picture.')
  const changed = { ...draft, look, card: { ...draft.card, parts: withReadyMade([], poster, []) } }
  await sql`update listings set draft = ${JSON.stringify(changed)}, draft_version = draft_version + 1
    where draft ->> 'name' = 'Orchard notes'`.execute(app.db)
  const page = await inBench(app, 'Orchard')
  await press(page, 'button', 'Orchard notes 6')
  await page.locator('::-p-text(Checks)').click()
  return page
}
