import { border, corners, inside, onGround, set, small, together, upperCorners } from './define'
import type { ReadyMadeLook } from './define'

/** Looks to begin with, from the plain to the strong. */
export const readyMadeLooks: readonly ReadyMadeLook[] = [
  {
    name: 'quiet',
    title: 'Quiet',
    styles: together(
      set('heading', { family: 'text', letterSize: '15px', weight: 600, colour: 'soft' }),
      set('title', {
        family: 'text',
        letterSize: '17px',
        weight: 550,
        lineHeight: 1.35,
        letterSpacing: '0px',
      }),
      set('title', { decoration: 'line below' }, 'pointed'),
      set('topic', { colour: 'soft', weight: 450 }),
      set('picture', { ...corners('2px'), glide: 200 }),
      set('picture', { covers: 88 }, 'pointed'),
      set('summary', { letterSize: '14.5px', lineHeight: 1.6 }),
    ),
  },
  {
    name: 'ledger',
    title: 'Ledger',
    styles: together(
      set('heading', { letterSize: 'text', 'border-bottom': { width: 1, line: 'solid', colour: 'ink' } }),
      set('card', {
        'border-top': { width: 1, line: 'solid', colour: 'line' },
        'inside-top': '14px',
        glide: 150,
      }),
      set('card', { 'border-top': { width: 1, line: 'solid', colour: 'ink' } }, 'pointed'),
      set('title', { letterSize: 'lead', weight: 550, lineHeight: 1.25 }),
      set('topic', { case: 'capitals', letterSize: '12px', letterSpacing: '0.9px', colour: 'ink' }),
      set('picture', corners('0px')),
      set('table-head', { case: 'capitals', letterSize: '12px', letterSpacing: '0.9px' }),
    ),
  },
  {
    name: 'margin',
    title: 'In the margin',
    styles: together(
      set('card', {
        'border-start': { width: 3, line: 'solid', colour: 'leaf' },
        'inside-start': 'medium',
        glide: 150,
      }),
      set('card', { 'border-start': { width: 3, line: 'solid', colour: 'accent' } }, 'pointed'),
      set('title', { letterSize: 'lead', weight: 500 }),
      set('topic', { colour: 'leaf', weight: 550 }),
      set('summary', { family: 'headings', slant: 'slanted', letterSize: 'text', lineHeight: 1.5 }),
      set('picture', corners('0px')),
    ),
  },
  {
    name: 'print',
    title: 'Print in a mount',
    styles: together(
      set('picture', {
        ...border(10, '#ffffff'),
        ...corners('0px'),
        shadow: { right: 0, down: 2, blur: 12, spread: 0, colour: '#1d2b2440', inside: false },
        glide: 220,
      }),
      set(
        'picture',
        { shadow: { right: 0, down: 8, blur: 26, spread: 0, colour: '#1d2b2452', inside: false } },
        'pointed',
      ),
      set('title', { family: 'newsreader', weight: 400, slant: 'slanted', letterSize: '22px' }),
      set(`topic ${small}`, {
        case: 'capitals',
        letterSize: '12px',
        letterSpacing: '1.1px',
        colour: 'soft',
      }),
    ),
  },
  {
    name: 'linocut',
    title: 'Linocut',
    styles: together(
      set('picture', {
        filter: { brightness: 104, contrast: 118, colourful: 100, grey: 100, sepia: 0, turn: 0, blur: 0 },
        ...corners('0px'),
        glide: 350,
      }),
      set(
        'picture',
        { filter: { brightness: 100, contrast: 100, colourful: 100, grey: 0, sepia: 0, turn: 0, blur: 0 } },
        'pointed',
      ),
      set('card', {
        'border-bottom': { width: 3, line: 'solid', colour: 'ink' },
        'inside-bottom': 'medium',
      }),
      set('title', { weight: 800, letterSize: '22px', lineHeight: 1.15 }),
      set(`topic ${small}`, { colour: 'ink' }),
    ),
  },
  {
    name: 'bulletin',
    title: 'Bulletin',
    styles: together(
      set('heading', { family: 'bricolage-grotesque', weight: 800, letterSize: 'title' }),
      set('card', { 'border-top': { width: 5, line: 'solid', colour: 'ink' }, 'inside-top': '12px' }),
      set('title', {
        family: 'bricolage-grotesque',
        weight: 800,
        letterSize: '21px',
        lineHeight: 1.15,
        letterSpacing: '-0.3px',
      }),
      set('title', { colour: 'accent' }, 'pointed'),
      set('topic', {
        colour: 'accent',
        weight: 800,
        case: 'capitals',
        letterSize: '12px',
        letterSpacing: '0.6px',
      }),
      set('picture', corners('0px')),
      set('tab', { family: 'bricolage-grotesque', weight: 700 }),
    ),
  },
  {
    name: 'packet',
    title: 'Seed packet',
    styles: together(
      onGround('#f6eeda', '#5b2f16', 'light'),
      set('card', {
        ...border(1, '#d5c49b'),
        ...corners('10px'),
        shadow: { right: 0, down: 1, blur: 2, spread: 0, colour: '#5b2f1626', inside: false },
        glide: 180,
      }),
      set(
        'card',
        { shadow: { right: 0, down: 10, blur: 26, spread: 0, colour: '#5b2f1640', inside: false } },
        'pointed',
      ),
      set('picture', upperCorners('9px')),
      set('card-below', {
        'inside-top': '8px',
        'inside-end': 'medium',
        'inside-bottom': '18px',
        'inside-start': 'medium',
      }),
      set('card-foot', { 'inside-end': 'medium', 'inside-bottom': 'medium', 'inside-start': 'medium' }),
      set('title', { family: 'bitter', weight: 700, colour: '#5b2f16' }),
      set('topic', { colour: '#8f3a12' }),
      set(`summary ${small} price`, { colour: '#6b5236' }),
    ),
  },
  {
    name: 'meadow',
    title: 'Meadow',
    styles: together(
      onGround('#e4f0dd', '#1f4d36', 'light'),
      set('card', {
        gradient: {
          angle: 165,
          colours: [
            { colour: '#eff6e8', at: 0 },
            { colour: '#d8e9d3', at: 100 },
          ],
        },
        ...corners('20px'),
        ...inside('10px'),
      }),
      set('picture', corners('13px')),
      set('card-over', { ...corners('13px') }),
      set('card-below', { 'inside-end': 'small', 'inside-bottom': '10px', 'inside-start': 'small' }),
      set('title', { colour: '#1f4d36', glide: 150 }),
      set('title', { colour: '#0f2f20' }, 'pointed'),
      set('topic', { colour: '#35662b' }),
      set(`summary ${small} price`, { colour: '#3f5a49' }),
    ),
  },
  {
    name: 'harvest',
    title: 'Harvest',
    styles: together(
      onGround('#7a2e0b', '#fff3e2', 'dark'),
      set('card', { ...corners('6px'), glide: 200 }),
      set('card', { ground: '#8c390f' }, 'pointed'),
      set('picture', upperCorners('6px')),
      set('card-below', { 'inside-end': 'medium', 'inside-bottom': '18px', 'inside-start': 'medium' }),
      set('card-foot', { 'inside-end': 'medium', 'inside-bottom': 'medium', 'inside-start': 'medium' }),
      set('title', { colour: '#fff3e2', weight: 500 }),
      set('topic', { colour: '#ffcf8a' }),
      set(`summary ${small} price`, { colour: '#f6dcc3' }),
    ),
  },
  {
    name: 'night',
    title: 'Night beds',
    styles: together(
      onGround('#16211b', '#f4ecd6', 'dark'),
      set('card', { ...corners('8px'), glide: 200 }),
      set('card', { ground: '#223229' }, 'pointed'),
      set('picture', {
        filter: { brightness: 88, contrast: 105, colourful: 105, grey: 0, sepia: 0, turn: 0, blur: 0 },
        ...upperCorners('8px'),
        glide: 250,
      }),
      set(
        'picture',
        { filter: { brightness: 102, contrast: 100, colourful: 105, grey: 0, sepia: 0, turn: 0, blur: 0 } },
        'pointed',
      ),
      set('card-below', { 'inside-end': 'medium', 'inside-bottom': '18px', 'inside-start': 'medium' }),
      set('card-foot', { 'inside-end': 'medium', 'inside-bottom': 'medium', 'inside-start': 'medium' }),
      set('title', { colour: '#f4ecd6', weight: 450 }),
      set('topic', { colour: '#e9b95f' }),
      set(`summary ${small} price`, { colour: '#c4cdc1' }),
    ),
  },
]
