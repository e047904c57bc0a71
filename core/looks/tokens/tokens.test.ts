import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readTokens } from './read'
import { tokenName, tokenNameOf } from './site-tokens'
import type { SiteTokens } from './site-tokens'
import { tokensFile } from './write'

const name = fc.stringMatching(/^[a-z][a-z\d]{0,12}(?:-[a-z\d]{1,8}){0,3}$/).map((text) => text.slice(0, 40))

const hex = fc.oneof(
  fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`),
  // What covers all below it is written without saying so.
  fc
    .integer({ min: 0, max: 0xffffffff })
    .map((value) => `#${value.toString(16).padStart(8, '0')}`)
    .filter((text) => !text.endsWith('ff')),
)
const step = fc.oneof(
  fc.record({ name, value: fc.integer({ min: 0, max: 2000 }), unit: fc.constant('px' as const) }),
  fc.record({
    name,
    value: fc.integer({ min: 0, max: 125_000 }).map((thousandths) => thousandths / 1000),
    unit: fc.constant('rem' as const),
  }),
)
const once = { selector: (one: { readonly name: string }) => one.name }
const tokens: fc.Arbitrary<SiteTokens> = fc.record({
  palette: fc.uniqueArray(fc.record({ name, light: hex, dark: fc.option(hex) }), once),
  letterSizes: fc.uniqueArray(step, once),
  spaces: fc.uniqueArray(step, once),
})

function leftOf(file: unknown): Readonly<Record<string, string>> {
  return Object.fromEntries(readTokens(file).left.map(({ path, message }) => [path, message]))
}

const sorted = (all: readonly { readonly name: string }[]) =>
  all.toSorted((one, other) => (one.name < other.name ? -1 : 1))

