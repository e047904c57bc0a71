import { nextTick } from 'vue'

/** Remembers what had the focus before something opened, and gives it back once that is closed. */
export function useReturnedFocus() {
  let before: Element | null = null
  return {
    remember(): void {
      before = document.activeElement
    },
    giveBack(): void {
      const to = before
      before = null
      void nextTick(() => to instanceof HTMLElement && to.isConnected && to.focus())
    },
  }
}
