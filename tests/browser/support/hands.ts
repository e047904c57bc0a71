import type { ElementHandle, Page } from 'puppeteer-core'

/** How tests use the interface: by role and name, as people and screen readers find things. */

function named(role: string, name: string): string {
  return `::-p-aria([name="${name}"][role="${role}"])`
}

/**
 * Waits until everything that was moving or fading has come to its end, and what takes the focus by
 * itself has it.
 */
export async function waitForStillness(page: Page): Promise<void> {
  await page.evaluate(async () => {
    // Fields that take the focus do so when they are first seen: a frame after they are drawn.
    for (let frames = 0; frames < 2; frames += 1)
      await new Promise((resolve) => requestAnimationFrame(resolve))
    const moving = document
      .getAnimations()
      // What goes along with a place that is scrolled has no end in time.
      .filter(({ timeline }) => timeline === document.timeline)
      .filter((one) => one.playState === 'running' && one.effect?.getComputedTiming().endTime !== Infinity)
    await Promise.allSettled(moving.map((one) => one.finished))
  })
}

/**
 * Presses what has the role and the name, once it is there, still and free, and no dialog that is leaving
 * lies over it.
 */
export async function press(page: Page, role: string, name: string): Promise<void> {
  const deadline = Date.now() + page.getDefaultTimeout()
  while (Date.now() < deadline) {
    const found = await waitFor(page, role, name)
    await waitForStillness(page)
    const place = await found.evaluate(whereFree)
    if (place !== null) return page.mouse.click(place.x, place.y)
  }
  throw new Error(`The ${role} “${name}” can’t be pressed.`)
}

/**
 * The middle of something that can be pressed there: it is in view, has not moved from one frame to the
 * next, is not switched off nor about to be replaced, and no dialog lies over it. Null where it is none of
 * that for a second, or is gone from the page by now: it is looked for anew.
 */
async function whereFree(element: Element): Promise<{ x: number; y: number } | null> {
  const isInView = await new Promise((resolve) => {
    const observer = new IntersectionObserver(([seen]) => resolve(seen?.intersectionRatio === 1))
    observer.observe(element)
    // What goes from the page in this moment is never told of.
    setTimeout(resolve, 500, false)
  })
  if (!isInView) element.scrollIntoView({ block: 'center', inline: 'center', behavior: 'instant' })
  let before = element.getBoundingClientRect()
  for (let frames = 0; frames < 60 && element.isConnected; frames += 1) {
    await new Promise((resolve) => requestAnimationFrame(resolve))
    const now = element.getBoundingClientRect()
    const isStill = (['x', 'y', 'width', 'height'] as const).every((side) => now[side] === before[side])
    before = now
    const place = { x: now.x + now.width / 2, y: now.y + now.height / 2 }
    const dialog = document.elementFromPoint(place.x, place.y)?.closest('[role=dialog]')
    const isCovered = dialog != null && !dialog.contains(element)
    const isBusy = element.closest('[aria-busy=true], :disabled') !== null
    if (isStill && now.width > 0 && !isCovered && !isBusy) return place
  }
  return null
}

/** Presses a button by the mouse, or by the keys alone. */
export async function use(page: Page, hand: string, name: string): Promise<void> {
  if (hand === 'mouse') return press(page, 'button', name)
  await (await waitFor(page, 'button', name)).press('Enter')
}

/** Publishes the page in work: what that changes is shown first. */
export async function publish(page: Page, hand = 'mouse'): Promise<void> {
  await use(page, hand, 'Publish')
  await use(page, hand, 'Publish now')
}

/** Chooses from a menu by the mouse, or by the keys alone. */
export async function chooseFrom(page: Page, hand: string, menu: string, item: string): Promise<void> {
  if (hand === 'mouse') {
    await press(page, 'button', menu)
    return press(page, 'menuitem', item)
  }
  await (await waitFor(page, 'button', menu)).press('Enter')
  await (await waitFor(page, 'menuitem', item)).press('Enter')
}

/** Types into the field of that label, in place of what stands there. */
export async function fill(page: Page, label: string, text: string): Promise<void> {
  await clear(page, label)
  await page.keyboard.type(text)
}

/** Empties the field of that label. */
export async function clear(page: Page, label: string): Promise<void> {
  await empty(page, await waitFor(page, 'textbox', label))
}

async function empty(page: Page, field: ElementHandle): Promise<void> {
  await enter(page, field)
  await page.keyboard.down('Control')
  await page.keyboard.press('KeyA')
  await page.keyboard.up('Control')
  await page.keyboard.press('Backspace')
}

