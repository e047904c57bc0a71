import { defineProperty } from './define'
import { oneOf, seenThrough, wholes } from './values'

export const appearings = ['always', 'while pointed at'] as const

const heading = 'motion'

export const motion = [
  defineProperty<'glide', number>({
    name: 'glide',
    title: 'Glides from state to state in',
    heading,
    ...wholes(0, 2000, 'ms'),
    media: 'likes motion',
    css: (milliseconds) => ({ 'transition-duration': `${milliseconds / 1000}s` }),
  }),
  defineProperty<'appears', (typeof appearings)[number]>({
    name: 'appears',
    title: 'Appears',
    heading,
    ...oneOf(appearings),
    // Where nothing can be pointed at it is always there, and those who don't see the page hear it always.
    media: 'can point',
    css: (one) => ({ '--seen': one === 'always' ? '1' : '0', ...seenThrough }),
    whileHeld: () => ({ '--seen': '1' }),
  }),
] as const
