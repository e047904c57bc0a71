import { defineStore } from 'pinia'
import { ref } from 'vue'

/** A short message at the foot of the screen, with at most one thing to do about it. */
export interface Notice {
  readonly text: string
  readonly action?: { readonly title: string; readonly run: () => void | Promise<void> }
}

export const useNotices = defineStore('notices', () => {
  const current = ref<Notice | null>(null)
  /** Counts notices, so that each is shown for its own time, not for what is left of the one before. */
  const number = ref(0)

  function tell(notice: Notice): void {
    current.value = notice
    number.value += 1
  }

  function clear(): void {
    current.value = null
  }

  return { current, number, tell, clear }
})
