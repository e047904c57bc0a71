import fc from 'fast-check'
import { transform } from 'lightningcss'
import { readColour } from '~~/core/looks/colour'
import type { Colour } from '~~/core/looks/colour'

/** The colour of a text that is one. */
export function colour(text: string): Colour {
  const read = readColour(text)
  if (read === null) throw new Error(`${text} is no colour.`)
  return read
}

export const byte = fc.integer({ min: 0, max: 255 }).map((value) => value / 255)
export const opaque = fc.record({ red: byte, green: byte, blue: byte, alpha: fc.constant(1) })

/** What lightningcss makes of a colour that is seen through, which it calls by no name. */
export function elsewhere(value: string): Colour {
  const { code } = transform({
    filename: 'one.css',
    code: Buffer.from(`a{color:${value}}`),
    minify: true,
    targets: { chrome: 70 << 16 },
  })
  return colour(/color:([^;}]+)/.exec(code.toString())?.[1] ?? '')
}
