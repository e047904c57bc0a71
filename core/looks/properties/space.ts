import { defineProperty } from './define'
import { sides } from './sides'
import { lengthCss, lengths } from './values'
import type { StyleLength } from './values'

const heading = 'space'

const outside = sides.map((side) =>
  defineProperty<`outside-${typeof side.name}`, StyleLength>({
    name: `outside-${side.name}`,
    title: `Outside, ${side.title}`,
    heading,
    together: 'Outside',
    ...lengths({ least: -200, most: 400, scale: 'spaces' }),
    css: (length) => ({ [`margin-${side.css}`]: lengthCss(length, 'spaces') }),
  }),
)

const inside = sides.map((side) =>
  defineProperty<`inside-${typeof side.name}`, StyleLength>({
    name: `inside-${side.name}`,
    title: `Inside, ${side.title}`,
    heading,
    together: 'Inside',
    ...lengths({ least: 0, most: 400, scale: 'spaces' }),
    css: (length) => ({ [`padding-${side.css}`]: lengthCss(length, 'spaces') }),
  }),
)

export const space = [...outside, ...inside] as const
