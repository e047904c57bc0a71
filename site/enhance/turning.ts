import { showPageAt } from './keep-up-to-date'

/**
 * Turns calendars and narrows listings where they stand: what their links and forms lead to takes the place
 * of the page without leaving it, under its own address. A press that opens elsewhere is the browser's.
 */
export function turnInPlace(): void {
  document.addEventListener('click', (event) => {
    const link =
      event.target instanceof Element
        ? event.target.closest<HTMLAnchorElement>('a[data-turn], a[data-in-place]')
        : null
    if (
      link === null ||
      event.button !== 0 ||
      event.metaKey ||
      event.ctrlKey ||
      event.shiftKey ||
      event.altKey
    )
      return
    event.preventDefault()
    foldIn(link)
    follow(link.href)
  })
  document.addEventListener('submit', (event) => {
    const form = event.target
    if (!(form instanceof HTMLFormElement) || !form.matches('[data-in-place]')) return
    event.preventDefault()
    follow(addressOf(form))
  })
  document.addEventListener('input', ({ target }) => {
    if (target instanceof HTMLInputElement && target.form?.matches('[data-slides]')) showSet(target)
  })
  document.addEventListener('change', ({ target }) => {
    if (target instanceof HTMLInputElement && target.form?.matches('[data-slides]'))
      target.form.requestSubmit()
  })
  addEventListener('popstate', () => void showPageAt(location.href))
}

/** Folds in the menu in which something was chosen, where one thing is; the focus goes to what opens it. */
function foldIn(link: HTMLAnchorElement): void {
  const menu = link.closest<HTMLDetailsElement>('details[data-closes]')
  if (menu === null) return
  menu.open = false
  menu.querySelector('summary')?.focus()
}

function follow(address: string): void {
  void goTo(address, 'push').then((isShown) => {
    if (!isShown) location.href = address
  })
}

/** Shows another address of this page where it stands, as one more or in place of its own. */
export function goTo(address: string, as: 'push' | 'replace'): Promise<boolean> {
  return showPageAt(address, () => history[`${as}State`](null, '', address))
}

/** Shows on its line what is set on a scale; one end pushes the other before it. */
function showSet(moved: HTMLInputElement): void {
  const ends = [...(moved.form?.querySelectorAll<HTMLInputElement>('[type=range]') ?? [])]
  const [from, to] = ends
  if (from === undefined || to === undefined) return
  if (Number(from.value) > Number(to.value)) (moved === from ? to : from).value = moved.value
  ends.forEach(({ value, min, max }, at) =>
    moved.form?.style.setProperty(at === 0 ? '--from' : '--to', String((+value - +min) / (+max - +min))),
  )
}

/** Says a range as addresses say it, which a form can only say in parts. */
function joinParts(asked: URLSearchParams, name: string | undefined, between = '-'): void {
  if (name === undefined) return
  const parts = ['from', 'to'].map((part) => asked.get(`${name}-${part}`) ?? '')
  for (const part of ['from', 'to']) asked.delete(`${name}-${part}`)
  if (parts.some((one) => one !== '')) asked.set(name, parts.join(between))
}

/** Where a form leads, without what is left empty in it. */
function addressOf(form: HTMLFormElement): string {
  const asked = new URLSearchParams()
  for (const [name, value] of new FormData(form)) if (value !== '') asked.set(name, value as string)
  // What is set to the end of a scale is no limit.
  for (const { name, value, dataset } of form.querySelectorAll<HTMLInputElement>('[data-open]'))
    if (value === dataset.open) asked.delete(name)
  joinParts(asked, form.dataset.joins, form.dataset.between)
  const query = asked.toString().replaceAll('%2C', ',').replaceAll('%2F', '/')
  return query === '' ? location.pathname : `${location.pathname}?${query}`
}
