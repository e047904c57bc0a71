import { newFitting } from '../../fittings'
import type { ReadyMadePage } from './define'
import { aside, carded, everything, newest } from './listings'

/** Goods with their prices, and the way to each kind of them. */
export const cataloguePage: ReadyMadePage = {
  name: 'catalogue',
  title: 'Catalogue',
  about: 'Goods in a grid with prices; kinds of goods and what is new at the left.',
  frame: 'side-main',
  kinds: ['product', 'place'],
  areas: (made) => {
    const { main } = made
    return {
      main: [
        made.band([
          made.listing(carded(everything(`All ${main.plural.toLowerCase()}`, main, 24), 'shelf', main)),
        ]),
      ],
      side: [
        made.band([
          ...(main.facets.length === 0
            ? []
            : [made.fitting({ ...newFitting('terms'), facets: main.facets.slice(0, 3) }, 'Kinds')]),
          made.listing(aside(newest(`New ${main.plural.toLowerCase()}`, main, 4), 'picture', 'title'), 'New'),
        ]),
      ],
    }
  },
}