/** Goes into a field to type there, once what opened with it has settled. */
export async function enter(page: Page, field: ElementHandle | null): Promise<void> {
  if (field === null) throw new Error('There is no field to type into.')
  await waitForStillness(page)
  await keepFocus(field)
}

/**
 * Gives a field the focus, again where another takes it that was seen first just now, as the first of a
 * dialog.
 */
async function keepFocus(field: ElementHandle): Promise<void> {
  let isKept = false
  while (!isKept)
    isKept = await field.evaluate(async (one) => {
      ;(one as HTMLElement).focus()
      for (let frames = 0; frames < 3; frames += 1)
        await new Promise((resolve) => requestAnimationFrame(resolve))
      return !one.isConnected || one === document.activeElement || one.contains(document.activeElement)
    })
}

/** Types a day, as the site's language writes it, or a time into a field and leaves that. */
export async function fillDate(page: Page, label: string, text: string): Promise<void> {
  await fill(page, label, text)
  await page.keyboard.press('Tab')
}

/** Types the time of a field that has a day and a time, and leaves that. */
export async function fillTime(page: Page, label: string, text: string): Promise<void> {
  const field = await page.waitForSelector(`${named('group', label)} ${named('textbox', 'Time')}`)
  if (field === null) throw new Error(`“${label}” has no time.`)
  await empty(page, field)
  await page.keyboard.type(text)
  await page.keyboard.press('Tab')
}

/** Sets the number of a number field. */
export async function setNumber(page: Page, label: string, value: number | string): Promise<void> {
  const field = await waitFor(page, 'spinbutton', label)
  await field.click({ count: 3 })
  await field.type(String(value))
}

/** Chooses one of a few that are all in sight, by the mouse or by the keys alone. */
export async function chooseRadio(page: Page, hand: string, group: string, name: string): Promise<void> {
  const wanted = await waitFor(page, 'radio', name)
  if (hand === 'mouse') return press(page, 'radio', name)
  const all = await (await waitFor(page, 'radiogroup', group)).$$('[role=radio]')
  const isChosen = (radio: ElementHandle) =>
    radio.evaluate((one) => one.getAttribute('aria-checked') === 'true')
  for (const radio of all) if (await isChosen(radio)) await radio.focus()
  for (let steps = 0; steps < all.length && !(await isChosen(wanted)); steps += 1) {
    const before = await page.evaluateHandle(() => document.activeElement)
    await page.keyboard.press('ArrowRight')
    await page.waitForFunction((one) => document.activeElement !== one, {}, before)
  }
}

/** Turns what is on or off by the mouse, or by the keys alone. */
export async function turn(page: Page, hand: string, name: string): Promise<void> {
  if (hand === 'mouse') return press(page, 'checkbox', name)
  await (await waitFor(page, 'checkbox', name)).press('Space')
}

/** Picks from a field that opens a list, by the mouse or by the keys alone. */
export async function pickBy(page: Page, hand: string, label: string, option: string): Promise<void> {
  if (hand !== 'mouse') return pick(page, label, option)
  await press(page, 'combobox', label)
  await press(page, 'option', option)
}

/** Chooses the one thing that a field which finds by typing takes. */
export async function chooseOne(page: Page, label: string, option: string): Promise<void> {
  await press(page, 'combobox', label)
  await page.keyboard.type(option)
  await page.locator(named('option', option)).click()
}

/** Chooses one of the several things that a field takes, and closes its list. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  await chooseOne(page, label, option)
  await page.keyboard.press('Escape')
}

/** Picks from a field that opens a list, by typing the beginning of what is wanted. */
export async function pick(page: Page, label: string, option: string): Promise<void> {
  const field = await waitFor(page, 'combobox', label)
  await waitForStillness(page)
  await field.focus()
  // Without the space, which would open the list, and in one go: the field forgets what was typed a
  // second ago, and a busy machine can take that long from key to key.
  await field.evaluate(
    (input, typed) =>
      Array.from(typed).forEach((key) =>
        input.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true })),
      ),
    option.split(' ')[0] ?? option,
  )
  await page.waitForFunction(
    (input, wanted) => (input as HTMLElement).parentElement?.textContent?.includes(wanted) === true,
    {},
    field,
    option,
  )
}

/**
 * Drags by a handle to the middle of a place and lets go once `lies` says that the page shows it there.
 * A hand is never quite still, and a list takes what lies over it for a while.
 */
