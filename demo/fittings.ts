import { documentOfText } from '../core/content/rich-text/document'
import { newFitting } from '../core/fittings'
import type { FittingChoice } from '../core/fittings'
import { newBand } from '../core/pages/bands/definition'
import type { Band } from '../core/pages/bands/definition'
import { withEveryArea } from '../core/pages/definition'
import type { PlacedFitting } from '../core/pages/definition'
import type { DemoPage } from './pages'
import { uuidOf } from './uuid'

/** The history with a strip across the page below it, for those who have something to add. */
export function withStrip(demo: DemoPage, topic: number): DemoPage {
  const [main = newBand(1)] = demo.page.areas.main ?? []
  const invitation = (name: string, choice: FittingChoice) => fitting(`/our-years ${name}`, choice)
  const strip: Band = {
    ...newBand(3),
    reach: 'background',
    above: 56,
    below: 56,
    background: { is: 'colour', colour: '#28624a' },
    columns: [
      {
        parts: 2,
        placements: [
          invitation('heading', { name: 'heading', level: 2, text: 'A year is missing?' }),
          invitation('note', {
            name: 'note',
            text: documentOfText(
              'Half of what we know of the early days came out of somebody’s drawer: a receipt for two spades, a photograph of a gate that is no longer there.\n\nBring what you have on a swap day. We copy it, write down who told it, and give it back.',
            ),
          }),
        ],
      },
      {
        parts: 1,
        placements: [
          invitation('terms', {
            ...newFitting('terms'),
            facets: [topic],
            counts: false,
            first: 6,
            layout: 'row',
          }),
        ],
      },
    ],
  }
  const areas = { main: [main, strip] }
  return { ...demo, page: withEveryArea({ ...demo.page, frame: 'one-column', areas }) }
}

/** A fitting of a demo page; the name is its own on the site. */
export function fitting(name: string, choice: FittingChoice, heading = ''): PlacedFitting {
  return { kind: 'fitting', id: uuidOf(name), heading, fitting: choice }
}
