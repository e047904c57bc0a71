import { defineProperty } from './define'
import { lengths } from './values'
import type { Length } from './values'

const limits = [
  { name: 'least-width', title: 'Width at least', css: 'min-inline-size' },
  { name: 'most-width', title: 'Width at most', css: 'max-inline-size' },
  { name: 'least-height', title: 'Height at least', css: 'min-block-size' },
  { name: 'most-height', title: 'Height at most', css: 'max-block-size' },
] as const

export const size = limits.map(({ name, title, css }) =>
  defineProperty<typeof name, Length>({
    name,
    title,
    heading: 'size',
    ...lengths({ least: 0, most: 2000, percent: true }),
    css: (length) => ({ [css]: length }),
  }),
)
