/**
 * The choice that an arrow key leads to from the one that is chosen, around the end; and the focus
 * with it.
 */
export function steppedChoice<Value>(
  event: KeyboardEvent,
  choices: readonly { readonly value: Value }[],
  chosen: Value,
): Value | null {
  const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (by === undefined) return null
  event.preventDefault()
  const at = choices.findIndex((choice) => choice.value === chosen)
  const next = choices[(at + by + choices.length) % choices.length]
  if (next === undefined) return null
  const group = (event.currentTarget as HTMLElement).closest('[role=radiogroup]')
  group?.querySelectorAll<HTMLElement>('[role=radio]')[choices.indexOf(next)]?.focus()
  return next.value
}
