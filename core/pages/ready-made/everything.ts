import { newFitting } from '../../fittings'
import type { ReadyMadePage } from './define'
import { aside, everything, newest } from './listings'

/** All of one collection, with its terms and what is read most beside it. */
export const everythingPage: ReadyMadePage = {
  name: 'everything',
  title: 'Everything of a collection',
  about: 'All of one collection in pages, with its terms and what is read most beside it.',
  frame: 'main-side',
  kinds: [],
  areas: (made) => {
    const { main } = made
    const mostRead = {
      ...aside(newest(`Most read ${main.plural.toLowerCase()}`, main, 5), 'title', 'date'),
      order: { keys: [{ by: 'views', direction: 'down' }], pinned: 'ignored' },
    } as const
    return {
      main: [made.band([made.listing(everything(`All ${main.plural.toLowerCase()}`, main, 12))])],
      side: [
        made.band([
          ...(main.facets.length === 0
            ? []
            : [made.fitting({ ...newFitting('terms'), facets: main.facets.slice(0, 2) }, 'By term')]),
          made.listing(mostRead, 'Most read'),
        ]),
      ],
    }
  },
}
