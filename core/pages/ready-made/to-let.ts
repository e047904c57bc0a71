import { newFitting } from '../../fittings'
import type { ReadyMadePage } from './define'
import { carded, everything, shaped } from './listings'

/** Places one can have, each with what it costs and how large it is. */
export const toLetPage: ReadyMadePage = {
  name: 'to-let',
  title: 'Places to let',
  about: 'Places below each other with their facts and a way to ask, and where they lie beside them.',
  frame: 'main-side',
  kinds: ['place', 'product'],
  areas: (made) => {
    const { main } = made
    const all = shaped(carded(everything(`All ${main.plural.toLowerCase()}`, main, 20), 'let', main), 'list')
    return {
      main: [made.band([made.listing(all)])],
      side: [
        made.band(
          main.facets.length === 0
            ? [made.fitting(newFitting('note'))]
            : [made.fitting({ ...newFitting('terms'), facets: main.facets.slice(0, 2) }, 'Where and what')],
        ),
      ],
    }
  },
}
