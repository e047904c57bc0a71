import { describe, expect, it } from 'vitest'
import { isFound } from './found'

describe('what is typed to find something', () => {
  it('is found anywhere in any of the texts, whatever its case and accents', () => {
    expect(isFound('gard', ['Gardens we made'])).toBe(true)
    expect(isFound(' CREME ', ['Crème de pommes', '/creme'])).toBe(true)
    expect(isFound('ö', ['Obst'])).toBe(true)
    expect(isFound('pear', ['Apples', '/apples'])).toBe(false)
  })

  it('finds everything while nothing is typed', () => {
    expect(isFound('  ', [])).toBe(true)
  })
})
