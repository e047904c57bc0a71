import { field, inDays, item, pounds } from '../content/item'
import type { DemoCollection, DemoValue, Item } from '../content/item'

const places = {
  shed: { latitude: 52.104, longitude: -2.3098, address: 'Long shed' },
  gate: { latitude: 52.1075, longitude: -2.3114, address: 'Orchard gate' },
  workshop: { latitude: 52.0992, longitude: -2.3152, address: 'Workshop, Old Kilns' },
  mill: { latitude: 52.101, longitude: -2.3066, address: 'Miller’s yard' },
  quarry: { latitude: 52.1097, longitude: -2.3181, address: 'Winch house, Quarry End' },
} as const satisfies Record<string, DemoValue>

/** Days from now (at least, where it repeats) and hours it takes place, where, for how many, at what price; and how it repeats, if it does. */
function values(day: number, from: string, to: string, place: keyof typeof places, room: number, price: number, repeats?: string): Item['values'] {
  return {
    starts: inDays(day, from, repeats),
    ends: inDays(day, to, repeats),
    where: places[place],
    room_for: room,
    price: pounds(price),
    ...(repeats === undefined ? {} : { repeats }),
  }
}

const days: readonly Item[] = [
  item('Bean and pea swap', 'tobias-quill', 'season/autumn topic/seed', ['pods', 'clay'], values(4, '10:00', '13:00', 'shed', 60, 0),
    'Bring what you saved, dry and named; take what you like. Broad beans especially wanted.', 'No seed is refused, but seed without a year goes on the table at the back.'),
  item('Scion wood labelling', 'ines-applegarth', 'season/winter topic/grafting', ['branch', 'frost'], values(11, '14:00', '16:00', 'gate', 14, 0),
    'Two hours of wire, tin and arguing about spelling. Somebody has to, or we graft the wrong tree.', 'Gloves without fingers are best.'),
  item('Midwinter tool mending', 'osric-pennywell', 'season/winter topic/workshop', ['tools', 'soil'], values(18, '09:30', '15:00', 'workshop', 20, 3),
    'Handles, edges, rivets. You do it yourself; we stand beside you and wince.', 'Two tools each. Soup at noon.'),
  item('Wednesday menders', 'osric-pennywell', 'season/winter topic/workshop', ['tools', 'straw'], values(1, '17:30', '20:00', 'workshop', 12, 0, 'FREQ=WEEKLY;BYDAY=WE'),
    'Every Wednesday the fire is lit and whatever is broken gets looked at.', 'Come with something broken or come to watch.'),
  item('First Saturday dig', 'lida-marrow', 'season/spring topic/soil', ['rows', 'meadow'], values(9, '10:00', '12:30', 'shed', 40, 0, 'FREQ=MONTHLY;BYDAY=1SA'),
    'The first Saturday of every month: common beds, common paths, common biscuits.', 'Tools are there. Children are welcome and will be given the barrow.'),
  item('Seed room open', 'tobias-quill', 'season/winter topic/storing', ['jars', 'straw'], values(2, '15:00', '18:00', 'shed', 8, 0, 'FREQ=WEEKLY;BYDAY=TU,FR'),
    'Tuesdays and Fridays, three to six. Borrow, bring back, ask.', 'Eight at a time, since the drawers are at elbow height.'),
  item('Moth night', 'juno-thackaberry', 'season/summer topic/wildlife', ['frost', 'night'], values(23, '19:00', '22:30', 'quarry', 18, 2, 'FREQ=MONTHLY;BYDAY=-1FR'),
    'A sheet, a lamp, a flask. The last Friday of the month, all year: there are moths in December too.', 'If it rains we look at last year’s and tell lies about them.'),
  item('New Year hedge walk', 'juno-thackaberry', 'season/winter topic/wildlife', ['branch', 'dusk'], values(1, '11:00', '13:00', 'mill', 30, 0, 'FREQ=YEARLY;BYMONTH=1;BYMONTHDAY=1'),
    'The whole of the lane hedge, end to end, counting what is out. Nine kinds of flower is the record.', 'Ends where there is a stove.'),
  item('Leek chandelier morning', 'maud-ferris', 'season/autumn topic/saving', ['rows', 'frost'], values(-6, '10:00', '12:00', 'shed', 16, 0),
    'Hanging this year’s seed heads from the long shed beams, and taking last year’s down.', 'Bring a bag, a hat, and hair you do not mind.'),
  item('Apple naming day', 'ines-applegarth', 'season/autumn topic/orchard', ['fruit', 'clay'], values(-32, '10:00', '16:00', 'gate', 120, 0),
    'One long table, eleven mystery trees, two people who really know and forty who think they do.', 'Bring three of each, with a leaf.'),
  item('Squash weigh-in', 'lida-marrow', 'season/autumn topic/neighbours', ['basket', 'dusk'], values(-25, '14:00', '16:30', 'mill', 80, 1),
    'Heaviest, ugliest, and most like a member of the committee.', 'The scales are for grain and go to a hundred and fifty kilos. It has been needed once.'),
  item('Grafting, for those who never have', 'ines-applegarth', 'season/spring topic/grafting', ['tools', 'meadow'], values(96, '10:00', '15:00', 'gate', 12, 15),
    'A morning of cutting willow, an afternoon of cutting the real thing. You take a tree home.', 'Knives are lent and counted.'),
  item('Potato day', 'osric-pennywell', 'season/spring topic/seed', ['roots', 'soil'], values(74, '10:00', '14:00', 'shed', 150, 0),
    'Twenty-six kinds by the single tuber, so that you can be curious without being buried.', 'Egg boxes are welcome and will be filled.'),
  item('Sowing with very small hands', 'lida-marrow', 'season/spring topic/sowing', ['packets', 'shell'], values(88, '10:00', '11:30', 'shed', 15, 2),
    'For children under six with somebody tall. Beans in jars, cress on hats.', 'It will be wet. It is meant to be.'),
  item('Scythe course, first cut', 'osric-pennywell', 'season/summer topic/workshop', ['hills', 'straw'], values(201, '06:00', '11:00', 'quarry', 8, 25),
    'Dew, stones, rhythm. By ten o’clock you will have mown a room and understood your grandmother.', 'Peening in the afternoon for those who can still lift a hammer.'),
  item('Bee and blossom walk', 'ines-applegarth', 'season/spring topic/wildlife', ['bees', 'moss'], values(152, '14:00', '16:00', 'gate', 25, 0),
    'Through the orchard while it is white, at the pace of somebody counting.', 'Veils are there for those nearest the hives.'),
  item('Summer soup', 'lida-marrow', 'season/summer topic/neighbours', ['basket', 'moss'], values(216, '18:00', '21:00', 'shed', 90, 0, 'FREQ=WEEKLY;COUNT=6'),
    'Six Thursdays of whatever there is too much of. Bowls are there; spoons go missing.', 'Put in what you can. The jar does not count.'),
  item('Drying and threshing day', 'tobias-quill', 'season/autumn topic/saving', ['pods', 'straw'], values(-48, '11:00', '16:00', 'shed', 35, 0),
    'Flails, sieves, a fan and a great deal of chaff in the tea.', 'Peas before lunch, beans after, lettuce when the wind drops.'),
  item('Pond dipping', 'juno-thackaberry', 'season/summer topic/wildlife', ['jars', 'frost'], values(180, '10:00', '12:00', 'quarry', 20, 2, 'FREQ=MONTHLY;COUNT=3'),
    'Nets, white trays, and a lady who knows the names of everything with legs.', 'June, July and August. Everything goes back.'),
  item('Wall pear pruning', 'ines-applegarth', 'season/summer topic/pruning', ['fruit', 'shell'], values(236, '09:00', '12:00', 'gate', 10, 0),
    'Every shoot back to three leaves, all eleven metres, with one ladder each.', 'You may keep what you cut, for plant labels.'),
  item('Seed cleaning evening', 'tobias-quill', 'season/autumn topic/saving', ['jars', 'dusk'], values(-13, '18:30', '21:00', 'shed', 20, 0),
    'By lamplight, with the good sieves. The quietest evening of the year, until somebody sneezes.', 'Carrot first; it is the worst.'),
  item('Frost watch', 'maud-ferris', 'season/spring topic/orchard', ['frost', 'plum'], values(158, '03:30', '06:30', 'gate', 30, 0),
    'If the bell rings, come. Candles, blankets and something hot for the plums and for you.', 'We hope not to see you.'),
  item('Annual meeting', 'maud-ferris', 'topic/neighbours', ['shed', 'frost'], values(66, '19:00', '21:00', 'mill', 100, 0, 'FREQ=YEARLY'),
    'Accounts, elections and the pie. Arrive early for the pie.', 'Anybody may speak, for three minutes, by the egg timer.'),
  item('Label-painting afternoon', 'juno-thackaberry', 'season/winter topic/workshop', ['packets', 'frost'], values(46, '13:00', '16:00', 'mill', 24, 1),
    'Four hundred tin labels, two pots of paint, and people with steady hands.', 'Poor handwriting is also wanted, for the compost signs.'),
  item('Seed library birthday', 'tobias-quill', 'season/spring topic/neighbours', ['basket', 'clay'], values(131, '15:00', '22:00', 'shed', 200, 0, 'FREQ=YEARLY'),
    'Music, cake, and the reading of the oldest packet. Everybody takes one seed from the first jar.', 'Dancing depends on the floor.'),
]

export const swapDays: DemoCollection = {
  slug: 'swap-days',
  definition: { name: 'Swap days', singular: 'Swap day', plural: 'Swap days', icon: 'calendar', kind: 'event', address: '/swap-days/{slug}' },
  facets: ['season', 'topic'],
  fields: [
    field('Starts', 'date-time', {}, { required: true, sortable: true, filterable: true }),
    field('Ends', 'date-time', {}, { filterable: true }),
    field('Repeats', 'recurrence'),
    field('Where', 'place'),
    field('Room for', 'number', { unit: 'people', least: 1 }),
    field('Price', 'money', { currencies: ['GBP'] }, { sortable: true, filterable: true }),
  ],
  daysApart: 5,
  items: days,
}
