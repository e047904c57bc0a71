import { describe, expect, it } from 'vitest'
import { stateOf } from './entry'

describe('an entry’s state', () => {
  it.each([
    ['draft', 5, null, 'draft'],
    ['archived', 5, null, 'archived'],
    ['published', 10, null, 'published'],
    ['published', 11, null, 'scheduled'],
    ['published', 5, 11, 'published'],
    ['published', 5, 10, 'expired'],
  ] as const)(
    'follows its status and its dates: %s from %j to %j is %s',
    (status, publishedAt, expiresAt, state) => {
      expect(stateOf({ status, publishedAt, expiresAt }, 10)).toBe(state)
    },
  )
})
