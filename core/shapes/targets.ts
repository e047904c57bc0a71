import type { StyleTarget } from '../style/targets'

/** Several shapes have tabs, and what a look says of them holds in each. */
export const tabTargets: readonly StyleTarget[] = [
  { name: 'tab-bar', title: 'Bar of tabs', selector: '.tab-list' },
  {
    name: 'tab',
    title: 'Tab',
    selector: '.tab-list [role="tab"]',
    chosen: '[aria-selected="true"]',
  },
  { name: 'tab-panel', title: 'What a tab shows', selector: '[role="tabpanel"]' },
]

/** The names above groups of cards. */
export const groupNameTarget: StyleTarget = {
  name: 'group-name',
  title: 'Name of a group',
  selector: '.group-name',
}

/** Arrows beside a row that scrolls. */
export const rowArrowTarget: StyleTarget = {
  name: 'arrow',
  title: 'Arrow',
  selector: '.row-arrows button',
}
