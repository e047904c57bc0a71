import type { ReadyMadePage } from './define'
import { carded, everything, newest, shaped } from './listings'

/** The newest films by their titles, the chosen one large beside them, and all of them below. */
export const filmsPage: ReadyMadePage = {
  name: 'films',
  title: 'Films with a list',
  about: 'The newest films by title with the chosen one large beside them, and all of them below.',
  frame: 'one-column',
  kinds: ['video'],
  areas: (made) => {
    const { main } = made
    const first = shaped(carded(newest('Newest films', main, 6), 'film', main), 'index')
    const all = carded(everything(`All ${main.plural.toLowerCase()}`, main, 12), 'film', main)
    return {
      main: [
        made.band([made.listing(first)], {
          reach: 'background',
          above: 32,
          below: 32,
          background: { is: 'colour', colour: '#efe8d8' },
        }),
        made.band([made.listing(all, 'All of them')], { above: 24 }),
      ],
    }
  },
}
