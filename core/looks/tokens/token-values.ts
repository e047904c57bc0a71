import { readColour } from '../colour'
import type { Colour } from '../colour'
import type { ScaleStep } from './site-tokens'

/** A value read, or why it is not taken. */
export type ReadValue<T> = { readonly value: T } | { readonly refused: string }

/** The member of an object that may be anything. */
export function memberOf(value: unknown, name: string): unknown {
  return typeof value === 'object' && value !== null && Object.hasOwn(value, name)
    ? Reflect.get(value, name)
    : undefined
}

/**
 * A colour (Design Tokens Format Module 2025.10 and its Color Module): an object of the sRGB space, or,
 * as earlier drafts had it, `#rrggbb`.
 */
export function readTokenColour(value: unknown): ReadValue<Colour> {
  if (typeof value === 'string') {
    const colour = readColour(value)
    return colour === null ? { refused: `“${value.slice(0, 40)}” is no colour.` } : { value: colour }
  }
  const [space, alpha = 1] = [memberOf(value, 'colorSpace'), memberOf(value, 'alpha')]
  if (space !== 'srgb') return fallback(value) ?? { refused: 'Colours are taken of the space “srgb”.' }
  const channels = channelsIn(memberOf(value, 'components'))
  if (channels === null || !isShare(alpha)) return { refused: 'A colour has three components from 0 to 1.' }
  const [red, green, blue] = channels
  return { value: { red, green, blue, alpha } }
}

/** What a colour of another space says that it is nearest to in sRGB (Color Module, 4.1, `hex`). */
function fallback(value: unknown): ReadValue<Colour> | null {
  const [hex, alpha = 1] = [memberOf(value, 'hex'), memberOf(value, 'alpha')]
  const colour = typeof hex === 'string' ? readColour(hex) : null
  return colour === null || !isShare(alpha) ? null : { value: { ...colour, alpha } }
}

function channelsIn(components: unknown): readonly [number, number, number] | null {
  if (!Array.isArray(components) || components.length !== 3) return null
  // A component that is missing counts as nothing of it (CSS Color 4, 4.4).
  const [red, green, blue] = components.map((one: unknown) => (one === 'none' ? 0 : one))
  return isShare(red) && isShare(green) && isShare(blue) ? [red, green, blue] : null
}

function isShare(value: unknown): value is number {
  return typeof value === 'number' && value >= 0 && value <= 1
}

/** A colour as a token has it, with its hexadecimal form for programs that know that alone. */
export function tokenColour(text: string): unknown {
  const { red, green, blue, alpha } = readColour(text) ?? { red: 0, green: 0, blue: 0, alpha: 1 }
  return {
    colorSpace: 'srgb',
    components: [red, green, blue].map((channel) => Math.round(channel * 1e5) / 1e5),
    ...(alpha < 1 ? { alpha: Math.round(alpha * 1e5) / 1e5 } : {}),
    hex: text.slice(0, 7),
  }
}

/** The largest that a step may be, in its own unit. */
export const largestStep = { px: 2000, rem: 125 } as const

/** A dimension: an object with value and unit, or, as earlier drafts had it, `16px`. */
export function readTokenLength(value: unknown): ReadValue<Omit<ScaleStep, 'name'>> {
  const text = typeof value === 'string' ? /^(-?\d+(?:\.\d+)?)(px|rem)$/.exec(value) : null
  const [length, unit] =
    text === null ? [memberOf(value, 'value'), memberOf(value, 'unit')] : [Number(text[1]), text[2]]
  if (unit !== 'px' && unit !== 'rem') return { refused: 'A length is in px or rem.' }
  if (typeof length !== 'number' || !(length >= 0 && length <= largestStep[unit]))
    return { refused: `A length lies between 0 and ${largestStep[unit]} ${unit}.` }
  return { value: { value: length, unit } }
}
