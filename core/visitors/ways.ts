import type { StyleTarget } from '../style/targets'

/** What a look can style of ways to press, whatever they choose. */
export const waysTarget: StyleTarget = {
  name: 'narrow-term',
  title: 'Choice to press',
  chosen: '[aria-current]',
  isPressed: true,
}

/** What they fold out below, where they stand in a menu. */
export const menuTarget: StyleTarget = {
  name: 'narrow-menu',
  title: 'Menu to fold out',
  selector: '.narrow-menu > summary',
  isPressed: true,
}
