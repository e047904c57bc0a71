import type { ReadyMadePage } from './define'
import { carded, everything, newest, shaped } from './listings'

/** What people say: a few large, one at a time, then all. */
export const wordsPage: ReadyMadePage = {
  name: 'words',
  title: 'Customers’ words',
  about: 'A few words at a time in a strip of colour, then all of them below each other.',
  frame: 'one-column',
  kinds: ['quote'],
  areas: (made) => {
    const { main } = made
    const few = shaped(carded(newest('A few words', main, 6), 'said', main), 'slides')
    const all = shaped(
      carded(everything(`All ${main.plural.toLowerCase()}`, main, 24), 'said', main),
      'masonry',
    )
    return {
      main: [
        made.band([made.listing(few)], {
          reach: 'background',
          above: 56,
          below: 56,
          background: { is: 'colour', colour: '#efe8d8' },
        }),
        made.band([made.listing(all, 'All of them')], { above: 24 }),
      ],
    }
  },
}
