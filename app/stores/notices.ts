import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'

/** A short message at the foot of the screen, with at most one thing to do about it. */
export interface Notice {
  readonly text: string
  readonly action?: { readonly title: string; readonly run: () => void | Promise<void> }
}

/** The latest message is shown; what can still be done about earlier ones comes back after it. */
export const useNotices = defineStore('notices', () => {
  const told = shallowRef<readonly Notice[]>([])
  const current = computed(() => told.value.at(-1) ?? null)
  /** Counts notices, so that each is shown for its own time, not for what is left of the one before. */
  const number = ref(0)

  /** Whether what can be done stays to be done until another screen is opened. */
  const isLasting = ref(true)

  function tell(notice: Notice): void {
    isLasting.value = true
    told.value = [...told.value.filter((one) => one.action !== undefined), notice]
    number.value += 1
  }

  /** Lets them go in their time, as another screen is open by now. */
  function settle(): void {
    isLasting.value = false
  }

  /** Takes away the one that is shown. */
  function clear(): void {
    told.value = told.value.slice(0, -1)
    number.value += 1
  }

  return { current, number, isLasting, tell, clear, settle }
})
