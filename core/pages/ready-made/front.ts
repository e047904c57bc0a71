import { newFitting } from '../../fittings'
import type { ReadyMadePage } from './define'
import { aside, carded, coming, newest, shaped } from './listings'

/** The way in: what is new, what comes next, what people say, and a word of welcome. */
export const frontPage: ReadyMadePage = {
  name: 'front',
  title: 'Front page',
  about: 'The newest at the top, what is for sale or made below it, and two halves: coming days and words.',
  frame: 'front',
  kinds: ['article', 'project', 'product'],
  areas: (made) => {
    const { main } = made
    const shown = made.of('product', 'project', 'place') ?? made.others(1)[0]
    const events = made.of('event', 'session')
    const said = made.of('quote')
    return {
      top: [made.band([made.listing(newest(`Newest ${main.plural.toLowerCase()}`, main, 3))])],
      main:
        shown === undefined
          ? []
          : [
              made.band(
                [
                  made.listing(
                    shaped(newest(`A few ${shown.plural.toLowerCase()}`, shown, 8), 'slides'),
                    shown.name,
                  ),
                ],
                {
                  reach: 'background',
                  above: 40,
                  below: 40,
                  background: { is: 'colour', colour: '#efe8d8' },
                },
              ),
            ],
      'first-half': [
        made.band([
          events === undefined
            ? made.listing(
                aside(newest(`Earlier ${main.plural.toLowerCase()}`, main, 5), 'title', 'date'),
                'Earlier',
              )
            : made.listing(coming('Coming days', events, 4), 'Coming days'),
        ]),
      ],
      'second-half': [
        made.band(
          said === undefined
            ? [made.fitting(newFitting('terms'), 'What it is about')]
            : [made.listing(carded(newest('A few words', said, 2), 'said', said), said.name)],
        ),
      ],
      foot: [made.band([made.fitting(newFitting('note'))])],
    }
  },
}
