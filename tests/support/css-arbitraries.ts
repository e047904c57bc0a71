import fc from 'fast-check'

/** Selectors that find what they can, of a listing and of all around it. */
const found = [
  '*',
  'a',
  'html',
  'body *',
  ':root',
  'main',
  '.site',
  '::before',
  ':not(x)',
  ':is(html, main, *)',
  ':where(body)',
  'html:has(a)',
  ':has(~ *)',
  '* ~ *',
  '+ *',
  '> *',
  '~ .foot',
  '& ~ *',
  ':not(&)',
  '* || *',
  ':host',
  ':nth-child(1 of *)',
  ':hover',
  '[data-placement]',
  '[data-placement] ~ *',
  '[title="</style>"]',
  'body:has(:--title)',
  ':--nothing',
  '\\*',
  '*/**/ *',
]

/** Declarations that show on anything, and those that are not to hold. */
const declared = [
  'color: rgb(1, 2, 3)',
  'color: rgb(1, 2, 3) !important',
  '--ink: rgb(1, 2, 3)',
  '--of-site-leaf: red',
  'background-color: rgb(4, 5, 6)',
  'font-style: italic',
  'visibility: hidden',
  'letter-spacing: 3px',
  'opacity: 0.5',
  'transition: color 1s',
  'counter-increment: card 7',
  'position: fixed',
  'position: absolute; inset: -9999px; z-index: 99999',
  'margin: -900px',
  'background: url(x.png)',
  'content: "</style>"',
  'content: "}"',
  "content: '\\'} html { color: red } '",
  '--x: }',
  '--y: ;{}',
  'color: red } html { color: rgb(1, 2, 3)',
  'color: /* } html { color: red',
  '& { color: red }',
  '@media all { html { color: red } }',
  'all: unset',
  'colr: red',
]

const wrapped = [
  ['', ''],
  ['@media all {', '}'],
  ['@media all, (min-width: 1px) {', '}'],
  ['@supports (color: red) {', '}'],
  ['@container (min-width: 1px) {', '}'],
  ['@layer site {', '}'],
  ['@scope (html) {', '}'],
  ['}', ''],
  ['</style>', ''],
  ['<!--', '-->'],
  ['/*', ''],
  ['"', ''],
  ["'", "'"],
  ['@import "x";', ''],
  ['@namespace svg "x";', ''],
  ['@charset "x"', ''],
  ['@font-face { font-family: "Fraunces Variable"; src: local(Arial) }', ''],
  ['@property --ink { syntax: "<color>"; inherits: false; initial-value: red }', ''],
  ['@keyframes card { from { color: red } }', ''],
  ['html {', '}'],
  ['x {', ''],
] as const

/** Texts of own CSS that try to get out of their listing in many ways, beside ones that don't. */
export function cssTexts(names: readonly string[]): fc.Arbitrary<string> {
  const selector = fc.oneof(
    fc.constantFrom(...found),
    fc.constantFrom(...names).map((name) => `:--${name}`),
    fc
      .tuple(
        fc.constantFrom(...found),
        fc.constantFrom(' ', ' > ', ' ~ ', ', ', ''),
        fc.constantFrom(...found),
      )
      .map((parts) => parts.join('')),
  )
  const rule = fc
    .tuple(
      selector,
      fc.array(fc.oneof(fc.constantFrom(...declared), fc.string({ maxLength: 12 })), { maxLength: 4 }),
    )
    .map(([of, all]) => `${of} { ${all.join('; ')} }`)
  const piece = fc
    .tuple(
      fc.constantFrom(...wrapped),
      fc.oneof({ weight: 5, arbitrary: rule }, fc.string({ unit: 'binary', maxLength: 20 })),
    )
    .map(([[before, after], inner]) => `${before} ${inner} ${after}`)
  return fc.array(piece, { minLength: 1, maxLength: 6 }).map((all) => all.join('\n'))
}
