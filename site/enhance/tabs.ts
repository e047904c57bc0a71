import { nothingToUndo } from './driver'
import type { Driver } from './driver'

/** The panel of each tab list that was open, so that a page brought up to date stays where it was. */
const open = new WeakMap<Element, string>()

/**
 * Makes tabs of sections, and an index of entries: after the tabs pattern of the WAI-ARIA Authoring
 * Practices, where arrow keys open at once.
 */
export const driveTabs: Driver = (element, signal) => {
  const list = element.querySelector<HTMLElement>(':scope > [role=tablist]')
  if (!list) return nothingToUndo
  const pairs = Array.from(list.querySelectorAll<HTMLElement>('[role=tab]')).flatMap((tab) => {
    const section = document.getElementById(tab.getAttribute('aria-controls') ?? '')
    return section ? [{ tab, section }] : []
  })

  const choose = (at: number) => {
    pairs.forEach(({ tab, section }, index) => {
      tab.setAttribute('aria-selected', String(index === at))
      tab.tabIndex = index === at ? 0 : -1
      section.hidden = index !== at
    })
    open.set(list, pairs[at]?.section.id ?? '')
  }

  pairs.forEach(({ tab, section }, at) => {
    section.tabIndex = 0
    section.setAttribute('role', 'tabpanel')
    section.setAttribute('aria-labelledby', tab.id)
    tab.addEventListener('click', () => choose(at), { signal })
  })
  list.addEventListener(
    'keydown',
    (event) => {
      const at = pairs.findIndex(({ tab }) => tab === document.activeElement)
      const isRtl = getComputedStyle(element).direction === 'rtl'
      const to = at === -1 ? null : target(event.key, at, pairs.length, isRtl)
      if (to === null) return
      event.preventDefault()
      choose(to)
      pairs[to]?.tab.focus()
    },
    { signal },
  )
  list.hidden = false
  const before = pairs.findIndex(({ section }) => section.id === open.get(list))
  // Of days, the first that is not over.
  const next = pairs.findIndex(({ tab }) => Number(tab.dataset.until) > Date.now())
  choose(Math.max(0, before < 0 ? next : before))

  return () => {
    for (const section of element.querySelectorAll<HTMLElement>(':scope > [role=tabpanel]')) {
      section.hidden = false
      for (const name of ['tabindex', 'role', 'aria-labelledby']) section.removeAttribute(name)
    }
  }
}

/** The tab a key leads to; null for a key that leads to none. */
function target(key: string, at: number, many: number, isRtl: boolean): number | null {
  const by = { ArrowRight: isRtl ? -1 : 1, ArrowLeft: isRtl ? 1 : -1, ArrowDown: 1, ArrowUp: -1 }[key]
  if (by !== undefined) return (at + by + many) % many
  return key === 'Home' ? 0 : key === 'End' ? many - 1 : null
}
