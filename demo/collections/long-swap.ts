import { field, inDays, item } from '../content/item'
import type { DemoCollection, DemoValue, Item } from '../content/item'

/** The day of the long swap, counted from that of loading. */
const onDay = 24

const rooms = { shed: 'long-shed', workshop: 'workshop', tent: 'orchard-tent' } as const

/** The way in for those who can't come to the hill. */
function fromAfar(name: string): Item['values'] {
  return { from_afar: { address: `https://window.bushel.example/${name}`, title: 'The window' } }
}

/** When on that day, in which room, and with how many. */
function session(from: string, to: string, room: keyof typeof rooms | null, places: number): Item['values'] {
  const inRoom: Readonly<Record<string, DemoValue>> = room === null ? {} : { room: rooms[room] }
  return { starts: inDays(onDay, from), ends: inDays(onDay, to), room_for: places, ...inRoom }
}

const sessions: readonly Item[] = [
  item(
    'Soup from whatever came',
    'lida-marrow',
    'topic/neighbours',
    ['basket', 'moss'],
    session('12:15', '13:15', null, 200),
    'Everybody brings one thing for the pot. It has never yet failed.',
    'Bowls are there; spoons go missing.',
  ),
  item(
    'Doors, tea and labels',
    'lida-marrow',
    'topic/neighbours',
    ['basket', 'clay'],
    session('09:00', '09:30', null, 200),
    'Write your name and what you are after on a tin label, and pin it on.',
    'Tea is by the stove. Milk is where it always is.',
  ),
  item(
    'Beans and peas, table by table',
    'tobias-quill',
    'topic/seed',
    ['pods', 'clay'],
    { ...session('09:30', '11:00', 'shed', 60), ...fromAfar('beans-and-peas') },
    'Forty kinds in jars, with whoever grew them standing behind.',
    'Take twelve of a kind at most, and say where they will be sown.',
  ),
  item(
    'Handles and edges',
    'osric-pennywell',
    'topic/workshop',
    ['tools', 'soil'],
    session('09:30', '10:30', 'workshop', 12),
    'Bring a tool that has let you down.',
    'Ash for handles is there; so is oil.',
  ),
  item(
    'Tin, wire and spelling',
    'ines-applegarth',
    'topic/grafting',
    ['branch', 'frost'],
    session('10:00', '11:00', 'workshop', 10),
    'Labels that last as long as the tree, at the far bench while the others file.',
    'Bring the names you are sure of.',
  ),
  item(
    'First sowing for small hands',
    'juno-thackaberry',
    'topic/sowing',
    ['packets', 'shell'],
    session('09:45', '10:45', 'tent', 15),
    'Cress on hats, beans in jars, soil everywhere else.',
    'With somebody tall, please.',
  ),
  item(
    'Reading a seed packet',
    'tobias-quill',
    'topic/seed',
    ['packets', 'meadow'],
    session('11:00', '12:00', 'shed', 40),
    'Dates, numbers, and what “F1” means for next year.',
    'Bring the oldest packet in your drawer.',
  ),
  item(
    'A whip and a tongue',
    'ines-applegarth',
    'topic/grafting',
    ['branch', 'moss'],
    session('11:00', '12:15', 'workshop', 8),
    'The cut, the join, the tape, and why most of them take.',
    'Knives are there. Thumbs are your own.',
  ),
  item(
    'Bees in winter',
    'ines-applegarth',
    'topic/wildlife',
    ['bees', 'moss'],
    session('11:00', '12:00', 'tent', 30),
    'What a hive weighs in January, and what to do about it.',
    'Nothing, mostly.',
  ),
  item(
    'Lanterns home',
    'maud-ferris',
    'topic/neighbours',
    ['shed', 'dusk'],
    session('18:30', '19:00', null, 200),
    'Down the track together, with every lantern that still has a handle.',
    'Leave them at the gate. They are counted in the morning.',
  ),
  item(
    'Potatoes by the tuber',
    'tobias-quill',
    'topic/seed',
    ['roots', 'clay'],
    session('13:15', '14:45', 'shed', 50),
    'Twenty-six kinds, one of each, before you are buried in any of them.',
    'Egg boxes are welcome and will be filled.',
  ),
  item(
    'Peening a scythe',
    'osric-pennywell',
    'topic/workshop',
    ['hills', 'straw'],
    session('13:15', '14:30', 'workshop', 8),
    'A hammer, an anvil the size of an egg, and patience.',
    'Bring the blade, not the snath.',
  ),
  item(
    'Sieves to borrow',
    'juno-thackaberry',
    'topic/saving',
    ['jars', 'straw'],
    session('14:00', '15:00', 'workshop', 14),
    'Nine meshes, what each is for, and how to give them back clean.',
    'Lettuce is the one that blows away.',
  ),
  item(
    'A pond in a washtub',
    'juno-thackaberry',
    'topic/wildlife',
    ['jars', 'frost'],
    session('13:30', '14:30', 'tent', 20),
    'Rainwater, a ramp for whoever falls in, and one plant.',
    'It will look like nothing until May.',
  ),
  item(
    'Saving carrot without tears',
    'tobias-quill',
    'topic/saving',
    ['jars', 'dusk'],
    session('14:45', '15:45', 'shed', 30),
    'Two years, a cage, and somebody else’s wild carrots.',
    'Isolation is a word we mean kindly.',
  ),
  item(
    'Compost by the nose',
    'lida-marrow',
    'topic/soil',
    ['beds', 'moss'],
    session('14:45', '15:30', 'tent', 25),
    'Five heaps, blindfold. You will know.',
    'Hands are washed afterwards, twice.',
  ),
  item(
    'Boxes that keep mice out',
    'osric-pennywell',
    'topic/storing',
    ['tools', 'straw'],
    session('15:15', '16:15', 'workshop', 12),
    'Tin inside, wood outside, and no hole wider than a pencil.',
    'Hinges are a pound a pair.',
  ),
  item(
    'Tea, and the cake table',
    'maud-ferris',
    'topic/neighbours',
    ['basket', 'frost'],
    session('16:15', '16:45', null, 200),
    'The seed cake is the one at the end, and it goes first.',
    'A tin for coins stands by the urn.',
  ),
  item(
    'Pruning what you were given',
    'ines-applegarth',
    'topic/pruning',
    ['fruit', 'shell'],
    session('16:45', '17:45', 'shed', 40),
    'Other people’s trees, drawn on a sheet, and what to take off first.',
    'Bring a picture of yours.',
  ),
  item(
    'Rope from nettles',
    'juno-thackaberry',
    'topic/workshop',
    ['branch', 'straw'],
    session('16:45', '17:45', 'workshop', 16),
    'Twist, fold, twist the other way. It holds more than you think.',
    'Gloves for the first five minutes.',
  ),
  item(
    'Who lives in the hedge',
    'maud-ferris',
    'topic/wildlife',
    ['hills', 'dusk'],
    session('16:45', '17:30', 'tent', 25),
    'Nests, droppings and one very old boot.',
    'Indoors, with the lid on.',
  ),
  item(
    'The oldest packet',
    'tobias-quill',
    'topic/neighbours',
    ['packets', 'dusk'],
    { ...session('17:45', '18:30', null, 200), ...fromAfar('oldest-packet') },
    'Read aloud, passed round, and opened: everybody takes one.',
    'It is quieter than you would think.',
  ),
]

/** One day of the year with many things at once. */
export const longSwap: DemoCollection = {
  slug: 'long-swap',
  definition: {
    name: 'The long swap',
    singular: 'Session of the long swap',
    plural: 'Sessions of the long swap',
    icon: 'calendar',
    kind: 'event',
    address: '/long-swap/{slug}',
  },
  facets: ['topic'],
  fields: [
    field('Starts', 'date-time', {}, { required: true, sortable: true, filterable: true }),
    field('Ends', 'date-time', {}, { filterable: true }),
    field(
      'Room',
      'choice',
      {
        options: [
          { key: 'long-shed', title: 'Long shed' },
          { key: 'workshop', title: 'Workshop' },
          { key: 'orchard-tent', title: 'Orchard tent' },
        ],
      },
      { filterable: true, sortable: true },
    ),
    field('Room for', 'number', { unit: 'people', least: 1 }),
    field('From afar', 'link'),
  ],
  happens: { start: 'starts', end: 'ends', track: 'room' },
  daysApart: 1,
  items: sessions,
}
