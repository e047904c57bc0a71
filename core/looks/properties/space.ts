import { defineProperty } from './define'
import { sides } from './sides'
import { lengths } from './values'
import type { Length } from './values'

const heading = 'space'

const outside = sides.map((side) =>
  defineProperty<`outside-${typeof side.name}`, Length>({
    name: `outside-${side.name}`,
    title: `Outside, ${side.title}`,
    heading,
    together: 'Outside',
    ...lengths({ least: -200, most: 400 }),
    css: (length) => ({ [`margin-${side.css}`]: length }),
  }),
)

const inside = sides.map((side) =>
  defineProperty<`inside-${typeof side.name}`, Length>({
    name: `inside-${side.name}`,
    title: `Inside, ${side.title}`,
    heading,
    together: 'Inside',
    ...lengths({ least: 0, most: 400 }),
    css: (length) => ({ [`padding-${side.css}`]: length }),
  }),
)

export const space = [...outside, ...inside] as const
