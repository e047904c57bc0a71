import type { ReadyMadePage } from './define'
import { everything, shaped } from './listings'

/** How it came about, the earliest first, picture and words alternating down the page. */
export const historyPage: ReadyMadePage = {
  name: 'history',
  title: 'History',
  about: 'How it came about, the earliest first, one below the other with its picture beside it.',
  frame: 'one-column',
  kinds: ['plain', 'article'],
  areas: (made) => {
    const { main } = made
    const all = shaped(everything(`${main.name}, from the beginning`, main, 40), 'list', { lines: true })
    const order = { keys: [{ by: 'date', direction: 'up' }], pinned: 'ignored' } as const
    return { main: [made.band([made.listing({ ...all, order })])] }
  },
}
