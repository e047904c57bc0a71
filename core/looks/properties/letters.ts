import { number, string } from 'yup'
import { fontProperty } from '../fonts/site-fonts'
import { tokenName } from '../tokens/site-tokens'
import { defineProperty } from './define'
import { lengthCss, lengths, oneOf, wholes } from './values'
import type { Length, StyleLength } from './values'

export const slants = ['upright', 'slanted'] as const
export const cases = ['as it is', 'capitals', 'small'] as const
export const decorations = ['none', 'line below', 'line through'] as const

const caseCss = { 'as it is': 'none', capitals: 'uppercase', small: 'lowercase' } as const
const decorationCss = { none: 'none', 'line below': 'underline', 'line through': 'line-through' } as const

const heading = 'letters'
const lineWords = 'Give a line from 0.8 to 4 times the height of its letters.'

export const letters = [
  defineProperty<'family', string>({
    name: 'family',
    title: 'Family',
    heading,
    value: { kind: 'font' },
    schema: string().matches(tokenName, 'Name a font of the site, or what it is for.'),
    css: (name) => ({ 'font-family': `var(${fontProperty(name)})` }),
  }),
  defineProperty<'letterSize', StyleLength>({
    name: 'letterSize',
    title: 'Size',
    heading,
    ...lengths({ least: 6, most: 200, scale: 'letterSizes' }),
    css: (size) => ({ 'font-size': lengthCss(size, 'letterSizes') }),
  }),
  defineProperty<'weight', number>({
    name: 'weight',
    title: 'Weight',
    heading,
    ...wholes(1, 1000),
    css: (weight) => ({ 'font-weight': String(weight) }),
  }),
  defineProperty<'slant', (typeof slants)[number]>({
    name: 'slant',
    title: 'Slant',
    heading,
    ...oneOf(slants),
    css: (slant) => ({ 'font-style': slant === 'slanted' ? 'italic' : 'normal' }),
  }),
  defineProperty<'case', (typeof cases)[number]>({
    name: 'case',
    title: 'Case',
    heading,
    ...oneOf(cases),
    css: (one) => ({ 'text-transform': caseCss[one] }),
  }),
  defineProperty<'lineHeight', number>({
    name: 'lineHeight',
    title: 'Line',
    heading,
    value: { kind: 'number', least: 0.8, most: 4, step: 0.05, unit: '×' },
    schema: number().min(0.8, lineWords).max(4, lineWords),
    css: (times) => ({ 'line-height': String(times) }),
  }),
  defineProperty<'letterSpacing', Length>({
    name: 'letterSpacing',
    title: 'Between letters',
    heading,
    ...lengths({ least: -10, most: 40 }),
    css: (space) => ({ 'letter-spacing': space }),
  }),
  defineProperty<'decoration', (typeof decorations)[number]>({
    name: 'decoration',
    title: 'Decoration',
    heading,
    ...oneOf(decorations),
    css: (one) => ({ 'text-decoration-line': decorationCss[one] }),
  }),
] as const
