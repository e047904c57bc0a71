import fc from 'fast-check'
import { transform } from 'lightningcss'
import { describe, expect, it } from 'vitest'
import { belowWidth, cssOf, fromWidth, layerCss, px, quoted, rule, whereMedia } from './rules'
import type { Style } from './rules'

/** Referee: lightningcss, which reads a style sheet as browsers do. */
function read(styles: readonly Style[]): { readonly rules: number; readonly declarations: number } {
  let [rules, declarations] = [0, 0]
  transform({
    filename: 'listing.css',
    code: Buffer.from(cssOf(styles)),
    visitor: {
      Rule: {
        style(found) {
          rules += 1
          const { declarations: own } = found.value
          declarations += (own?.declarations?.length ?? 0) + (own?.importantDeclarations?.length ?? 0)
        },
      },
    },
  })
  return { rules, declarations }
}

const hostile = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 30 }),
  fc.stringMatching(/^[;{}<>"'\\/@*!()a\n-]{0,12}$/),
  fc.constantFrom('red}body{display:none', '</style><script>', '"', '\\', 'a;b', '/*', '"a" ; "b', 'url(x)'),
)

describe('style rules', () => {
  it('hold at widths of the listing’s own box', () => {
    const one = [rule('.a', { gap: px(4) })]
    expect(cssOf(fromWidth(0, one))).toBe('.a{gap:4px}')
    expect(cssOf(fromWidth(400, one))).toBe('@container listing (min-width:400px){.a{gap:4px}}')
    expect(cssOf(belowWidth(400, one))).toBe('@container listing (width < 400px){.a{gap:4px}}')
  })

  it('hold for some devices and settings alone', () => {
    const one = [rule('.a', { gap: px(4) })]
    expect(cssOf(whereMedia('can point', one))).toBe('@media (hover:hover){.a{gap:4px}}')
    expect(cssOf(whereMedia('likes motion', [{ width: { from: 400 }, rules: one }]))).toBe(
      '@media (prefers-reduced-motion:no-preference){@container listing (min-width:400px){.a{gap:4px}}}',
    )
    expect(whereMedia('can point', [])).toEqual([])
  })

  it('leave out what is null, and write the rest in the order in which it is stated', () => {
    expect(cssOf([rule('.a', { color: null, '--b': 1, margin: 0 })])).toBe('.a{--b:1;margin:0}')
  })

  it('stand in a layer, and are nothing where there are none', () => {
    const one = [rule('.a', { gap: px(4) }), ...fromWidth(400, [rule('.b', { margin: 0 })])]
    expect(layerCss('look', one)).toBe(
      '@layer look{.a{gap:4px}\n@container listing (min-width:400px){.b{margin:0}}}',
    )
    expect(layerCss('listing', [])).toBe('')
  })

  it('stay one rule of one declaration, whatever a value is', () => {
    fc.assert(
      fc.property(hostile, (text) => {
        const css = cssOf([rule('.a', { content: quoted(text) })])
        expect(read([rule('.a', { content: quoted(text) })])).toEqual({ rules: 1, declarations: 1 })
        expect(css).not.toMatch(/<\/|<!|\n/)
      }),
      { numRuns: 2000 },
    )
  })

  it('end where they end, also for a value that is no value', () => {
    fc.assert(
      fc.property(hostile, (text) => {
        const css = cssOf([rule('.a', { '--b': text })])
        expect(css.replace(/"(?:[^"\\]|\\.)*"/g, '').match(/[{};<>]/g)).toEqual(['{', '}'])
      }),
      { numRuns: 2000 },
    )
  })
})
