/** What lies over a screen when somebody presses something, but that no screen needs to be shown. */
export const fetchMenuList = () => import('./ActionMenuList.vue')
export const fetchNoticeBar = () => import('./NoticeBar.vue')

/** Fetches what will be wanted, once there is nothing else to do; what fails is fetched when it is wanted. */
export function fetchWhenIdle(fetches: readonly (() => Promise<unknown>)[]): void {
  const fetchAll = () => fetches.forEach((fetch) => void fetch().catch(() => undefined))
  ;(globalThis.requestIdleCallback ?? setTimeout)(fetchAll)
}
