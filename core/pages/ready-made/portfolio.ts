import { documentOfText } from '../../content/rich-text/document'
import { newFitting } from '../../fittings'
import type { ReadyMadePage } from './define'
import { carded, everything, shaped } from './listings'

/** Finished work in its own proportions, from edge to edge. */
export const portfolioPage: ReadyMadePage = {
  name: 'portfolio',
  title: 'Portfolio',
  about: 'Finished work edge to edge, each picture in its own proportions, and an invitation below.',
  frame: 'wide',
  kinds: ['project', 'product', 'video'],
  areas: (made) => {
    const { main } = made
    const work = carded(everything(`All ${main.plural.toLowerCase()}`, main, 24), 'plate', main)
    return {
      main: [
        made.band([made.listing(shaped(work, 'masonry'))], { above: 24, below: 24 }),
        made.columns(
          [
            {
              parts: 2,
              placements: [
                made.fitting({ name: 'heading', level: 2, text: 'Have us make one for you' }),
                made.fitting({
                  name: 'note',
                  text: documentOfText('Say here how to reach you, and what happens then.'),
                }),
              ],
            },
            {
              parts: 1,
              placements: [made.fitting({ ...newFitting('terms'), counts: false, layout: 'row' }, 'By kind')],
            },
          ],
          { reach: 'background', above: 48, below: 48, background: { is: 'colour', colour: '#efe8d8' } },
        ),
      ],
    }
  },
}