export async function drag(
  page: Page,
  name: string,
  place: ElementHandle,
  lies: () => Promise<boolean>,
): Promise<void> {
  await waitForStillness(page)
  const handle = await waitFor(page, 'button', name)
  // Its own list, not one that this lies in: that would drag the row around it.
  await page.waitForFunction((one) => one.closest('ol, ul')?.matches('[data-draggable]'), {}, handle)
  const [from, to] = await Promise.all([middleOf(handle), middleOf(place)])
  await page.mouse.move(from.x, from.y)
  await page.mouse.down()
  const deadline = Date.now() + 20_000
  for (let times = 0; !(await lies()); times += 1) {
    if (Date.now() > deadline) throw new Error(`“${name}” can’t be dragged there.`)
    // What was taken into another list on the way lies there until the hand goes off and comes back.
    const isBack = times % 30 === 29
    const [x, y] = isBack ? [(from.x + to.x) / 2, (from.y + to.y) / 2] : [to.x + (times % 2), to.y]
    await page.mouse.move(x, y, { steps: isBack || times % 30 === 0 ? 12 : 1 })
  }
  await page.mouse.up()
}

async function middleOf(element: ElementHandle): Promise<{ x: number; y: number }> {
  const box = await element.boundingBox()
  if (box === null) throw new Error('What is not shown has no middle.')
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
}

/** How often it is looked whether something has come, in milliseconds. */
const glance = 40

/**
 * Waits for what has the role and the name. It is looked for now and then, not in every frame: each
 * look goes through all that screen readers are told of the page.
 */
export async function waitFor(page: Page, role: string, name: string): Promise<ElementHandle> {
  const deadline = Date.now() + page.getDefaultTimeout()
  for (;;) {
    const found = await page.$(named(role, name))
    if (found !== null) return found
    if (Date.now() > deadline) throw new Error(`There is no ${role} “${name}”.`)
    await new Promise((resolve) => setTimeout(resolve, glance))
  }
}

/** Waits until no dialog is left on the screen, also none that is still leaving it. */
export async function waitForNoDialog(page: Page): Promise<void> {
  await page.waitForFunction(() => document.querySelector('[role=dialog]') === null)
}

/** Whether something of the role and the name is there now. */
export async function isThere(page: Page, role: string, name: string): Promise<boolean> {
  return (await page.$(named(role, name))) !== null
}

/** Waits until a place of the page holds a text. */
export async function waitForText(page: Page, selector: string, text: string): Promise<void> {
  await page.waitForFunction(
    (where, what) => document.querySelector(where)?.textContent?.includes(what) === true,
    { polling: glance },
    selector,
    text,
  )
}

/** Waits until a place of the page no longer holds a text. */
export async function waitForNoText(page: Page, selector: string, text: string): Promise<void> {
  await page.waitForFunction(
    (where, what) => document.querySelector(where)?.textContent?.includes(what) !== true,
    { polling: glance },
    selector,
    text,
  )
}

/** The text of the status line: how the draft stands. */
export async function waitForStatus(page: Page, text: string): Promise<void> {
  await waitForText(page, '[role=status]', text)
}

/** How many cards the page in the bench's frame shows for a listing; -1 where it shows none of that name. */
export async function shownCards(page: Page, listing: string): Promise<number> {
  return (await shownTitles(page, listing))?.length ?? -1
}

/** The titles of the cards that the page in the bench's frame shows for a listing; null where it has none. */
export async function shownTitles(page: Page, listing: string): Promise<readonly string[] | null> {
  const handle = await page.waitForSelector('iframe')
  const frame = await handle?.contentFrame()
  const region = await frame?.$(named('region', listing))
  return (await region?.$$eval('article', titlesOf)) ?? null
}

const titlesOf = (cards: readonly Element[]) =>
  cards.map((card) => card.querySelector('h2, h3, h4, h5, h6')?.textContent?.trim() ?? '')

export interface ListedCard {
  readonly title: string
  readonly left: number
  readonly dates: number
}

/** The cards of a listing, named as screen readers name it, in the order of the page. */
export async function cardsOf(page: Page, listing: string): Promise<readonly ListedCard[]> {
  const region = await waitFor(page, 'region', listing)
  return region.$$eval('article', (cards) =>
    cards.map((card) => ({
      title: card.querySelector('h2, h3, h4, h5, h6')?.textContent?.trim() ?? '',
      left: Math.round(card.getBoundingClientRect().left),
      dates: card.querySelectorAll('time').length,
    })),
  )
}
