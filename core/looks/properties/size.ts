import { defineProperty } from './define'
import { lengthSchema } from './values'
import type { Length } from './values'

const heading = 'size'
const schema = () => lengthSchema({ least: 0, most: 2000, percent: true })

export const size = [
  defineProperty<'least-width', Length>({
    name: 'least-width',
    title: 'Width at least',
    heading,
    schema: schema(),
    css: (length) => ({ 'min-inline-size': length }),
  }),
  defineProperty<'most-width', Length>({
    name: 'most-width',
    title: 'Width at most',
    heading,
    schema: schema(),
    css: (length) => ({ 'max-inline-size': length }),
  }),
  defineProperty<'least-height', Length>({
    name: 'least-height',
    title: 'Height at least',
    heading,
    schema: schema(),
    css: (length) => ({ 'min-block-size': length }),
  }),
  defineProperty<'most-height', Length>({
    name: 'most-height',
    title: 'Height at most',
    heading,
    schema: schema(),
    css: (length) => ({ 'max-block-size': length }),
  }),
] as const
