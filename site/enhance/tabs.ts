import type { Driver } from './drive'

/** Which tab of a placement was open, so that a page brought up to date stays where it was. */
const open = new Map<string, string>()
let count = 0

/**
 * Makes tabs of sections, and an index of entries: after the tabs pattern of the WAI-ARIA Authoring
 * Practices, where arrow keys open at once.
 */
export const driveTabs: Driver = (element, signal) => {
  const sections = Array.from(element.children).filter((one): one is HTMLElement => one instanceof HTMLElement && one.classList.contains('group'))
  const place = element.closest<HTMLElement>('[data-placement]')?.dataset.placement ?? ''
  const list = document.createElement('div')
  list.className = 'tab-list'
  list.setAttribute('role', 'tablist')
  list.setAttribute('aria-label', element.dataset.name ?? '')
  if (element.dataset.place === 'start') list.setAttribute('aria-orientation', 'vertical')
  element.querySelector(':scope > .tab-list')?.remove()

  const tabs = sections.map((section) => {
    const tab = document.createElement('button')
    count += 1
    tab.type = 'button'
    tab.id = `tab-${count}`
    tab.dataset.control = 'tab'
    tab.setAttribute('role', 'tab')
    tab.textContent = section.dataset.name ?? ''
    if (section.dataset.from) tab.dataset.from = section.dataset.from
    section.id = `panel-${count}`
    section.tabIndex = 0
    section.setAttribute('role', 'tabpanel')
    section.removeAttribute('aria-label')
    section.setAttribute('aria-labelledby', tab.id)
    tab.setAttribute('aria-controls', section.id)
    return tab
  })

  const choose = (at: number) => {
    tabs.forEach((tab, index) => {
      tab.setAttribute('aria-selected', String(index === at))
      tab.tabIndex = index === at ? 0 : -1
    })
    sections.forEach((section, index) => (section.hidden = index !== at))
    open.set(place, sections[at]?.dataset.name ?? '')
  }

  tabs.forEach((tab, at) => tab.addEventListener('click', () => choose(at), { signal }))
  list.addEventListener(
    'keydown',
    (event) => {
      const at = tabs.findIndex((tab) => tab === document.activeElement)
      const to = at === -1 ? null : target(event.key, at, tabs.length, getComputedStyle(element).direction === 'rtl')
      if (to === null) return
      event.preventDefault()
      choose(to)
      tabs[to]?.focus()
    },
    { signal },
  )
  list.append(...tabs)
  element.prepend(list)
  element.classList.add('driven')
  choose(Math.max(0, sections.findIndex((section) => section.dataset.name === open.get(place))))
}

/** The tab a key leads to; null for a key that leads to none. */
function target(key: string, at: number, many: number, isRtl: boolean): number | null {
  const by = { ArrowRight: isRtl ? -1 : 1, ArrowLeft: isRtl ? 1 : -1, ArrowDown: 1, ArrowUp: -1 }[key]
  if (by !== undefined) return (at + by + many) % many
  return key === 'Home' ? 0 : key === 'End' ? many - 1 : null
}
