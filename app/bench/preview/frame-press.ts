import type { PagePress } from '../../stores/bench/selection'

/** What a press on something in the framed page is meant for. */
export function pressOn(target: EventTarget | null): PagePress {
  const element = target as Element | null
  const placement = placementAt(target)
  if (placement === null || element === null) return { on: 'page' }
  const part = element.closest('[data-part-key]')?.getAttribute('data-part-key') ?? null
  // Tabs, arrows and dots of the page work here as they do for visitors.
  return part === null || isControl(target)
    ? { on: 'placement', placement, element }
    : { on: 'part', placement, element, part }
}

/** Whether a press does something in the page itself. */
export function isControl(target: EventTarget | null): boolean {
  return (target as Element | null)?.closest?.('[data-control]') != null
}

/** The placement in which something of the page lies. */
export function placementAt(target: EventTarget | null): string | null {
  return (target as Element | null)?.closest?.('[data-placement]')?.getAttribute('data-placement') ?? null
}

/** The area in which something of the page lies. */
export function areaAt(target: EventTarget | null): string | null {
  return (target as Element | null)?.closest?.('[data-area]')?.getAttribute('data-area') ?? null
}
