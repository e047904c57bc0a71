import { describe, expect, it } from 'vitest'
import { isAlone, keysOf } from './keys'

const pressed = (
  key: string,
  held: Partial<Record<'ctrlKey' | 'metaKey' | 'altKey' | 'shiftKey', boolean>> = {},
) => keysOf({ key, ctrlKey: false, metaKey: false, altKey: false, shiftKey: false, ...held })

describe('keys as shortcuts say them', () => {
  it.each([
    ['w', pressed('w')],
    ['w', pressed('W', { shiftKey: true })],
    ['?', pressed('?', { shiftKey: true })],
    ['[', pressed('[')],
    ['Ctrl+Z', pressed('z', { ctrlKey: true })],
    ['Ctrl+Shift+Z', pressed('Z', { ctrlKey: true, shiftKey: true })],
    ['Ctrl+Z', pressed('z', { metaKey: true })],
    ['Ctrl+Enter', pressed('Enter', { ctrlKey: true })],
    ['Shift+F6', pressed('F6', { shiftKey: true })],
    ['Alt+w', pressed('w', { altKey: true })],
  ])('%s', (keys, said) => {
    expect(said).toBe(keys)
  })

  it('are alone where they are also typed', () => {
    expect(['w', '?', '1'].every(isAlone)).toBe(true)
    expect(['Ctrl+J', 'F6', 'Shift+F6', 'Alt+w'].some(isAlone)).toBe(false)
  })
})
