import { isLength, lengthParts } from './properties/values'
import type { StyleLength } from './properties/values'
import { stepLength } from './site-scales'
import type { ScaleStep } from './tokens/site-tokens'

/** What a `rem` is to browsers that are set to nothing else. */
const usualRem = 16

/** A length in CSS pixels, by the steps of its scale; null for one that goes by what is around it. */
export function pixelsOf(stated: StyleLength, steps: readonly ScaleStep[]): number | null {
  const length = isLength(stated) ? stated : stepLength(steps, stated)
  if (length === null) return null
  const { value, unit } = lengthParts(length)
  if (unit === 'px') return value
  return unit === 'rem' ? value * usualRem : null
}
