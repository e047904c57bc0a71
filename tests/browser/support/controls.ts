import type { ElementHandle, Page } from 'puppeteer-core'

/** What can be pressed, chosen or typed into, as somebody meets it. */
export interface Control {
  readonly name: string
  readonly kind: 'press' | 'open' | 'type'
}

/** Not handles, which are tried where things are moved, nor links, which lead elsewhere. */
const controls =
  ':is(button, input, textarea):not([data-move], :disabled, [tabindex="-1"], [aria-hidden=true] *)'

/** The controls within an element that can be seen, in the order in which they stand. */
export async function controlsIn(page: Page, within: string): Promise<readonly Control[]> {
  return page.$$eval(`${within} ${controls}`, (all) =>
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
        } as const
      }),
  )
}

/** The control at a place in that order. */
export async function controlAt(page: Page, within: string, at: number): Promise<ElementHandle<Element>> {
  const all = await page.$$(`${within} ${controls}`)
  const seen: ElementHandle<Element>[] = []
  for (const one of all)
    if (await one.evaluate((element) => element.getClientRects().length > 0)) seen.push(one)
  const found = seen[at]
  if (found === undefined) throw new Error(`There is no control ${at}.`)
  return found
}

/** The names of the controls that the Tab key does not come to from what stands first. */
export async function passedOver(page: Page, within: string, first: string): Promise<readonly string[]> {
  const all = await controlsIn(page, within)
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
      within,
      `${within} ${controls}`,
    )
    if (at === null || met.has(at)) break
    if (at !== -1) met.add(at)
  }
  return all.filter((_, at) => !met.has(at)).map((one) => one.name)
}

/**
 * What a screen holds, without what is only told of it: which controls there are and how they stand,
 * what lies over the screen, and what Undo would take back. Read once it stays the same for a while.
 */
export function stateOf(page: Page): Promise<string> {
  return page.evaluate(async () => {
    const read = () =>
      JSON.stringify([
        document.querySelector('[aria-label^="Undo"]')?.getAttribute('aria-label'),
        document.querySelector('aside h2')?.textContent,
        Array.from(
          document.querySelectorAll('aside :is(button, input, textarea, [role=combobox])'),
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
        ),
        document.querySelector('[role=status].v-snackbar__content, .v-snackbar__content')?.textContent,
      ])
    let state = read()
    for (let frames = 0; frames < 8; frames += 1) {
      await new Promise((resolve) => requestAnimationFrame(resolve))
      const now = read()
      if (now !== state) frames = 0
      state = now
    }
    return state
  })
}
