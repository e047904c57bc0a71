import { randomFrom, seedOf } from '../core/random'

/** A UUID (RFC 9562, version 8) that a text alone decides. */
export function uuidOf(text: string): string {
  const random = randomFrom(seedOf(text))
  const digits = Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16))
  digits[12] = '8'
  digits[16] = 'a'
  const hex = digits.join('')
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}
