import { documentOfText } from '../core/content/rich-text/document'
import { newFitting } from '../core/fittings'
import type { MenuRow } from '../core/menus'
import type { FittingChoice } from '../core/fittings'
import { newBand } from '../core/pages/bands/definition'
import type { Band } from '../core/pages/bands/definition'
import { withEveryArea } from '../core/pages/definition'
import type { PlacedFitting } from '../core/pages/definition'
import { withPlacementsAt } from '../core/pages/moves'
import { placementsAt } from '../core/pages/standing'
import type { DemoPage } from './page-parts'
import { uuidOf } from './uuid'

/** A page with a strip across it below what it has, for those who think of a garden of their own. */
export function withStrip(demo: DemoPage, topic: number): DemoPage {
  const [main = newBand(1)] = demo.page.areas.main ?? []
  const invitation = (name: string, choice: FittingChoice) => fitting(`${demo.path} ${name}`, choice)
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
          invitation('heading', { name: 'heading', level: 2, text: 'A garden of your own?' }),
          invitation('note', {
            name: 'note',
            text: documentOfText(
              'We come and look, draw what could be there, and lend the tools for the first year. What you pay for is the soil and the plants.\n\nAsk on any swap day, or at the gate when the flag is out.',
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
            nested: false,
            first: 12,
            layout: 'row',
          }),
        ],
      },
    ],
  }
  const areas = { main: [main, strip] }
  return { ...demo, page: withEveryArea({ ...demo.page, frame: 'one-column', areas }) }
}

/** Code as it may be pasted: it counts the days to the next full moon, from the new moon of 6 January 2000. */
const moon = [
  '<p style="margin:0;font:16px/1.5 system-ui,sans-serif;color:#58645c"></p><script>',
  'const month = 29.530589, age = (Date.now() / 86400000 - 10962.76) % month;',
  'const days = Math.round((month * 1.5 - age) % month);',
  "document.querySelector('p').textContent = days === 0 ? 'Full moon tonight: bring a coat.'",
  " : 'Full moon in ' + days + (days === 1 ? ' day.' : ' days.');",
  '</script>',
].join('')

const beforeYouCome = [
  ['What is on the shelf', '/seed-shelf'],
  ['How we work together', '/lessons'],
  ['A bed of your own', '/plots'],
] as const

/** A page with the days to the next full moon, and where to look before a swap day, at the end of its side. */
export function withMoon(demo: DemoPage): DemoPage {
  const sky = 'The moon over the orchard'
  const added = [
    ownMenu(demo.path, 'Before you come', beforeYouCome),
    fitting(`${demo.path} moon`, { ...newFitting('code'), code: moon, title: sky, room: 24 }, sky),
  ]
  return { ...demo, page: withPlacementsAt(demo.page, '2/0', [...placementsAt(demo.page, '2/0'), ...added]) }
}

const firstSteps = [
  ['When we meet next', '/swap-days'],
  ['What is on the shelf', '/seed-shelf'],
  ['Beds to let', '/plots'],
] as const

/** A page with a band below its main things, for those who come for the first time. */
export function withInvitation(demo: DemoPage): DemoPage {
  const invitation: Band = {
    ...newBand(3),
    background: { is: 'colour', colour: '#e4ebd9' },
    above: 36,
    below: 36,
    columns: [
      {
        parts: 3,
        placements: [
          fitting(`${demo.path} first time`, {
            name: 'heading',
            level: 2,
            text: 'Here for the first time?',
          }),
          fitting(`${demo.path} welcome`, {
            name: 'note',
            text: documentOfText(
              'Take a packet, sow it, and bring one back when it has set seed. It costs nothing but the walk up the hill.',
            ),
          }),
        ],
      },
      { parts: 2, placements: [ownMenu(demo.path, 'First steps', firstSteps)] },
    ],
  }
  const areas = { ...demo.page.areas, main: [...(demo.page.areas.main ?? []), invitation] }
  return { ...demo, page: { ...demo.page, areas } }
}

function ownMenu(
  path: string,
  title: string,
  to: readonly (readonly [title: string, address: string])[],
): PlacedFitting {
  const links = to.map(([name, address]): MenuRow => ({
    id: uuidOf(`${path} ${address}`),
    title: name,
    to: { is: 'address', address },
    isWithin: false,
  }))
  return fitting(`${path} menu`, { ...newFitting('menu'), of: 'own', links, title }, title)
}

/** A fitting of a demo page; the name is its own on the site. */
export function fitting(name: string, choice: FittingChoice, heading = ''): PlacedFitting {
  return { kind: 'fitting', id: uuidOf(name), heading, fitting: choice }
}
