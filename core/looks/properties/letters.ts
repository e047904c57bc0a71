import { number, string } from 'yup'
import { defineProperty } from './define'
import { lengthSchema, wholeSchema } from './values'
import type { Length } from './values'

/** The families that a site has, by what they are for. */
export const families = ['serif', 'sans'] as const
export const slants = ['upright', 'slanted'] as const
export const cases = ['as it is', 'capitals', 'small'] as const
export const decorations = ['none', 'line below', 'line through'] as const

const caseCss = { 'as it is': 'none', capitals: 'uppercase', small: 'lowercase' } as const
const decorationCss = { none: 'none', 'line below': 'underline', 'line through': 'line-through' } as const

const heading = 'letters'
const lineWords = 'Give a line from 0.8 to 4 times the height of its letters.'

export const letters = [
  defineProperty<'family', (typeof families)[number]>({
    name: 'family',
    title: 'Family',
    heading,
    schema: string().oneOf([...families]),
    css: (family) => ({ 'font-family': `var(--${family})` }),
  }),
  defineProperty<'letterSize', Length>({
    name: 'letterSize',
    title: 'Size',
    heading,
    schema: lengthSchema({ least: 6, most: 200 }),
    css: (size) => ({ 'font-size': size }),
  }),
  defineProperty<'weight', number>({
    name: 'weight',
    title: 'Weight',
    heading,
    schema: wholeSchema(1, 1000),
    css: (weight) => ({ 'font-weight': String(weight) }),
  }),
  defineProperty<'slant', (typeof slants)[number]>({
    name: 'slant',
    title: 'Slant',
    heading,
    schema: string().oneOf([...slants]),
    css: (slant) => ({ 'font-style': slant === 'slanted' ? 'italic' : 'normal' }),
  }),
  defineProperty<'case', (typeof cases)[number]>({
    name: 'case',
    title: 'Case',
    heading,
    schema: string().oneOf([...cases]),
    css: (one) => ({ 'text-transform': caseCss[one] }),
  }),
  defineProperty<'lineHeight', number>({
    name: 'lineHeight',
    title: 'Line',
    heading,
    schema: number().min(0.8, lineWords).max(4, lineWords),
    css: (times) => ({ 'line-height': String(times) }),
  }),
  defineProperty<'letterSpacing', Length>({
    name: 'letterSpacing',
    title: 'Between letters',
    heading,
    schema: lengthSchema({ least: -10, most: 40 }),
    css: (space) => ({ 'letter-spacing': space }),
  }),
  defineProperty<'decoration', (typeof decorations)[number]>({
    name: 'decoration',
    title: 'Decoration',
    heading,
    schema: string().oneOf([...decorations]),
    css: (one) => ({ 'text-decoration-line': decorationCss[one] }),
  }),
] as const
