import { goTo } from './turning'

/**
 * Remembers for as long as the tab is open how somebody chose to see a listing, and shows it so when they
 * come back to its page; an address that says how goes before.
 */
export function rememberViews(): void {
  document.addEventListener('click', ({ target }) => {
    const link = target instanceof Element ? target.closest<HTMLAnchorElement>('[data-remembered] a') : null
    const name = link?.closest<HTMLElement>('[data-remembered]')?.dataset.remembered
    if (link && name !== undefined) keep(name, saidIn(link, name))
  })
  void recall()
}

async function recall(): Promise<void> {
  const names = [...document.querySelectorAll<HTMLElement>('[data-remembered]')].flatMap(
    ({ dataset }) => dataset.remembered ?? [],
  )
  for (const name of names) {
    const said = kept(name)
    if (said === null || new URLSearchParams(location.search).has(name)) continue
    // Asked anew for each: what is shown by then leads elsewhere.
    const links = document.querySelectorAll<HTMLAnchorElement>(`[data-remembered="${CSS.escape(name)}"] a`)
    const link = [...links].find((one) => saidIn(one, name) === said)
    if (link !== undefined) await goTo(link.href, 'replace')
  }
}

function saidIn(link: HTMLAnchorElement, name: string): string | null {
  return new URL(link.href).searchParams.get(name)
}

const keyOf = (name: string) => `view ${location.pathname} ${name}`

/** Browsers may keep nothing for anybody; then nothing is remembered. */
function kept(name: string): string | null {
  try {
    return sessionStorage.getItem(keyOf(name))
  } catch {
    return null
  }
}

function keep(name: string, said: string | null): void {
  try {
    if (said === null) sessionStorage.removeItem(keyOf(name))
    else sessionStorage.setItem(keyOf(name), said)
  } catch {
    return
  }
}
