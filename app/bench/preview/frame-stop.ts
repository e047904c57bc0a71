import { ref } from 'vue'

/** What the Tab key stops at. */
const stops = 'a[href], button, input, select, textarea, summary, iframe, [tabindex]'

/**
 * Makes the framed page one stop of the Tab key: what is in it is passed by until somebody goes into
 * it on purpose, and again when they have left it.
 */
export function useFrameStop(page: () => Document | null) {
  /** How each element was to be reached before it was passed by. */
  const before = new Map<Element, string | null>()
  const isInside = ref(false)

  /** Passes by what is in the page now; to be called whenever that is another. */
  function pass(): void {
    if (isInside.value) return
    for (const element of before.keys()) if (!element.isConnected) before.delete(element)
    for (const element of page()?.querySelectorAll(stops) ?? []) {
      if (element.getAttribute('tabindex') === '-1') continue
      before.set(element, element.getAttribute('tabindex'))
      element.setAttribute('tabindex', '-1')
    }
  }

  /** Goes to the first thing in the page that the Tab key stops at. */
  function enter(): void {
    isInside.value = true
    for (const [element, tabindex] of before) {
      if (tabindex === null) element.removeAttribute('tabindex')
      else element.setAttribute('tabindex', tabindex)
    }
    before.clear()
    page()?.querySelector<HTMLElement>(`main :is(${stops})`)?.focus()
  }

  function leave(): void {
    isInside.value = false
    pass()
  }

  return { pass, enter, leave, isInside }
}
