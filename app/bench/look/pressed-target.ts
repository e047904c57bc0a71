import { selectorOf } from '~~/core/style/targets'
import type { StyleTarget } from '~~/core/style/targets'

/** What of a listing was pressed on the page: the innermost that a look can style; null where it is none. */
export function pressedTarget(pressed: Element, targets: readonly StyleTarget[]): string | null {
  const placement = pressed.closest('[data-placement]')
  if (placement === null) return null
  const found = targets.flatMap((target) => {
    const element = pressed.closest(selectorOf(target))
    return element === null || !placement.contains(element) ? [] : [{ name: target.name, element }]
  })
  const innermost = found.find(({ element }) => found.every((other) => other.element.contains(element)))
  const part = pressed.closest('[data-part-key]')
  // Beside what is written of a part lies the part itself, and not what that stands on.
  return innermost === undefined || (part !== null && !part.contains(innermost.element))
    ? null
    : innermost.name
}
