import { lengthParts, lengthUnits } from './properties/values'
import type { Length, LengthUnit } from './properties/values'

const piece = /\s*(?:(\d+(?:[.,]\d+)?|[.,]\d+)\s*(px|em|rem|%)?|([-+*/×]))/y

/**
 * What somebody typed as a length: a number with or without its unit, or a small sum of such (`21`,
 * `1.25em`, `12+4`, `3 * 8px`); one without a unit is in the unit given. Null where it makes no length, as
 * where units are mixed.
 */
export function readLength(text: string, usualUnit: LengthUnit = 'px'): Length | null {
  const pieces = piecesOf(text.trim())
  if (pieces === null) return null
  const units = new Set(pieces.flatMap((one) => (one.unit === undefined ? [] : [one.unit])))
  const value = units.size > 1 ? null : sumOf(pieces)
  return value === null ? null : lengthOf(value, [...units][0] ?? usualUnit)
}

/** A length by so many steps more or less: of a pixel or a percent, or a tenth of the letters' size. */
export function steppedLength(length: Length, steps: number): Length {
  const { value, unit } = lengthParts(length)
  return lengthOf(unit === 'px' || unit === '%' ? value + steps : value + steps / 10, unit)
}

/** A length with three digits after the point at most. */
function lengthOf(value: number, unit: LengthUnit): Length {
  return `${Math.round(value * 1000) / 1000}${unit}`
}

type Piece =
  | { readonly value: number; readonly unit: LengthUnit | undefined; readonly sign?: undefined }
  | { readonly sign: string; readonly unit?: undefined }

function piecesOf(text: string): readonly Piece[] | null {
  const pieces: Piece[] = []
  piece.lastIndex = 0
  while (piece.lastIndex < text.length) {
    const found = piece.exec(text)
    if (found === null) return null
    const [, number, unit, sign] = found
    pieces.push(
      number === undefined
        ? { sign: sign === '×' ? '*' : (sign ?? '') }
        : { value: Number(number.replace(',', '.')), unit: lengthUnits.find((one) => one === unit) },
    )
  }
  return pieces
}

/** Times and over before plus and minus; null where it is no sum. */
function sumOf(pieces: readonly Piece[]): number | null {
  let [whole, product, sign, times]: [number, number | null, 1 | -1, '*' | '/' | null] = [0, null, 1, null]
  for (const one of pieces) {
    if (one.sign === undefined) {
      if (product !== null && times === null) return null
      product = product === null ? one.value : times === '*' ? product * one.value : product / one.value
      times = null
    } else if (times !== null) return null
    else if (one.sign === '*' || one.sign === '/') {
      if (product === null) return null
      times = one.sign
    } else {
      whole += sign * (product ?? 0)
      if (product === null && one !== pieces[0]) return null
      product = null
      sign = one.sign === '-' ? -1 : 1
    }
  }
  const sum = product === null || times !== null ? NaN : whole + sign * product
  return Number.isFinite(sum) ? sum : null
}
