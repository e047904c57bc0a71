import { describe, expect, it } from 'vitest'
import { DependentCache } from './dependent-cache'

const lasting = { collections: [], until: Infinity }

describe('a cache whose answers depend on what changes', () => {
  it('keeps what was computed while changes are heard of', async () => {
    const cache = new DependentCache({ subscribe: () => () => undefined, isListening: () => true })
    expect(await cache.get('one', 0, () => Promise.resolve({ value: 'now', ...lasting }))).toBe('now')
    expect(cache.keptNow('one', 0)).toBe('now')
  })

  it('keeps nothing that was begun before they are, as when a server starts', async () => {
    let isListening = false
    const cache = new DependentCache({ subscribe: () => () => undefined, isListening: () => isListening })
    let finish: () => void = () => undefined
    const held = new Promise<void>((resolve) => (finish = resolve))
    const begun = cache.get('one', 0, async () => {
      await held
      return { value: 'from before', ...lasting }
    })
    isListening = true
    // Who asks from now on gets no answer that was begun before.
    const later = cache.get('one', 0, () => Promise.resolve({ value: 'now', ...lasting }))
    finish()
    expect(await Promise.all([begun, later])).toEqual(['from before', 'now'])
    expect(cache.keptNow('one', 0)).toBe('now')
  })
})
