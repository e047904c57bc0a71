import { newFitting } from '../../fittings'
import type { ReadyMadePage } from './define'
import { newest, shaped } from './listings'

/** Stories under their topics, and an index of all topics above. */
export const byTopicPage: ReadyMadePage = {
  name: 'by-topic',
  title: 'Stories by topic',
  about: 'An index of topics in a row, and the newest stories under each topic below it.',
  frame: 'one-column',
  kinds: ['article', 'project'],
  areas: (made) => {
    const { main } = made
    const [facet] = main.facets
    const stories = newest(`${main.plural} by topic`, main, 60)
    return {
      main: [
        ...(facet === undefined
          ? []
          : [
              made.band([
                made.fitting({
                  ...newFitting('terms'),
                  facets: [facet],
                  nested: false,
                  layout: 'row',
                  first: 20,
                }),
              ]),
            ]),
        made.band(
          [made.listing(facet === undefined ? stories : shaped(stories, 'grouped', { by: 'term', facet }))],
          { above: 24 },
        ),
      ],
    }
  },
}
