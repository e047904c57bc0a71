import { watch } from 'vue'
import { colours } from '../../shared/theme'
import { useSelection } from '../../stores/bench/selection'
import { useShown } from '../../stores/bench/shown'
import { useView } from '../../stores/bench/view'

/** Only in the bench: shows what is chosen and what is pointed at. The page itself has none of it. */
const styles = `
  [data-code] { pointer-events: none; }
  [data-placement] { cursor: pointer; scroll-margin: 24px; }
  [data-placement].bench-pointed { outline: 2px dashed ${colours.leaf}; outline-offset: 8px; border-radius: 4px; }
  .area.bench-area { outline: 1px dashed ${colours.leaf}; outline-offset: 14px; border-radius: 4px; }
  .bench-part { outline: 2px solid ${colours.rust}; outline-offset: 3px; border-radius: 2px; }
  .band.bench-chosen { outline: 2px solid ${colours.leaf}; outline-offset: 4px; border-radius: 4px; scroll-margin: 24px; }
  [data-placement].bench-chosen { outline: 2px solid ${colours.leaf}; outline-offset: 8px; border-radius: 4px; }
`

/**
 * Marks on the framed page what is chosen, pointed at and worked on, and brings it into view.
 * `marked` is called whenever the page may look otherwise.
 */
export function useFrameMarks(page: () => Document | null, marked: () => void) {
  const selection = useSelection()
  const shown = useShown()
  const view = useView()
  /** What was chosen when it was brought into view last: each is once, as soon as the page has it. */
  let inView: string | null = null

  /** What finds the chosen thing on the page; null while nothing is chosen. */
  function chosenThing(): string | null {
    if (selection.chosenId !== null) return `[data-placement="${selection.chosenId}"]`
    return selection.chosenBand === null ? null : `[data-band="${selection.chosenBand}"]`
  }

  /** A page that has just come into the frame. */
  function begin(document: Document): void {
    const style = document.createElement('style')
    style.textContent = styles
    document.head.append(style)
  }

  function mark(): void {
    const document = page()
    document?.querySelectorAll('[data-placement]').forEach((one) => {
      const id = one.getAttribute('data-placement')
      one.classList.toggle('bench-chosen', id === selection.chosenId)
      one.classList.toggle('bench-pointed', id === selection.pointedId && id !== selection.chosenId)
    })
    document
      ?.querySelectorAll('[data-area]')
      .forEach((one) =>
        one.classList.toggle('bench-area', one.getAttribute('data-area') === selection.pointedArea),
      )
    document
      ?.querySelectorAll('[data-band]')
      .forEach((one) =>
        one.classList.toggle('bench-chosen', one.getAttribute('data-band') === String(selection.chosenBand)),
      )
    shown.partTrouble = document === null ? null : markPart(document)
    if (document !== null) bringIntoView(document)
    marked()
  }

  function bringIntoView(document: Document): void {
    const wanted = chosenThing()
    if (wanted === inView) return
    const chosen = wanted === null ? null : document.querySelector(wanted)
    if (chosen === null && wanted !== null) return
    inView = wanted
    chosen?.scrollIntoView({ block: 'nearest', behavior: 'smooth' })
  }

  /** Outlines the part in hand on every card of the chosen listing; tells why it is not to be seen. */
  function markPart(document: Document): 'absent' | 'hidden' | 'covered' | null {
    const hasParts =
      selection.drawer === 'card' || selection.drawer === 'look' || selection.drawer === 'fitting'
    const key = selection.pointedPart ?? (hasParts ? selection.openPart : null)
    document.querySelectorAll('.bench-part').forEach((one) => one.classList.remove('bench-part'))
    if (key === null || selection.chosenId === null) return null
    const found = Array.from(
      document.querySelectorAll<HTMLElement>(
        `[data-placement="${selection.chosenId}"] [data-part-key="${key}"]`,
      ),
    )
    found.forEach((one) => one.classList.add('bench-part'))
    const first = found.find((one) => one.getClientRects().length > 0)
    if (first === undefined) return found.length === 0 ? 'absent' : 'hidden'
    const { left, top, width, height } = first.getBoundingClientRect()
    const over = document.elementFromPoint(left + width / 2, top + height / 2)
    // What lies outside the window can't be asked about.
    return over === null || first.contains(over) || over.contains(first) ? null : 'covered'
  }

  watch(
    () => [
      selection.chosenId,
      selection.chosenBand,
      selection.pointedId,
      selection.pointedArea,
      selection.openPart,
      selection.pointedPart,
      selection.drawer,
    ],
    mark,
    { flush: 'post' },
  )
  watch(
    () => [view.lookedAt, selection.chosenId] as const,
    ([looked, placement]) => {
      if (looked === null || placement === null) return
      page()
        ?.querySelector(
          `[data-placement="${placement}"] [data-entry="${looked.entry}"], [data-placement="${placement}"] [data-entry^="${looked.entry}@"]`,
        )
        ?.scrollIntoView({ block: 'center', behavior: 'smooth' })
    },
  )

  return { begin, mark }
}
