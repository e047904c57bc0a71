import { useEventListener } from '@vueuse/core'
import { isDialogOpen } from './in-front'

/** Whether a key is the one that saves: Ctrl or Cmd with S. */
export function isSaveKey(event: KeyboardEvent): boolean {
  return (event.ctrlKey || event.metaKey) && !event.altKey && event.key.toLowerCase() === 's'
}

/** Saves what the screen shows with the key that saves everywhere. */
export function useSaveKey(save: () => unknown): void {
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    if (!isSaveKey(event)) return
    event.preventDefault()
    if (!isDialogOpen()) void save()
  })
}