describe('a file of design tokens', () => {
  it('brings back what was written to it', () => {
    fc.assert(
      fc.property(tokens, (all) => {
        const back = readTokens(JSON.parse(JSON.stringify(tokensFile(all))))
        expect(back.left).toEqual([])
        for (const kind of ['palette', 'letterSizes', 'spaces'] as const)
          expect(sorted(back.tokens[kind])).toEqual(sorted(all[kind]))
      }),
    )
  })

  // The examples of the Design Tokens Format Module 2025.10 and its Color Module, from memory of their text.
  it('is read as the format’s examples have it', () => {
    const { tokens: read, left } = readTokens({
      'brand color': {
        'acid green': {
          $type: 'color',
          $value: { colorSpace: 'srgb', components: [0, 1, 0.4], alpha: 1, hex: '#00ff66' },
        },
      },
      'group name': { $type: 'dimension', 'token name': { $value: { value: 16, unit: 'px' } } },
      'spacing-stack-0': { $type: 'dimension', $value: { value: 0, unit: 'rem' } },
      'font-size': { small: { $type: 'dimension', $value: { value: 0.875, unit: 'rem' } } },
      fast: { $type: 'duration', $value: { value: 100, unit: 'ms' } },
      'translucent shadow': {
        $type: 'color',
        $value: { colorSpace: 'srgb', components: [0, 0, 0], alpha: 0.5, hex: '#000000' },
      },
      'Hot pink': {
        $type: 'color',
        $value: { colorSpace: 'oklch', components: [0.7016, 0.3225, 328.363], alpha: 1, hex: '#ff00ff' },
      },
    })
    expect(read).toEqual({
      palette: [
        { name: 'brand-color-acid-green', light: '#00ff66', dark: null },
        { name: 'translucent-shadow', light: '#00000080', dark: null },
        { name: 'hot-pink', light: '#ff00ff', dark: null },
      ],
      letterSizes: [{ name: 'font-size-small', value: 0.875, unit: 'rem' }],
      spaces: [
        { name: 'group-name-token-name', value: 16, unit: 'px' },
        { name: 'spacing-stack-0', value: 0, unit: 'rem' },
      ],
    })
    expect(left).toEqual([{ path: 'fast', message: 'Nothing is made of the type “duration” here.' }])
  })

  it('follows what refers to other tokens, to its end', () => {
    const file = {
      base: { $type: 'color', green: { $value: '#28624a' }, $root: { $value: '#1d2b24' } },
      accent: { $value: '{base.green}' },
      'on top': { $value: '{accent}' },
      ink: { $value: '{base}' },
      nowhere: { $type: 'color', $value: '{base.blue}' },
      // Its own type comes first, then that of what it refers to, its group's last.
      lengths: {
        $type: 'dimension',
        dark: { $value: '{base.green}' },
        gap: { $type: 'color', $value: '{wide}' },
      },
      wide: { $type: 'dimension', $value: '4px' },
      one: { $type: 'color', $value: '{other}' },
      other: { $type: 'color', $value: '{one}' },
      itself: { $type: 'color', $value: '{itself}' },
    }
    expect(readTokens(file).tokens.palette.map(({ name: own, light }) => [own, light])).toEqual([
      ['base-green', '#28624a'],
      ['base', '#1d2b24'],
      ['accent', '#28624a'],
      ['on-top', '#28624a'],
      ['ink', '#1d2b24'],
      ['lengths-dark', '#28624a'],
    ])
    expect(leftOf(file)).toEqual({
      nowhere: 'There is no token “base.blue”.',
      'lengths.gap': '“4px” is no colour.',
      one: 'It comes back to itself by “one”.',
      other: 'It comes back to itself by “other”.',
      itself: 'It comes back to itself by “itself”.',
    })
  })

  it('is left where it says nothing that can be taken, and says why', () => {
    const of = (value: unknown, type = 'color') => leftOf({ a: { $type: type, $value: value } }).a
    expect(of('red')).toBe('“red” is no colour.')
    expect(of({ colorSpace: 'lab', components: [50, 0, 0] })).toBe('Colours are taken of the space “srgb”.')
    expect(of({ colorSpace: 'srgb', components: [0, 0, 1.01] })).toBe(
      'A colour has three components from 0 to 1.',
    )
    expect(of({ colorSpace: 'srgb', components: [0, 0, 0], alpha: -0.1 })).toBeDefined()
    expect(of({ colorSpace: 'srgb', components: [0, 'none', 0] })).toBeUndefined()
    expect(of({ value: 2001, unit: 'px' }, 'dimension')).toBe('A length lies between 0 and 2000 px.')
    expect(of({ value: -1, unit: 'rem' }, 'dimension')).toBe('A length lies between 0 and 125 rem.')
    expect(of({ value: '1', unit: 'rem' }, 'dimension')).toBeDefined()
    expect(of('12em', 'dimension')).toBe('A length is in px or rem.')
    expect(leftOf({ 漢字: { $type: 'color', $value: '#fff' } })).toEqual({
      漢字: 'Its name has no letters that a name here can have.',
    })
    expect(leftOf({ a: { $value: '#fff' } })).toEqual({ a: 'It has no type.' })
    const twice = { 'a b': { $type: 'color', $value: '#fff' }, 'a-b': { $type: 'color', $value: '#000' } }
    expect(leftOf(twice)).toEqual({ 'a-b': 'There is another of the name “a-b”.' })
    expect(leftOf({ 'palette-on-dark': { $type: 'color', ink: { $value: '#fff' } } })).toEqual({
      'palette-on-dark.ink': 'There is no colour of this name for light pages.',
    })
  })

  it('may be anything, and never stops a reader', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 8 }), (file) => {
        expect(() => readTokens(file)).not.toThrow()
      }),
    )
    const deep = Array.from({ length: 3000 }).reduce<unknown>((within) => ({ a: within }), { $value: 1 })
    expect(readTokens(deep).tokens.palette).toEqual([])
    const chain = Object.fromEntries(
      Array.from({ length: 5000 }, (_, at) => [`a${at}`, { $type: 'color', $value: `{a${at + 1}}` }]),
    )
    expect(leftOf(chain)).toMatchObject({ a0: 'It refers on and on.', a4999: 'There is no token “a5000”.' })
    const many = Object.fromEntries(
      Array.from({ length: 5001 }, (_, at) => [`a${at}`, { $type: 'color', $value: '#ffffff' }]),
    )
    expect(readTokens(many).tokens.palette).toHaveLength(5000)
    expect(leftOf(many)['']).toBe('More than 5000 tokens are not read.')
  })
})

describe('the name of a token', () => {
  it.each([
    [['Brand Colour', 'acidGreen'], 'brand-colour-acid-green'],
    [['Café', '100'], 'cafe-100'],
    [['1st', '—'], 'st'],
    [['漢字'], null],
    [['a'.repeat(60)], 'a'.repeat(40)],
  ])('is made of %j', (words, expected) => {
    expect(tokenNameOf(words)).toBe(expected)
  })

  it('can be made of whatever has letters, and stays as it is', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ unit: 'binary', maxLength: 30 }), { maxLength: 4 }), (words) => {
        const made = tokenNameOf(words)
        if (made === null) return
        expect(made).toMatch(tokenName)
        expect(tokenNameOf([made])).toBe(made)
      }),
    )
  })
})
