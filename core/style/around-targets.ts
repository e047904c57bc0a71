import type { StyleTarget } from './targets'

/** What stands around whatever is placed. */
export const aroundTargets: readonly StyleTarget[] = [
  { name: 'heading', title: 'Heading', selector: '.placement-heading' },
  { name: 'words', title: 'Words above and below', selector: '.placement-words' },
]
