import type { Styles } from './styles'

const hexForm = /^#(?:[\da-f]{6}|[\da-f]{8})$/

/** The colours in styles that are of no palette, each once, the one that is used most often first. */
export function ownColoursIn(all: readonly Styles[]): readonly string[] {
  const uses = new Map<string, number>()
  for (const colour of all.flatMap((styles) => styles.flatMap(({ set }) => coloursIn(set))))
    uses.set(colour, (uses.get(colour) ?? 0) + 1)
  return [...uses].toSorted(([, one], [, other]) => other - one).map(([colour]) => colour)
}

/** A colour may stand within what a property is set to, as in borders and gradients. */
function coloursIn(value: unknown): readonly string[] {
  if (typeof value === 'string') return hexForm.test(value) ? [value] : []
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(coloursIn) : []
}
