import type { StyleTarget } from '../style/targets'

/** What a look can style of ways to press, whatever they choose. */
export const waysTarget: StyleTarget = {
  name: 'narrow-term',
  title: 'Choice to press',
  chosen: '[aria-current]',
  isPressed: true,
}

/** What words and numbers are typed into, and what sends them. */
export const fieldTargets: readonly StyleTarget[] = [
  { name: 'narrow-field', title: 'Field to type in' },
  { name: 'narrow-button', title: 'Button of a field', isPressed: true },
]

/** How many there are along a scale. */
export const scaleTarget: StyleTarget = { name: 'narrow-scale', title: 'Scale to set' }

/** What they fold out below, where they stand in a menu. */
export const menuTarget: StyleTarget = {
  name: 'narrow-menu',
  title: 'Menu to fold out',
  selector: '.narrow-menu > summary',
  isPressed: true,
}
