import type { ElementHandle, Page } from 'puppeteer-core'
import { waitForStillness } from './hands'

/** What can be pressed, chosen or typed into, as somebody meets it. */
export interface Control {
  readonly name: string
  readonly kind: 'press' | 'open' | 'type'
  /** Whether it is what is chosen of several, so that choosing it changes nothing. */
  readonly isChosen: boolean
}

/** A part of the screen, by what holds it, and what in there does not belong to it. */
export interface Region {
  readonly within: string
  readonly without?: string
}

/**
 * Not handles and sliders, which are tried where things are moved, nor links, which lead elsewhere. The first two
 * rows of a list stand for the others.
 */
function controlsOf({ within, without }: Region): string {
  const not = [
    '[data-move]',
    ':is([role=slider], [type=range])',
    // The platform's own picker of colours can't be used from here; what is picked can be typed beside it.
    '[type=color]',
    ':disabled',
    '[tabindex="-1"]',
    '[aria-hidden=true] *',
    ':is(tr, li):nth-child(n+3) *',
  ]
  if (without !== undefined) not.push(`${without} *`)
  return `${within} :is(button, input, textarea):not(${not.join(', ')})`
}

/** The controls of a region that can be seen, in the order in which they stand. */
export async function controlsIn(page: Page, region: Region): Promise<readonly Control[]> {
  return page.$$eval(controlsOf(region), (all) =>
    all
      .filter((one) => one.getClientRects().length > 0)
      .map((one) => {
        const labels = (one as HTMLInputElement).labels
        const role = one.getAttribute('role') ?? (one as HTMLInputElement).type
        return {
          name:
            one.getAttribute('aria-label') ??
            (labels?.length ? Array.from(labels, (label) => label.textContent).join(' ') : one.textContent) ??
            '',
          kind:
            role === 'combobox'
              ? 'open'
              : ['text', 'search', 'number', 'spinbutton', 'textarea'].includes(role)
                ? 'type'
                : 'press',
          isChosen: one.matches(
            '[role=radio][aria-checked=true], [type=radio]:checked, [aria-pressed=true], [aria-current]',
          ),
        } as const
      }),
  )
}

/** The control at a place in that order. */
export async function controlAt(page: Page, region: Region, at: number): Promise<ElementHandle<Element>> {
  const found = await page.evaluateHandle(
    (wanted, place) =>
      Array.from(document.querySelectorAll(wanted)).filter((one) => one.getClientRects().length > 0)[place],
    controlsOf(region),
    at,
  )
  const element = found.asElement()
  if (element === null) throw new Error(`There is no control ${at}.`)
  return element as ElementHandle<Element>
}

/** The names of the controls that the Tab key does not come to from what stands first. */
export async function passedOver(page: Page, region: Region, first: string): Promise<readonly string[]> {
  const all = await controlsIn(page, region)
  const met = new Set<number>()
  await page.focus(first)
  for (;;) {
    await page.keyboard.press('Tab')
    const at = await page.evaluate(
      (root, wanted) => {
        const here = document.activeElement
        if (here?.closest(root) == null) return null
        const seen = Array.from(document.querySelectorAll(wanted)).filter(
          (one) => one.getClientRects().length > 0,
        )
        return seen.indexOf(here)
      },
      region.within,
      controlsOf(region),
    )
    if (at === null || met.has(at)) break
    if (at !== -1) met.add(at)
  }
  return all.filter((_, at) => !met.has(at)).map((one) => one.name)
}

/**
 * What a screen holds, without what is only told of it: which controls there are and how they stand,
 * what lies over the screen, and what Undo would take back. Read once nothing is awaited and it has stayed
 * the same for a while.
 */
export async function stateOf(page: Page, { within }: Region): Promise<string> {
  return page.evaluate(async (root) => {
    const read = () =>
      JSON.stringify([
        document.querySelector('[aria-label^="Undo"]')?.getAttribute('aria-label'),
        document.querySelector(`${root} :is(h1, h2)`)?.textContent,
        Array.from(document.querySelectorAll(`${root} [contenteditable]`), (one) => one.innerHTML),
        document.activeElement?.tagName === 'IFRAME',
        Array.from(
          document.querySelectorAll(`${root} :is(button, input, textarea, [role=combobox])`),
          (one) => [
            (one as HTMLInputElement).value,
            (one as HTMLInputElement).checked,
            ...['aria-checked', 'aria-pressed', 'aria-expanded', 'aria-label'].map((name) =>
              one.getAttribute(name),
            ),
          ],
        ),
        Array.from(
          document.querySelectorAll('.v-overlay--active :is([role=option], [role=menuitem], button, input)'),
          (one) => one.textContent,
          // Of a long list only so much is drawn as is to be seen for now.
        ).slice(0, 10),
        Array.from(document.querySelectorAll('.v-snackbar__content, [role=alert]'), (one) => one.textContent),
      ])
    let state = read()
    for (let frames = 0; frames < 8; frames += 1) {
      await new Promise((resolve) => requestAnimationFrame(resolve))
      const now = read()
      if (now !== state || document.documentElement.hasAttribute('data-awaiting')) frames = 0
      state = now
    }
    return state
  }, within)
}

/** How a control is used: by the mouse or by the keys. */
export type Hand = (page: Page, control: Control, element: ElementHandle) => Promise<void>

/** Pressed where it is seen, or typed into from there. */
export const byMouse: Hand = async (page, control, element) => {
  await element.scrollIntoView()
  await waitForStillness(page)
  await element.click({ count: control.kind === 'type' ? 3 : 1 })
  if (control.kind === 'type') await page.keyboard.type('4')
}

/** The same by the keys alone, from the control that had been stepped to. */
export const byKeys: Hand = async (page, control, element) => {
  await element.focus()
  await waitForStillness(page)
  if (control.kind === 'type') {
    await page.keyboard.down('Control')
    await page.keyboard.press('KeyA')
    await page.keyboard.up('Control')
    await page.keyboard.type('4')
  } else await page.keyboard.press(control.kind === 'open' ? 'ArrowDown' : 'Space')
}
