/** So many presses are told at once at most. */
const most = 50
/** They are told together, so long (milliseconds) after the first. */
const after = 5000

let told: string[] = []
let timer: ReturnType<typeof setTimeout> | undefined

function send(): void {
  clearTimeout(timer)
  timer = undefined
  if (told.length === 0) return
  const body = new Blob([JSON.stringify({ presses: told })], { type: 'application/json' })
  told = []
  navigator.sendBeacon('/api/presses', body)
}

/** Whether whoever reads asks not to be followed: Global Privacy Control, or Do Not Track. */
function isPrivate(): boolean {
  const { globalPrivacyControl, doNotTrack } = navigator as { globalPrivacyControl?: boolean } & Navigator
  return globalPrivacyControl === true || doNotTrack === '1'
}

/**
 * Tells the server what was pressed where it stands, in batches, and nothing else of anybody. Links that lead
 * elsewhere tell it by themselves.
 */
export function tellPresses(): void {
  if (isPrivate()) return
  const tell = (address: string) => {
    told.push(address.slice(address.indexOf('?') + 1))
    if (told.length >= most) send()
    else timer ??= setTimeout(send, after)
  }
  document.addEventListener('click', (event) => {
    const link = event.target instanceof Element ? event.target.closest<HTMLAnchorElement>('a[ping]') : null
    // Whoever follows it in place keeps the link from telling it.
    if (link !== null && event.defaultPrevented) tell(link.ping)
  })
  document.addEventListener('submit', ({ target }) => {
    if (target instanceof HTMLFormElement && target.dataset.told !== undefined) tell(target.dataset.told)
  })
  document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && send())
}
