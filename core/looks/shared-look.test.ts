import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { styles } from '../../tests/support/style-arbitraries'
import { parseLookChange, parseLookInput } from './shared-look'

const pathsOf = (parsed: ReturnType<typeof parseLookInput>) =>
  parsed.ok ? [] : parsed.faults.map((fault) => fault.path)

describe('a look', () => {
  it('is taken as it is', () => {
    fc.assert(
      fc.property(styles(['title', 'tab'], [400]), fc.integer({ min: 1, max: 9 }), (all, version) => {
        const look = { name: 'Quiet', styles: all }
        expect(parseLookInput(look)).toEqual({ ok: true, value: look })
        expect(parseLookChange({ ...look, version })).toEqual({ ok: true, value: { ...look, version } })
      }),
    )
  })

  it('has a name of 60 characters at most', () => {
    expect(pathsOf(parseLookInput({ name: 'a'.repeat(60), styles: [] }))).toEqual([])
    for (const name of ['', ' Quiet', 'a'.repeat(61), 7, null])
      expect(pathsOf(parseLookInput({ name, styles: [] }))).toEqual(['name'])
  })

  it('says where its styles are wrong, and takes nothing else', () => {
    const weight = { target: 'title', state: null, below: null, set: { weight: 'heavy' } }
    expect(pathsOf(parseLookInput({ name: 'Quiet', styles: [weight] }))).toEqual(['styles[0].set.weight'])
    expect(parseLookInput({ name: 'Quiet', styles: [], css: '*{}' }).ok).toBe(false)
    expect(parseLookInput({ name: 'Quiet' }).ok).toBe(false)
    expect(parseLookChange({ name: 'Quiet', styles: [] }).ok).toBe(false)
    expect(parseLookChange({ name: 'Quiet', styles: [], version: 0 }).ok).toBe(false)
  })
})
