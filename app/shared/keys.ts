import { useEventListener } from '@vueuse/core'
import { onScopeDispose, ref, shallowReactive } from 'vue'
import { isDialogOpen } from './in-front'
import { keptJson } from './kept-json'

/** A key, or keys pressed together, and what they do. */
export interface Shortcut {
  /** `w`, `?`, `Ctrl+Enter`, `Ctrl+Shift+Z`: Cmd counts as Ctrl. */
  readonly keys: string
  readonly title: string
  readonly run: () => unknown
  /** Whether it is heard while somebody types, as what ends the typing. */
  readonly whileTyping?: true
}

/** Shortcuts that belong together, while the screen is open that has them. */
export interface ShortcutScope {
  readonly title: string
  readonly shortcuts: readonly Shortcut[]
}

const scopes = shallowReactive<ShortcutScope[]>([])

/** Every shortcut that is heard now, the screen's own first. */
export function heardScopes(): readonly ShortcutScope[] {
  return scopes.toReversed()
}

const storedAs = 'bushel single keys'

/** Whether keys pressed alone do anything (WCAG 2.2, 2.1.4: they can be switched off). */
export const singleKeys = ref(keptJson(globalThis.localStorage?.getItem(storedAs) ?? null) !== false)

/** Switches keys that are pressed alone on or off, in this browser. */
export function setSingleKeys(areOn: boolean): void {
  singleKeys.value = areOn
  localStorage.setItem(storedAs, JSON.stringify(areOn))
}

/** Adds shortcuts for as long as the component is there. */
export function useShortcuts(scope: ShortcutScope): void {
  scopes.push(scope)
  onScopeDispose(() => {
    const at = scopes.indexOf(scope)
    if (at !== -1) scopes.splice(at, 1)
  })
}

/** Listens for the shortcuts of all screens; once for the whole bench. What lies behind a dialog hears none. */
export function useShortcutListener(): void {
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    if (event.defaultPrevented || isDialogOpen()) return
    const shortcut = heardScopes()
      .flatMap((scope) => scope.shortcuts)
      .find((one) => one.keys === keysOf(event) && isHeard(one, event))
    if (shortcut === undefined) return
    event.preventDefault()
    void shortcut.run()
  })
}

function isHeard({ keys, whileTyping }: Shortcut, event: KeyboardEvent): boolean {
  if (!isAlone(keys)) return whileTyping === true || !isTyping(event)
  return singleKeys.value && !isTyping(event)
}

/** Whether a shortcut is one key alone that is also typed. */
export function isAlone(keys: string): boolean {
  return !keys.includes('+') && !/^F\d+$/.test(keys)
}

/** What was pressed, as shortcuts say it. */
export function keysOf(
  event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'altKey' | 'shiftKey'>,
): string {
  const isCtrl = event.ctrlKey || event.metaKey
  const isLetter = /^\p{L}$/u.test(event.key)
  const key = isLetter ? (isCtrl ? event.key.toUpperCase() : event.key.toLowerCase()) : event.key
  // A sign is what it is however the keyboard makes it; letters and named keys are told apart by Shift.
  const isShift = event.shiftKey && (isCtrl || event.key.length > 1)
  return [isCtrl ? 'Ctrl' : '', event.altKey ? 'Alt' : '', isShift ? 'Shift' : '', key]
    .filter((part) => part !== '')
    .join('+')
}

function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  return (
    target?.closest?.(
      'input:not([type=checkbox]), textarea, select, [contenteditable=true], [role=listbox], [role=menu]',
    ) != null
  )
}
