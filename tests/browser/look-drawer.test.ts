import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { Page } from 'puppeteer-core'
import { asPublished, framed, inBench, startApp } from './support/app'
import type { App } from './support/app'
import { chooseTarget, computed, middle, pressState, type } from './support/look'
import {
  chooseRadio,
  fill,
  isThere,
  press,
  pickBy,
  setNumber,
  use,
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
beforeEach(async () => {
  for (const name of ['Orchard notes', 'Wildlife notes']) await asPublished(app, name)
})

const sentence = 'section[aria-label="The listing in words"]'
const title = '.part[data-part="title"] .title'
const [accent, leaf, ink] = ['rgb(161, 61, 23)', 'rgb(40, 98, 74)', 'rgb(29, 43, 36)']
const [line, paper] = ['rgb(221, 216, 200)', 'rgb(255, 254, 249)']
const chosenTab = "[role=tab][aria-selected='true']"
const restingTab = "[role=tab][aria-selected='false']"
/** The ground of cards in “Night beds”. */
const night = 'rgb(22, 33, 27)'

/** The drawer of how a listing looks. */
async function inLook(hand: string): Promise<Page> {
  const page = await inBench(app, 'Orchard')
  await press(page, 'button', 'Orchard notes 6')
  await use(page, hand, 'How it looks: the site’s look')
  await waitFor(page, 'button', 'What of it: Card')
  return page
}

/** How round the cards of the page's two listings are. */
async function radii(page: Page): Promise<readonly string[]> {
  const frame = await framed(page)
  return frame.$$eval('main [data-placement]', (all) =>
    all
      .flatMap((one) => one.querySelector('.card') ?? [])
      .map((card) => getComputedStyle(card).borderTopLeftRadius),
  )
}

/** Chooses the title: by a press on the page, or from all that there is. */
async function chooseTitle(page: Page, hand: string): Promise<void> {
  if (hand === 'mouse') {
    const { x, y } = await middle(page, title)
    await page.mouse.click(x, y)
    await waitFor(page, 'button', 'What of it: Title')
  } else await chooseTarget(page, hand, 'Title')
}

describe.each(['mouse', 'keys'])('a look set by the %s', (hand) => {
  it('restyles a title at rest and pointed at, puts one value back, and all of it by Undo', async () => {
    const page = await inLook(hand)
    const before = await computed(page, title, 'font-size')
    await chooseTitle(page, hand)
    await use(page, hand, 'Letters')
    await type(page, 'Size', '20 + 4')
    await expect.poll(() => computed(page, title, 'font-size')).toBe('24px')
    await waitForText(page, sentence, 'with title of its own')
    await page.keyboard.press('ArrowUp')
    await expect.poll(() => computed(page, title, 'font-size')).toBe('25px')
    await use(page, hand, 'Letters 1 differs')

    await use(page, hand, 'Colour')
    await use(page, hand, 'Accent')
    await expect.poll(() => computed(page, title, 'color')).toBe(accent)
    await waitForText(page, 'aside', 'Contrast with its ground 6.5')
    await pressState(page, hand, 'Pointed at')
    await use(page, hand, 'Leaf')
    // Shown meanwhile, and afterwards only where it is so.
    await expect.poll(() => computed(page, title, 'color')).toBe(leaf)
    await pressState(page, hand, 'At rest')
    await expect.poll(() => computed(page, title, 'color')).toBe(accent)
    const { x, y } = await middle(page, '.card')
    await page.mouse.move(x, y)
    await expect.poll(() => computed(page, title, 'color')).toBe(leaf)
    await page.mouse.move(2, 2)
    await expect.poll(() => computed(page, title, 'color')).toBe(accent)

    await pressState(page, hand, 'Pointed at')
    await use(page, hand, 'Put back: Colour')
    await expect.poll(() => computed(page, title, 'color')).toBe(accent)
    await pressState(page, hand, 'At rest')
    await use(page, hand, 'Put back: Colour')
    await expect.poll(() => computed(page, title, 'color')).toBe(ink)
    expect(await computed(page, title, 'font-size')).toBe('25px')

    await page.keyboard.press('Escape')
    while (!(await isThere(page, 'button', 'Undo'))) await press(page, 'button', 'Undo: Look')
    await expect.poll(() => computed(page, title, 'font-size')).toBe(before)
    await page.close()
  })

  it('says what can’t be read, and offers the nearest that can', async () => {
    const page = await inLook(hand)
    await chooseTitle(page, hand)
    await use(page, hand, 'Colour')
    await use(page, hand, 'Line')
    await waitForText(page, 'aside', 'Contrast with its ground 1.4: 4.5 is the least that all can read')
    await use(page, hand, 'The nearest that can be read')
    await waitForText(page, 'aside', 'Contrast with its ground 4.5')
    await waitForNoText(page, 'aside', 'is the least that all can read')
    await page.close()
  })

  it('sets the border of one side alone', async () => {
    const page = await inLook(hand)
    await use(page, hand, 'Edge')
    await use(page, hand, 'Border: all sides as one')
    await use(page, hand, 'Set: Border, bottom')
    await setNumber(page, 'Width', 6)
    await expect.poll(() => computed(page, '.card', 'border-bottom-width')).toBe('6px')
    expect(await computed(page, '.card', 'border-top-width')).toBe('0px')
    await page.close()
  })

  it('sets the sides of a box as one, or apart', async () => {
    const page = await inLook(hand)
    await use(page, hand, 'Space')
    await type(page, 'Inside', '12')
    await expect.poll(() => computed(page, '.card', 'padding')).toBe('12px')
    await use(page, hand, 'Inside: all sides as one')
    await type(page, 'Inside, top', '1em')
    await expect.poll(() => computed(page, '.card', 'padding')).toBe('16px 12px 12px')
    await use(page, hand, 'Inside: all sides as one')
    await expect.poll(() => computed(page, '.card', 'padding')).toBe('16px')
    await use(page, hand, 'Put back: Inside')
    await expect.poll(() => computed(page, '.card', 'padding')).toBe('0px')
    await page.close()
  })

  it('is one that others share, chosen among all of them, which Undo takes back', async () => {
    const page = await inLook(hand)
    const before = await computed(page, '.card', 'background-color')
    await use(page, hand, 'See all')
    await waitFor(page, 'dialog', 'Looks')
    await use(page, hand, 'Night beds')
    await waitForNoDialog(page)
    await expect.poll(() => computed(page, '.card', 'background-color')).toBe(night)
    await waitForText(page, sentence, 'in Night beds.')
    await use(page, hand, 'Undo: In “Night beds”')
    await expect.poll(() => computed(page, '.card', 'background-color')).toBe(before)
    await pickBy(page, hand, 'Look', 'Night beds')
    await expect.poll(() => computed(page, '.card', 'background-color')).toBe(night)
    await use(page, hand, 'Put back: Look')
    await expect.poll(() => computed(page, '.card', 'background-color')).toBe(before)
    await page.close()
  })

  it('becomes a look that a second listing is in, and what departs from it is put into it', async () => {
    const name = `${hand === 'mouse' ? 'Bent' : 'Curved'} corners`
    const page = await inLook(hand)
    await use(page, hand, 'Edge')
    await type(page, 'Corners', '9')
    await waitForText(page, 'aside', 'With card of its own.')
    await use(page, hand, 'Make a look of it')
    await waitFor(page, 'dialog', 'New look')
    await fill(page, 'Name of the look', name)
    await use(page, hand, 'Make it')
    await waitForNoDialog(page)
    await waitForText(page, sentence, `in ${name}.`)
    await press(page, 'button', 'Wildlife notes 5')
    await pickBy(page, hand, 'Look', name)
    await waitForText(page, sentence, `in ${name}.`)
    await waitFor(page, 'image', 'From the look')
    await type(page, 'Corners', '21')
    await waitForText(page, sentence, 'with card of its own')
    expect(await radii(page)).toEqual(['9px', '21px'])
    await use(page, hand, `Put it into “${name}”`)
    await waitForText(page, '[role=dialog]', '“Orchard notes” follows. Visitors see it at once.')
    await use(page, hand, 'Put it in')
    await waitForNoDialog(page)
    await expect.poll(() => radii(page)).toEqual(['21px', '21px'])
    await waitForText(page, sentence, `in ${name}.`)
    await waitForText(page, 'body', `“${name}” is changed`)
    await press(page, 'button', 'Undo')
    await expect.poll(() => radii(page)).toEqual(['9px', '21px'])
    await use(page, hand, 'Drop it')
    await expect.poll(() => radii(page)).toEqual(['9px', '9px'])
    await page.close()
  })

  it('styles a tab bar in three states, all of it undone', async () => {
    const page = await inBench(app, 'Orchard')
    await press(page, 'button', 'Orchard notes 6')
    await page.waitForSelector('aside[data-clause]')
    await page.keyboard.press('4')
    await press(page, 'radio', 'Tabs')
    await (await framed(page)).waitForSelector(`[data-placement] ${chosenTab}`)
    const [before, chosenBefore] = await Promise.all([
      computed(page, restingTab, 'background-color'),
      computed(page, chosenTab, 'background-color'),
    ])
    await page.keyboard.press('6')
    await chooseTarget(page, hand, 'Tab')
    await use(page, hand, 'Colour')
    for (const [state, colour, shownOn, value] of [
      ['At rest', 'Line', restingTab, line],
      ['Chosen', 'Leaf', chosenTab, leaf],
      ['Pointed at', 'Accent', restingTab, accent],
    ] as const) {
      await chooseRadio(page, hand, 'State', state)
      const palette = await waitFor(page, 'group', 'Ground: of the site’s palette')
      const sample = await palette.waitForSelector(`::-p-aria([name="${colour}"][role="button"])`)
      await (hand === 'mouse' ? sample?.click() : sample?.press('Enter'))
      await expect.poll(() => computed(page, shownOn, 'background-color')).toBe(value)
    }
    // Back at rest the page is as visitors have it: no tab is pointed at.
    await chooseRadio(page, hand, 'State', 'At rest')
    await expect.poll(() => computed(page, restingTab, 'background-color')).toBe(line)
    for (const now of [line, line, before]) {
      await use(page, hand, 'Undo: Look')
      await expect.poll(() => computed(page, restingTab, 'background-color')).toBe(now)
    }
    await expect.poll(() => computed(page, chosenTab, 'background-color')).toBe(chosenBefore)
    await page.close()
  })

  it('holds in narrow boxes alone where that is asked', async () => {
    const page = await inLook(hand)
    if (hand === 'mouse') await pickBy(page, hand, 'In boxes', 'narrower than 460 px')
    else {
      await (await waitFor(page, 'combobox', 'In boxes')).focus()
      // The last of them: what is typed to find one does not tell the two widths apart.
      await page.keyboard.press('ArrowDown')
      await waitFor(page, 'option', 'narrower than 460 px')
      await waitForStillness(page)
      await page.keyboard.press('End')
      await page.keyboard.press('Enter')
    }
    await waitForText(page, 'aside', 'narrower than 460 px')
    await use(page, hand, 'Edge')
    await use(page, hand, 'Set: Border')
    await waitForText(page, sentence, 'with card of its own')
    expect(await computed(page, '.card', 'border-top-width')).toBe('0px')
    await use(page, hand, 'Narrow')
    await expect.poll(() => computed(page, '.card', 'border-top-width')).toBe('1px')
    await page.close()
  })

  it('goes from one thing to another, of another listing too', async () => {
    const page = await inLook(hand)
    await use(page, hand, 'Edge')
    await type(page, 'Corners', '9')
    await expect.poll(() => computed(page, '.card', 'border-top-left-radius')).toBe('9px')
    await use(page, hand, 'Copy this style')
    await press(page, 'button', 'Wildlife notes 5')
    await use(page, hand, 'Put the copied style here')
    await waitForText(page, sentence, 'with card of its own')
    await use(page, hand, 'Put all of it back')
    await waitForText(page, sentence, 'in the site’s look')
    await page.close()
  })
})

it('is looked over by the checks, which lead to what is wrong and mend it', async () => {
  const page = await inLook('mouse')
  await chooseTarget(page, 'mouse', 'Title')
  await press(page, 'button', 'Colour')
  const palette = await waitFor(page, 'group', 'Colour: of the site’s palette')
  await (await palette.waitForSelector('::-p-aria([name="Paper"][role="button"])'))?.click()
  await expect.poll(() => computed(page, title, 'color')).toBe(paper)
  await page.locator('::-p-text(Checks)').click()
  await waitForText(page, 'aside', 'Title has 1.0 to 1 with its ground')
  await press(page, 'button', 'Put its colour back: Orchard notes')
  await expect.poll(() => computed(page, title, 'color')).toBe(ink)
  await waitForNoText(page, 'aside', 'Title has 1.0 to 1')
  await page.close()
})

it('offers the colours that are in use already', async () => {
  const page = await inLook('mouse')
  await press(page, 'button', 'Colour')
  const typed = await waitFor(page, 'textbox', 'Ground: Own colour')
  await typed.click()
  await page.keyboard.type('#336699')
  await expect.poll(() => computed(page, '.card', 'background-color')).toBe('rgb(51, 102, 153)')
  await chooseTarget(page, 'mouse', 'Title')
  const used = await waitFor(page, 'group', 'Colour: in use already')
  await (await used.waitForSelector('::-p-aria([name="#336699"][role="button"])'))?.click()
  await expect.poll(() => computed(page, title, 'color')).toBe('rgb(51, 102, 153)')
  await page.close()
})

it('shows at once, with nothing asked anew, and as the server writes it', async () => {
  const page = await inLook('mouse')
  await press(page, 'button', 'Space')
  await type(page, 'Inside', '1')
  await expect.poll(() => computed(page, '.card', 'padding')).toBe('1px')
  const asked: string[] = []
  page.on('request', (request) => asked.push(new URL(request.url()).pathname))
  const field = await waitFor(page, 'textbox', 'Inside')
  const frames: number[] = []
  for (let pixels = 2; pixels <= 21; pixels += 1) frames.push(await field.evaluate(steppedUp, `${pixels}px`))
  const [median, slowest] = [frames.toSorted((one, other) => one - other)[10], Math.max(...frames)]
  console.log(`Style to page: median ${median} frames, slowest ${slowest} of ${frames.length}`)
  expect(asked.filter((path) => path.endsWith('/preview'))).toEqual([])
  await waitForStatus(page, 'Saved')
  const shown = await computed(page, '.card', 'padding')
  await page.reload()
  await expect.poll(() => computed(page, '.card', 'padding')).toBe(shown)
  await page.close()
})

it('shows a state of the chosen listing alone', async () => {
  const page = await inLook('mouse')
  await press(page, 'button', 'Colour')
  await press(page, 'radio', 'Pointed at')
  await press(page, 'button', 'Leaf')
  await expect.poll(() => computed(page, '.card', 'color')).toBe(leaf)
  await press(page, 'button', 'Wildlife notes 5')
  await expect.poll(() => computed(page, '.card', 'color')).toBe(ink)
  await page.close()
})

it('says what is no length, and what is too long, and takes neither', async () => {
  const page = await inLook('mouse')
  await press(page, 'button', 'Letters')
  await type(page, 'Size', '12px + 1em')
  await waitForText(page, 'aside', 'Give a length as a number with its unit')
  await type(page, 'Size', '4000')
  await waitForText(page, 'aside', 'Give a length from 6 to 200 px.')
  await waitForText(page, sentence, 'in the site’s look.')
  await page.close()
})

it('goes along with a name that is dragged', async () => {
  const page = await inLook('mouse')
  await press(page, 'button', 'Space')
  await waitForStillness(page)
  const name = await page.waitForSelector('aside ::-p-text(Inside)')
  const box = await name?.boundingBox()
  if (!box) throw new Error('There is no name to drag.')
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 40, y, { steps: 10 })
  await page.mouse.up()
  await expect.poll(() => computed(page, '.card', 'padding')).toBe('10px')
  await page.close()
})

/** Frames from a press of the arrow key to the framed page as it then is. */
function steppedUp(field: Element, padding: string): Promise<number> {
  const page = document.querySelector('iframe')?.contentDocument
  const card = page?.querySelector('[data-placement] .card')
  field.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true }))
  return new Promise((resolve) => {
    let frames = 0
    const look = () => {
      if (card && getComputedStyle(card).paddingTop === padding) return resolve(frames)
      frames += 1
      requestAnimationFrame(look)
    }
    requestAnimationFrame(look)
  })
}
