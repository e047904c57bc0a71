import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ownCss, styles } from '../../tests/support/style-arbitraries'
import { mostCssLetters, noCss } from './own-css/own-css'
import { parseLookChange, parseLookInput } from './shared-look'

const nothing = { styles: [], css: noCss }
const pathsOf = (parsed: ReturnType<typeof parseLookInput>) =>
  parsed.ok ? [] : parsed.faults.map((fault) => fault.path)

describe('a look', () => {
  it('is taken as it is', () => {
    fc.assert(
      fc.property(
        styles(['title', 'tab'], [400]),
        ownCss,
        fc.integer({ min: 1, max: 9 }),
        (all, css, version) => {
          const look = { name: 'Quiet', styles: all, css }
          expect(parseLookInput(look)).toEqual({ ok: true, value: look })
          expect(parseLookChange({ ...look, version })).toEqual({ ok: true, value: { ...look, version } })
        },
      ),
    )
  })

  it('has a name of 60 characters at most', () => {
    expect(pathsOf(parseLookInput({ name: 'a'.repeat(60), ...nothing }))).toEqual([])
    for (const name of ['', ' Quiet', 'a'.repeat(61), 7, null])
      expect(pathsOf(parseLookInput({ name, ...nothing }))).toEqual(['name'])
  })

  it('says where its styles are wrong, and takes nothing else', () => {
    const weight = { target: 'title', state: null, below: null, set: { weight: 'heavy' } }
    expect(pathsOf(parseLookInput({ name: 'Quiet', ...nothing, styles: [weight] }))).toEqual([
      'styles[0].set.weight',
    ])
    expect(parseLookInput({ name: 'Quiet', ...nothing, css: '*{}' }).ok).toBe(false)
    const css = (letters: number) => ({ text: 'a'.repeat(letters), isOn: true })
    expect(pathsOf(parseLookInput({ name: 'Quiet', styles: [], css: css(mostCssLetters) }))).toEqual([])
    expect(pathsOf(parseLookInput({ name: 'Quiet', styles: [], css: css(mostCssLetters + 1) }))).toEqual([
      'css.text',
    ])
    expect(parseLookInput({ name: 'Quiet' }).ok).toBe(false)
    expect(parseLookChange({ name: 'Quiet', ...nothing }).ok).toBe(false)
    expect(parseLookChange({ name: 'Quiet', ...nothing, version: 0 }).ok).toBe(false)
  })
})
