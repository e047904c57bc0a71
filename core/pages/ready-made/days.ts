import { comingOf } from '../../listing/begun'
import type { ReadyMadePage } from './define'
import { aside, carded, coming, newest, shaped } from './listings'

/** What takes place: the days to come by month, the next ones large, and what was. */
export const daysPage: ReadyMadePage = {
  name: 'days',
  title: 'Days and events',
  about: 'The next two large, all days to come under their months, and what was last beside them.',
  frame: 'main-side',
  kinds: ['event', 'session'],
  areas: (made) => {
    const { main } = made
    const next = carded(coming('The next two', main, 2), 'leaflet', main)
    const later = { ...coming('All days to come', main, 60), amount: { ...next.amount, skip: 2, take: 60 } }
    const news = made.of('article')
    const listed = comingOf(main) === null ? shaped(later, 'list') : shaped(later, 'grouped', { by: 'month' })
    return {
      main: [
        made.band([made.listing(next, 'Next')]),
        made.band([made.listing(listed, 'After that')], { above: 24 }),
      ],
      side: [
        made.band([
          news === undefined
            ? made.listing(aside(newest(`New in ${main.name.toLowerCase()}`, main, 5), 'title'), 'Just added')
            : made.listing(
                aside(newest(`From ${news.name.toLowerCase()}`, news, 5), 'title', 'date'),
                news.name,
              ),
        ]),
      ],
    }
  },
}
