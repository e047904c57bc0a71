import { describe, expect, it } from 'vitest'
import { encodingFor } from './encoding'

const offered = ['br', 'gzip', 'identity'] as const

describe('an encoding', () => {
  it.each([
    ['gzip, deflate, br, zstd', 'br'],
    ['gzip, deflate', 'gzip'],
    ['br;q=0.2, gzip;q=0.9', 'gzip'],
    ['*', 'br'],
    ['br;q=0, gzip;q=0', 'identity'],
    ['identity', 'identity'],
    ['', 'identity'],
    ['nonsense;;q=x', 'identity'],
    [`gzip${', deflate'.repeat(100)}`, 'identity'],
  ] as const)('is the one that is wanted most: %s', (accepted, chosen) => {
    expect(encodingFor(accepted, offered)).toBe(chosen)
    expect(encodingFor(accepted, offered)).toBe(chosen)
  })

  // RFC 9110, 12.5.3: the examples of the section.
  it.each([
    ['compress, gzip', 'gzip'],
    ['compress;q=0.5, gzip;q=1.0', 'gzip'],
    ['gzip;q=1.0, identity; q=0.5, *;q=0', 'gzip'],
  ] as const)('is chosen as the standard says: %s', (accepted, chosen) => {
    expect(encodingFor(accepted, offered)).toBe(chosen)
  })
})
