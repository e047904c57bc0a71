import type { Driver } from './drive'
import { madeMark } from './morphing'

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
  // One that is brought up to date keeps its tabs, and with them the focus.
  const there = element.querySelector<HTMLElement>(':scope > .tab-list')
  const list = there ?? document.createElement('div')
  list.className = 'tab-list'
  list.setAttribute(madeMark, '')
  list.setAttribute('role', 'tablist')
  list.setAttribute('aria-label', element.dataset.name ?? '')
  if (element.dataset.place === 'start') list.setAttribute('aria-orientation', 'vertical')

  const known = new Map(Array.from(list.querySelectorAll<HTMLButtonElement>('[role=tab]'), (tab) => [tab.textContent ?? '', tab]))
  const tabs = sections.map((section) => {
    const name = section.dataset.name ?? ''
    const tab = known.get(name) ?? document.createElement('button')
    known.delete(name)
    count += 1
    tab.type = 'button'
    tab.id = `tab-${count}`
    tab.dataset.control = 'tab'
    tab.setAttribute(madeMark, '')
    tab.setAttribute('role', 'tab')
    if (tab.textContent !== name) tab.textContent = name
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
  known.forEach((tab) => tab.remove())
  // A tab that is moved loses the focus; one that stands right is left.
  if (tabs.some((tab, at) => list.children[at] !== tab)) list.append(...tabs)
  if (there === null) element.prepend(list)
  element.classList.add('driven')
  choose(Math.max(0, sections.findIndex((section) => section.dataset.name === open.get(place))))
}

/** The tab a key leads to; null for a key that leads to none. */
function target(key: string, at: number, many: number, isRtl: boolean): number | null {
  const by = { ArrowRight: isRtl ? -1 : 1, ArrowLeft: isRtl ? 1 : -1, ArrowDown: 1, ArrowUp: -1 }[key]
  if (by !== undefined) return (at + by + many) % many
  return key === 'Home' ? 0 : key === 'End' ? many - 1 : null
}
