import { defineAsyncComponent } from 'vue'
import type { Component } from 'vue'
import StillFetching from './StillFetching.vue'
import { beginWaiting } from './waiting'

type Loader<Part> = () => Promise<Part>

/** How long a part may take before the screen says that it is still being fetched, in milliseconds. */
const patience = 1500
/** The distances between two tries, in milliseconds. */
const [first, longest] = [250, 4000]

/**
 * Fetches a part of the bench, asking again for as long as the server can't be reached. Until it is there the
 * pointer says that the press was heard.
 */
export async function fetched<Part>(load: Loader<Part>): Promise<Part> {
  const came = beginWaiting()
  try {
    return await untilItComes(load)
  } finally {
    came()
  }
}

async function untilItComes<Part>(load: Loader<Part>): Promise<Part> {
  for (let wait = first; ; wait = Math.min(2 * wait, longest)) {
    try {
      return await load()
    } catch {
      await new Promise((resolve) => setTimeout(resolve, wait))
    }
  }
}

/** A part of a screen that is fetched when it is first shown, and told of where that takes long. */
export function fetchedLater<Part extends Component>(load: Loader<Part | { readonly default: Part }>): Part {
  return defineAsyncComponent({
    loader: () => fetched(load),
    delay: patience,
    loadingComponent: StillFetching,
    // The screen around it stands by then, and does not wait for it.
    suspensible: false,
  }) as Part
}

/** What lies over a screen when somebody presses something, but that no screen needs to be shown. */
export const fetchMenuList = () => import('./ActionMenuList.vue')
export const fetchNoticeBar = () => import('./NoticeBar.vue')

/** Fetches what will be wanted, once there is nothing else to do; what fails is fetched when it is wanted. */
export function fetchWhenIdle(fetches: readonly Loader<unknown>[]): void {
  ;(globalThis.requestIdleCallback ?? setTimeout)(() => fetches.forEach(fetchBefore))
}

/** Fetches what may soon be wanted; what fails is fetched when it is wanted. */
export function fetchBefore(load: Loader<unknown>): void {
  void load().catch(() => undefined)
}
