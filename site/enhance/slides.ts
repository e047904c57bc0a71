import { nothingToUndo } from './driver'
import type { Driver } from './driver'
import { madeMark } from './morphing'

/**
 * Moves a row of slides by arrows, dots and by itself. After the carousel pattern of the WAI-ARIA
 * Authoring Practices: what moves by itself stands still while it is pointed at or has the focus, where
 * less motion is wanted, and for good when somebody stops it.
 */
export const driveSlides: Driver = (frame, signal) => {
  const row = frame.querySelector<HTMLElement>('.slides')
  const controls = frame.querySelector<HTMLElement>('.slides-controls')
  if (!row || !controls) return nothingToUndo
  const control = (name: string) => controls.querySelector<HTMLButtonElement>(`[data-control="${name}"]`)
  const [before, after, dots, pause] = [
    control('before'),
    control('after'),
    control('dots'),
    control('pause'),
  ]
  const loops = frame.dataset.loop !== undefined
  const still = matchMedia('(prefers-reduced-motion: reduce)')
  const listen = (target: EventTarget, type: string, run: (event: Event) => void) =>
    target.addEventListener(type, run, { signal })

  const items = () =>
    Array.from(row.children).filter(
      (item): item is HTMLElement => item instanceof HTMLElement && item.offsetParent !== null,
    )
  const pitch = () => {
    const [first, second] = items()
    return first && second ? Math.abs(second.offsetLeft - first.offsetLeft) : (first?.offsetWidth ?? 1)
  }
  const seen = () => Math.max(1, Math.round((row.clientWidth + 1) / pitch()))
  const step = () => (frame.dataset.step === 'one' ? 1 : seen())
  const last = () => Math.max(0, items().length - seen())
  const at = () => Math.min(last(), Math.round(Math.abs(row.scrollLeft) / pitch()))
  const positions = () => {
    const all: number[] = []
    for (let from = 0; from < last(); from += step()) all.push(from)
    return [...all, last()]
  }

  const go = (to: number) => {
    const wrapped =
      to > last() ? (loops && at() === last() ? 0 : last()) : to < 0 ? (loops && at() === 0 ? last() : 0) : to
    const sign = getComputedStyle(row).direction === 'rtl' ? -1 : 1
    row.scrollTo({ left: sign * wrapped * pitch(), behavior: still.matches ? 'auto' : 'smooth' })
  }

  const show = () => {
    const here = at()
    const all = positions()
    controls.hidden = all.length < 2 && !pause
    if (before) before.disabled = !loops && here === 0
    if (after) after.disabled = !loops && here === last()
    if (!dots) return
    const shown = all.findLast((position) => position <= here) ?? 0
    if (dots.childElementCount !== all.length)
      dots.replaceChildren(
        ...all.map((_, index) => {
          const dot = document.createElement('button')
          dot.type = 'button'
          dot.dataset.control = 'dot'
          dot.setAttribute(madeMark, '')
          dot.setAttribute('aria-label', `${dots.dataset.name ?? ''} ${index + 1}`)
          return dot
        }),
      )
    Array.from(dots.children).forEach((dot, index) =>
      all[index] === shown ? dot.setAttribute('aria-current', 'true') : dot.removeAttribute('aria-current'),
    )
  }

  // The dots may outlast what drives them: what they do is asked of their row.
  if (dots)
    listen(dots, 'click', (event) => {
      const index = Array.from(dots.children).findIndex((dot) => dot.contains(event.target as Node))
      const to = positions()[index]
      if (to !== undefined) go(to)
    })
  if (before) listen(before, 'click', () => go(at() - step()))
  if (after) listen(after, 'click', () => go(at() + step()))
  listen(row, 'scroll', show)
  listen(row, 'keydown', (event) => {
    const { key } = event as KeyboardEvent
    const forward = getComputedStyle(row).direction === 'rtl' ? 'ArrowLeft' : 'ArrowRight'
    const to = { ArrowLeft: forward === 'ArrowLeft' ? 1 : -1, ArrowRight: forward === 'ArrowRight' ? 1 : -1 }[
      key
    ]
    if (event.target !== row || (to === undefined && key !== 'Home' && key !== 'End')) return
    event.preventDefault()
    go(to === undefined ? (key === 'Home' ? 0 : last()) : at() + to * step())
  })
  const watch = new ResizeObserver(show)
  watch.observe(row)
  signal.addEventListener('abort', () => watch.disconnect())
  show()
  if (pause)
    moveByItself(
      frame,
      pause,
      Number(frame.dataset.autoplay),
      still,
      () => (at() === last() ? go(0) : go(at() + step())),
      signal,
    )
  return () => {
    controls.hidden = true
  }
}

/** Rows that somebody stopped, so that one that is brought up to date stays so. */
const stoppedByHand = new WeakSet<Element>()

function moveByItself(
  frame: HTMLElement,
  pause: HTMLButtonElement,
  seconds: number,
  still: MediaQueryList,
  goOn: () => void,
  signal: AbortSignal,
): void {
  const row = frame.querySelector('.slides')
  let stopped = still.matches || stoppedByHand.has(frame)
  let held = false
  const show = () => {
    pause.textContent = (stopped ? pause.dataset.play : pause.dataset.pause) ?? ''
    // What moves by itself must not be read out each time it does.
    row?.setAttribute('aria-live', stopped || held ? 'polite' : 'off')
  }
  const hold = (holds: boolean) => () => {
    held = holds
    show()
  }
  for (const type of ['pointerenter', 'focusin']) frame.addEventListener(type, hold(true), { signal })
  for (const type of ['pointerleave', 'focusout']) frame.addEventListener(type, hold(false), { signal })
  pause.addEventListener(
    'click',
    () => {
      stopped = !stopped
      if (stopped) stoppedByHand.add(frame)
      else stoppedByHand.delete(frame)
      show()
    },
    { signal },
  )
  const timer = setInterval(() => {
    if (!stopped && !held && !document.hidden) goOn()
  }, seconds * 1000)
  signal.addEventListener('abort', () => clearInterval(timer))
  show()
}
