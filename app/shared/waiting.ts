import { computed, ref, watch } from 'vue'

/** What comes within a tenth of a second seems to come at once (Nielsen, Usability Engineering, 1993, 5.5). */
const instant = 100

/** How many parts and answers somebody waits for just now. */
const awaited = ref(0)

/** Says that something that was pressed for is not there yet. Gives what ends that; it is called once. */
export function beginWaiting(): () => void {
  awaited.value += 1
  return () => void (awaited.value -= 1)
}

/**
 * Says by the pointer that a press was heard, where what it asked for does not come at once. Whether something
 * is awaited stands at the root of the document, too.
 */
export function useWaitingPointer(): void {
  const root = document.documentElement
  let later: ReturnType<typeof setTimeout> | undefined
  const isWaiting = computed(() => awaited.value > 0)
  function show(is: boolean): void {
    root.toggleAttribute('data-awaiting', is)
    clearTimeout(later)
    // All of the screen is styled anew by the class, so it is not set for nothing.
    if (is) later = setTimeout(() => root.classList.add('is-waiting'), instant)
    else root.classList.toggle('is-waiting', false)
  }
  watch(isWaiting, show, { immediate: true, flush: 'sync' })
}
