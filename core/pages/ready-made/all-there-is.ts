import type { ReadyMadePage } from './define'
import { newest } from './listings'

/** A little of everything: the newest of each collection, one below the other. */
export const allThereIsPage: ReadyMadePage = {
  name: 'all-there-is',
  title: 'A little of everything',
  about: 'The newest three of each collection, one collection below the other.',
  frame: 'one-column',
  kinds: [],
  areas: (made) => ({
    main: [made.main, ...made.others(7)].map((one, at) =>
      made.band([{ ...made.listing(newest(`Newest ${one.plural.toLowerCase()}`, one, 3), one.name) }], {
        above: at === 0 ? 0 : 24,
      }),
    ),
  }),
}
