import { field, item } from '../content/item'
import type { DemoCollection, DrawnAs, Item } from '../content/item'

/** A quote: who says it, what they grow or do, what they said in full, how many marks, and what it is about. */
function words(name: string, role: string, district: string, rating: number, about: string | null, picture: DrawnAs | null, said: string): Item {
  const first = said.split(/(?<=[.?])\s/)[0] ?? said
  const values = { role, words: said, rating, ...(about === null ? {} : { about: { entries: [`seed-shelf/${about}`] } }) }
  return item(name, null, `district/${district}`, picture, values, first)
}

const quotes: readonly Item[] = [
  words('Elsie Brackenbury', 'Grows for a stall at the mill', 'mill-lane', 5, 'long-shed-runner-bean', ['pods', 'clay'], 'I planted twelve and fed the street. My neighbour has stopped answering the door.'),
  words('Corin Vetchley', 'First year on a plot', 'lower-field', 4.5, 'breakfast-radish-mixed-reds', ['roots', 'shell'], 'Everything died except the radishes. I have never been so proud of anything.'),
  words('Ottoline Marsh', 'Teaches the youngest class', 'old-kilns', 5, null, ['beds', 'straw'], 'They ask when the beans will come up, and I get to say that I do not know either.'),
  words('Fenn Hallowby', 'Retired, allegedly', 'upper-sorrel', 4, 'wall-pear-one-year-old', ['fruit', 'shell'], 'Eleven metres of pear, and I am allowed to prune one. It is a beginning.'),
  words('Priya Larkmoor', 'Cooks at the surgery', 'mill-lane', 5, 'stovepipe-tomato', ['fruit', 'clay'], 'One tray made sauce for forty. Nobody asked for salt.'),
  words('Jory Penhale-Stubbs', 'Keeps bees and quiet', 'quarry-end', 4.5, 'marigold-for-the-ends-of-rows', ['bees', 'moss'], 'The bees do not read labels. They came for the marigolds and stayed for the beans.'),
  words('Mabel Oakshott', 'Has had the tap corner since it was a puddle', 'lower-field', 5, 'hill-garlic-ten-cloves', ['roots', 'plum'], 'My grandmother’s hands smelled like this. I had forgotten until I peeled the first one.'),
  words('Dov Ashgrove', 'Mends what he broke', 'old-kilns', 5, 'hand-fork-mended', ['tools', 'soil'], 'I brought it back in two pieces. They looked at it, looked at me, and put the kettle on.'),
  words('Isolde Tarn', 'Draws plants for a living', 'upper-sorrel', 4, 'giant-carlin-pea', ['pods', 'night'], 'Two colours in one flower and not a straight line anywhere. It took me four days.'),
  words('Barnaby Rook', 'Drives the number six', 'mill-lane', 4.5, null, ['fruit', 'straw'], 'They pick apples at my stop now. I leave two minutes late in September and nobody minds.'),
  words('Hester Quayle', 'Night nurse', 'upper-sorrel', 5, null, ['frost', 'night'], 'At four in the morning there is a bird in that rowan. I take my break by it.'),
  words('Silas Underhay', 'Grew up on the floor of the kilns', 'old-kilns', 3.5, 'kiln-savoy', ['shed', 'clay'], 'My father said nothing grew there but bricks. I sent him a cabbage.'),
  words('Nerys Applewhite', 'Swapped a bicycle for a plot', 'lower-field', 4, 'crown-of-sorrel-squash', ['beds', 'clay'], 'It would not fit in the basket, so I walked home beside it.'),
  words('Rafe Mallory-Dunn', 'Plays the accordion', 'quarry-end', 4.5, 'blue-kiln-potato-half-a-kilo', ['roots', 'soil'], 'My daughter eats blue potatoes. She does not eat potatoes.'),
  words('Tamsin Yarrow', 'Reads the meter and the sky', 'quarry-end', 4, 'winter-black-radish', ['roots', 'night'], 'It is ugly and it is hot and it was still crisp in March. We understand each other.'),
  words('Edmund Furlong', 'Was going to move away', 'lower-field', 5, null, ['hills', 'meadow'], 'You cannot leave a place where you have planted garlic. Not until July, anyway.'),
  words('Beatrix Sallow', 'Saves seed for the drawer', 'upper-sorrel', 5, 'mill-lane-leek', ['rows', 'frost'], 'They hang from my ceiling like lamps. Visitors duck and then ask for one.'),
  words('Kit Harrowgate', 'Thirteen years old', 'old-kilns', 5, 'yellow-hedge-tomato', ['fruit', 'straw'], 'I counted up to four hundred and then I was full.'),
  words('Aveline Shore', 'Keeps the library steps', 'mill-lane', 4.5, 'self-sown-dill', ['blossom', 'straw'], 'I sowed it once, three years ago. I have been apologising for it ever since.'),
  words('Gideon Pell', 'Carries compost', 'lower-field', 4, null, ['tools', 'meadow'], 'Forty barrows on a Saturday. On Sunday I can feel every one, and I know where each of them went.'),
  words('Lowenna Thistlewood', 'Took the frost pocket', 'lower-field', 3.5, 'ragged-sorrel-kale', ['branch', 'moss'], 'Everybody laughed. I had kale in February and they came with bags.'),
  words('Ambrose Whin', 'Blind since he was nine', 'mill-lane', 5, null, ['beds', 'shell'], 'Eleven steps, eleven smells. I have never once been lost on them.'),
  words('Petra Colliford', 'Lets her neighbours use her oven', 'old-kilns', 4.5, 'lantern-carrot', ['roots', 'straw'], 'Short, fat and full of stones’ fingerprints. The children prefer them to the straight kind.'),
  words('Jem Larkspur', 'Arrived with one suitcase', 'upper-sorrel', 5, 'frostmarch-pea', ['pods', 'meadow'], 'I had no words for anything here. They gave me peas. We began with that.'),
]

export const growersWords: DemoCollection = {
  slug: 'growers-words',
  definition: { name: 'Growers’ words', singular: 'Grower’s word', plural: 'Growers’ words', icon: 'quote', kind: 'quote', address: '/growers-words/{slug}' },
  facets: ['district'],
  fields: [
    field('Role', 'short-text', {}, { help: 'What they grow or do, as they would say it.' }),
    field('Words', 'long-text', { most: 600 }, { required: true }),
    field('Rating', 'rating', {}, { sortable: true, filterable: true }),
    field('About', 'reference', { collection: 0, many: false }, { filterable: true, help: 'What on the shelf they speak of.' }),
  ],
  daysApart: 13,
  items: quotes,
}
