import fc from 'fast-check'
import { transform } from 'lightningcss'
import type { Selector } from 'lightningcss'
import { describe, expect, it } from 'vitest'
import { cssTexts } from '~~/tests/support/css-arbitraries'
import { styleTargets } from '../../listing/targets'
import type { StyleTarget } from '../../style/targets'
import { compiledOwnCss } from './compile'
import { targetNames } from './names'
import { readOwnCss } from './read'

const title: StyleTarget = { name: 'title', title: 'Title', selector: '.title', heldBy: '.card' }
const tab: StyleTarget = { name: 'tab', title: 'Tab', selector: '.tab', chosen: "[aria-selected='true']" }
const place = { targets: [title, tab], scope: '[data-placement="7"]' }
const rulesOf = (text: string) => readOwnCss(text, place).rules
const refusedIn = (text: string) =>
  readOwnCss(text, place).refused.map(({ line, message }) => `${line}: ${message}`)

describe('own CSS', () => {
  it('lies within its listing, with the names of targets as what they stand for', () => {
    expect(rulesOf(':--title, :--tab-chosen:not(.x) > a { color: red; --gap: 4px }')).toEqual([
      '[data-placement="7"] :is(.title),' +
        `[data-placement="7"] :is(.tab[aria-selected='true']):not(.x)>a{color:red;--gap:4px}`.replaceAll(
          "'",
          '"',
        ),
    ])
    expect(rulesOf(':--title-pointed::before { content: "→" }')).toEqual([
      '[data-placement="7"] :is(.card:hover .title)::before{content:"→"}',
    ])
  })

  it('holds where conditions do, in each other too', () => {
    expect(rulesOf('@media (width < 600px) { @supports (display: grid) { a { display: grid } } }')).toEqual([
      '@media (width<600px){@supports (display:grid){[data-placement="7"] a{display:grid}}}',
    ])
    expect(rulesOf('@container listing (min-width: 300px) { a { color: var(--ink) } }')).toEqual([
      '@container listing (min-width:300px){[data-placement="7"] a{color:var(--ink)}}',
    ])
  })

  it('holds still for those who ask for that', () => {
    expect(rulesOf('a { transition: color 1s }')).toEqual([
      '[data-placement="7"] a{transition:color 1s}',
      '@media (prefers-reduced-motion:reduce){[data-placement="7"] *,[data-placement="7"] ::before,' +
        '[data-placement="7"] ::after{animation:none!important;transition:none!important}}',
    ])
  })

  it.each([
    ['a { colr: red }', '1: There is no property “colr”.'],
    ['a { *zoom: 1 }', '1: There is no property “*zoom”.'],
    ['a {\n  color: rde;\n}', '2: “rde” is no value of “color”.'],
    ['a { background: url(https://example.org/x.png) }', '1: Nothing is fetched'],
    ['a { background: URL("x.png") }', '1: Nothing is fetched'],
    ['a { background: image-set("x.png" 1x) }', '1: Nothing is fetched'],
    ['a { background: -webkit-image-set("x.png" 1x) }', '1: Nothing is fetched'],
    ['a { --x: url(x.png) }', '1: Nothing is fetched'],
    ['a { color: var(--x, src("x.png")) }', '1: Nothing is fetched'],
    ['a { background: \\75rl(1) }', '1: Write values without backslashes.'],
    ['a { \\62 ehavior: x }', '1: Write properties without backslashes.'],
    ['a { cursor: url(x.cur), auto }', '1: Nothing is fetched'],
    ['a { width: expression(alert(1)) }', '1: Nothing is fetched'],
    ['a { behavior: x }', '1: This runs scripts.'],
    ['a { -moz-binding: none }', '1: This runs scripts.'],
    ['a { view-transition-name: page }', '1: This is of the whole page.'],
    ['a { position: fixed }', '1: A listing keeps to its own place'],
    ['a { POSITION: FIXED !important }', '1: A listing keeps to its own place'],
    ['a { outline: none }', '1: Whoever goes by keys'],
    ['a:focus-visible { OUTLINE: 0 !important }', '1: Whoever goes by keys'],
    ['a { outline: 2px solid transparent }', '1: Whoever goes by keys'],
    ['a { outline-width: 0px }', '1: Whoever goes by keys'],
    ['a { outline-style: none }', '1: Whoever goes by keys'],
    ['a { outline: unset }', '1: Whoever goes by keys'],
    ['@import "x.css";', '1: “@import” is of the whole page.'],
    ['@import url(x.css);', '1: “@import” is of the whole page.'],
    ['@font-face { font-family: x; src: url(x) }', '1: “@font-face” is of the whole page.'],
    ['@keyframes grow { to { width: 1px } }', '1: “@keyframes” is of the whole page.'],
    ['@layer site { a { color: red } }', '1: “@layer” is of the whole page.'],
    ['@property --ink { syntax: "*"; inherits: false }', '1: “@property” is of the whole page.'],
    ['@page { margin: 0 }', '1: “@page” is of the whole page.'],
    ['@scope (html) { a { color: red } }', '1: “@scope” is of the whole page.'],
    ['@media { a { color: red } }', '1: Say when it holds.'],
    ['+ a { color: red }', '1: Begin with what is styled'],
    ['a { & + b { color: red } }', '1: Write rules one after another'],
    [':not(&) { color: red }', '1: Write rules one after another'],
    ['a { @media print { color: red } }', '1: Write rules one after another'],
    ['::view-transition { color: red }', '1: “::view-transition” is of the whole page.'],
    [':--heading { color: red }', '1: Nothing of the listing is called “:--heading”.'],
    [':is(:--nothing) { color: red }', '1: Nothing of the listing is called “:--nothing”.'],
    ['a }', '1: This can’t be read'],
  ])('leaves out %s', (text, reason) => {
    const { rules, refused } = readOwnCss(text, place)
    expect(rules).toEqual([])
    expect(refused).toHaveLength(1)
    expect(refused[0] && `${refused[0].line}: ${refused[0].message}`).toContain(reason)
  })

  it('keeps what holds beside what does not, and says where that stands', () => {
    const text = 'a { color: red; colr: blue}\n\nb, :--gone { margin: 0 }'
    const { rules, refused } = readOwnCss(text, place)
    expect(rules).toEqual(['[data-placement="7"] a{color:red}', '[data-placement="7"] b{margin:0}'])
    expect(refused.map(({ line, from, to }) => [line, text.slice(from, to)])).toEqual([
      [1, 'colr: blue'],
      [3, ':--gone'],
    ])
  })

  it('takes another outline for what holds the focus', () => {
    const { refused } = readOwnCss('a { outline: 3px dotted red; outline-offset: 0 }', place)
    expect(refused).toEqual([])
  })

  it.each([
    'a { content: "</style><script>alert(1)</script>" }',
    '[title="</style>"] { color: red }',
    'a { --x: "</style>" }',
    '</style><script>alert(1)</script>',
    '<!-- a { color: red } -->',
    'a { color: red } } html { color: red }',
    'a { color: red /* } html { color: red',
    'a { content: "\\"} html { color: red } b {" }',
  ])('ends neither its rule nor its element: %s', (text) => {
    const css = compiledOwnCss({ text, isOn: true }, 'look', place)
    expect(css).not.toContain('</')
    expect(strangers(css)).toEqual([])
  })

  it('finds nothing outside of its listing, whatever is written', () => {
    fc.assert(
      fc.property(cssTexts(['title', 'tab', 'tab-chosen']), (text) => {
        const css = compiledOwnCss({ text, isOn: true }, 'listing', place)
        expect(css).not.toMatch(/<\/|url\(|@import|fixed/i)
        expect(strangers(css)).toEqual([])
      }),
      { numRuns: 500 },
    )
  })

  it.each([
    '('.repeat(19_000),
    '{'.repeat(19_000),
    '@media (a){'.repeat(1_700),
    ':is('.repeat(4_900),
    `a{width:${'calc('.repeat(3_900)}`,
    `a{font-family:${'a,'.repeat(9_000)}b}`,
    '/*'.repeat(9_000),
  ])('is read however deep things stand in each other: %.20s…', (text) => {
    expect(strangers(compiledOwnCss({ text, isOn: true }, 'listing', place))).toEqual([])
  })

  it('is the same again when what was understood is read once more', () => {
    fc.assert(
      fc.property(cssTexts(['title', 'tab']), (text) => {
        const { rules } = readOwnCss(text, { ...place, scope: '' })
        const anew = readOwnCss(rules.filter((one) => !one.startsWith('@media (prefers')).join('\n'), {
          ...place,
          scope: '',
        })
        expect(anew.rules).toEqual(rules)
      }),
      { numRuns: 500 },
    )
  })

  it('says nothing where it is off, empty, or nothing of it holds', () => {
    const text = 'a { color: red }'
    expect(compiledOwnCss({ text, isOn: true }, 'look', place)).toBe(
      '@layer look{[data-placement="7"]{contain:layout style;clip-path:inset(-48px)}\n' +
        '[data-placement="7"] a{color:red}}',
    )
    for (const none of [
      { text, isOn: false },
      { text: ' \n', isOn: true },
      { text: 'a { colr: red }', isOn: true },
    ])
      expect(compiledOwnCss(none, 'look', place)).toBe('')
  })

  it('calls each thing of a listing by a name of its own', () => {
    const names = targetNames(styleTargets).map(({ name }) => name)
    expect(new Set(names).size).toBe(names.length)
    for (const { name, selector } of targetNames(styleTargets))
      expect(refusedIn(`:--${name} { color: red }`).filter(() => selector === '')).toEqual([])
  })
})

/** The selectors of a style sheet that find something outside of the listing, as another parser reads it. */
function strangers(css: string): readonly string[] {
  const found: string[] = []
  transform({
    filename: 'own.css',
    code: new TextEncoder().encode(css),
    errorRecovery: true,
    visitor: {
      Rule: {
        style: ({ value }) => {
          found.push(...value.selectors.filter((one) => !isWithin(one)).map((one) => JSON.stringify(one)))
        },
      },
    },
  })
  return found
}

/** Whether a selector finds the listing, or begins with it and goes into it. */
function isWithin([first, second]: Selector): boolean {
  return (
    first?.type === 'attribute' &&
    first.name === 'data-placement' &&
    (second === undefined || (second.type === 'combinator' && second.value === 'descendant'))
  )
}
