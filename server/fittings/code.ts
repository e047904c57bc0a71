import { createHash } from 'node:crypto'
import type { CodeSettings } from '../../core/fittings/code'
import type { FittingContents } from '../../site/view'

/** Where the frame of some code is fetched from: the address names what stands in it. */
export function codeContent({ code }: CodeSettings): Promise<FittingContents['code']> {
  return Promise.resolve(code.trim() === '' ? null : { address: `/code/${codeHash(code)}` })
}

/** Names code by what it says: 128 bits of its SHA-256 in hexadecimal digits. */
export function codeHash(code: string): string {
  return createHash('sha256').update(code).digest('hex').slice(0, 32)
}
