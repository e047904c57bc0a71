import type { Page } from 'puppeteer-core'
import { framed } from './app'
import { isThere, press, use, waitFor, waitForStillness } from './hands'

/** What the page computes for something of its first listing. */
export async function computed(page: Page, selector: string, property: string): Promise<string> {
  const frame = await framed(page)
  return frame.$eval(
    `[data-placement] ${selector}`,
    (one, name) => getComputedStyle(one).getPropertyValue(name),
    property,
  )
}

/**
 * A place of something of a listing on the screen, the first where no other is named, by its share of it from
 * the top left: the frame shows its page smaller than it is.
 */
export async function middle(
  page: Page,
  selector: string,
  share = 0.5,
  within = '[data-placement]',
): Promise<{ x: number; y: number }> {
  await waitForStillness(page)
  const inner = await (
    await framed(page)
  ).$eval(
    `${within} ${selector}`,
    (one, part) => {
      one.scrollIntoView({ block: 'center', behavior: 'instant' })
      const { x, y, width, height } = one.getBoundingClientRect()
      return { x: x + width * part, y: y + height * part }
    },
    share,
  )
  return page.$eval(
    'iframe',
    (frame, { x, y }) => {
      const box = frame.getBoundingClientRect()
      const scale = box.width / frame.offsetWidth
      return { x: box.x + x * scale, y: box.y + y * scale }
    },
    inner,
  )
}

/** Chooses what is styled from all that there is. */
export async function chooseTarget(page: Page, hand: string, target: string, from = 'Card'): Promise<void> {
  await use(page, hand, `What of it: ${from}`)
  await waitFor(page, 'radio', target)
  if (hand === 'mouse') await press(page, 'radio', target)
  else {
    for (let steps = 0; steps < 30 && !(await isThere(page, 'button', `What of it: ${target}`)); steps += 1)
      await page.keyboard.press('ArrowLeft')
    await page.keyboard.press('Enter')
  }
  await waitFor(page, 'button', `What of it: ${target}`)
}

/** Types into a field of the drawer, and has it hold. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  const field = await waitFor(page, 'textbox', label)
  await field.click({ count: 3 })
  await page.keyboard.type(text)
  await page.keyboard.press('Enter')
}

/** Looks at what is styled in a state. */
export async function pressState(page: Page, hand: string, name: string): Promise<void> {
  if (hand === 'mouse') return press(page, 'radio', name)
  const group = await waitFor(page, 'radiogroup', 'State')
  await (await group.$('[aria-checked=true]'))?.focus()
  await page.keyboard.press(name === 'At rest' ? 'ArrowLeft' : 'ArrowRight')
}
