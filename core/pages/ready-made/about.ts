import { documentOfText } from '../../content/rich-text/document'
import type { ReadyMadePage } from './define'
import { aside, carded, newest } from './listings'

/** Who it is about, in words of one’s own, with a column of what is new. */
export const aboutPage: ReadyMadePage = {
  name: 'about',
  title: 'About, with a latest column',
  about: 'Words of your own with the people below them, and a column of what is new.',
  frame: 'main-side',
  kinds: ['article', 'project'],
  areas: (made) => {
    const { main } = made
    const people = made.of('person')
    return {
      main: [
        made.band([
          made.fitting({
            name: 'note',
            text: documentOfText(
              'Say here who you are.\n\nSay what you do, and since when.\n\nSay where to find you.',
            ),
          }),
        ]),
        ...(people === undefined
          ? []
          : [
              made.band(
                [made.listing(carded(newest('Who we are', people, 12), 'face', people), 'Who we are')],
                {
                  above: 24,
                },
              ),
            ]),
      ],
      side: [
        made.band([
          made.listing(
            aside(newest(`Latest ${main.plural.toLowerCase()}`, main, 5), 'title', 'date'),
            'Latest',
          ),
        ]),
      ],
    }
  },
}
