import { announce } from '../announced'
import { words } from '../words'

let letGo: () => void = () => undefined

/**
 * Keeps the focus on a handle while what it moves is moved by keys, at once or when the server has
 * answered, also where its row is made anew; and says where it came to stand. Ends when something
 * else takes the focus. The room, marked `data-move-room`, is what stays while rows are moved in it;
 * in it the handle is known by its `data-move`, or by the id that it has once it is moved.
 */
export function holdFocus(handle: HTMLElement, name: string, id = handle.dataset.move ?? ''): void {
  letGo()
  const room = handle.closest<HTMLElement>('[data-move-room]')
  if (room === null) return
  let stood = placeOf(handle)
  const find = () => room.querySelector<HTMLElement>(`[data-move="${CSS.escape(id)}"]`)
  const watch = new MutationObserver(() => {
    const found = find()
    if (found === null) return
    if (document.activeElement !== found) found.focus()
    const stands = placeOf(found)
    if (stands !== stood) announce(words.standsAt(name, stands))
    stood = stands
  })
  watch.observe(room, { childList: true, subtree: true })
  const left = (event: FocusEvent) => event.target !== find() && letGo()
  document.addEventListener('focusin', left)
  document.addEventListener('pointerdown', letGo)
  letGo = () => {
    watch.disconnect()
    document.removeEventListener('focusin', left)
    document.removeEventListener('pointerdown', letGo)
    letGo = () => undefined
  }
}

/** Where a row stands among its neighbours, and in which of several lists. */
function placeOf(handle: HTMLElement): string {
  const row = handle.closest('li')
  const rows = Array.from(row?.parentElement?.children ?? []).filter((one) => one.tagName === 'LI')
  const place = handle.closest('[data-move-place]')?.getAttribute('aria-label') ?? null
  return words.placeInList(row === null ? 0 : rows.indexOf(row) + 1, rows.length, place)
}
