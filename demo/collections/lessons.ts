import { field, item } from '../content/item'
import type { DemoCollection, DrawnAs, Item } from '../content/item'

/** Two films of the project's own, shared by the lessons. */
const films = { sowing: ['sowing.webm', 'sowing.vtt'], sieving: ['sieving.webm', 'sieving.vtt'] } as const

/** Its film, its length in minutes and seconds, what is used, and the words below it. */
function lesson(title: string, author: Item['author'], terms: string, picture: DrawnAs, film: keyof typeof films, length: string, uses: readonly string[], summary: string, ...text: readonly string[]): Item {
  const [minutes = 0, seconds = 0] = length.split(':').map(Number)
  const [video, captions] = films[film]
  const values = {
    film: { file: video },
    captions: { file: captions },
    length: minutes * 60 + seconds,
    ...(uses.length === 0 ? {} : { uses: { entries: uses.map((slug) => `seed-shelf/${slug}`) } }),
  }
  return item(title, author, terms, picture, values, summary, ...text)
}

const lessons: readonly Item[] = [
  lesson('Sowing a row that you will find again', 'lida-marrow', 'topic/sowing difficulty/easy', ['rows', 'meadow'], 'sowing', '4:10', ['label-sticks-hazel-fifty'],
    'A string, a stick and a habit: how deep, how far apart, and where to put the label so that the hoe does not get it.', 'Watch the left hand rather than the right. The seed is only ever as even as the pinch.'),
  lesson('Three sieves and a breath', 'tobias-quill', 'topic/saving difficulty/some-practice', ['jars', 'straw'], 'sieving', '6:35', ['seed-sieve-set-of-three'],
    'From a bowl of broken heads to clean seed, with the part everybody gets wrong shown twice.', 'Practise with lentils and chaff from the floor. You will lose some. So did we.'),
  lesson('The handful test for compost', 'maud-ferris', 'topic/compost difficulty/easy', ['hills', 'dusk'], 'sowing', '2:48', [],
    'Squeeze, open, poke. What each of the five outcomes means and what to do on Monday.', 'Wear a glove if you must. It teaches less.'),
  lesson('Reading a leaf', 'juno-thackaberry', 'topic/soil difficulty/some-practice', ['branch', 'moss'], 'sieving', '7:20', [],
    'Yellow between the veins, yellow along them, purple underneath: three hungers that look like one.', 'Old leaves tell of what has moved; young ones of what never came.'),
  lesson('Whip and tongue, slowly', 'ines-applegarth', 'topic/grafting difficulty/demanding', ['branch', 'frost'], 'sowing', '9:55', ['evergate-apple-two-years-old'],
    'The long cut in one pull, and then the short one that frightens people.', 'Cut willow until it bores you. Then cut willow for another week.'),
  lesson('Budding in August', 'ines-applegarth', 'topic/grafting difficulty/demanding', ['fruit', 'clay'], 'sieving', '8:05', ['nameless-number-nine-apple'],
    'One bud, one slit, one rubber tie. The neatest way to make a tree, and the easiest to do in a T-shirt.', 'If the bark does not lift, water the stock and come back on Thursday.'),
  lesson('Pruning by what you leave', 'ines-applegarth', 'topic/pruning difficulty/some-practice', ['fruit', 'meadow'], 'sowing', '6:12', ['hedge-plum-two-years-old'],
    'Stand back first. The saw comes out only after you can say which branches stay.', 'Three kinds of wood go: dead, crossing, and the one you have been avoiding.'),
  lesson('Tomatoes without tears', 'juno-thackaberry', 'topic/sowing difficulty/some-practice', ['fruit', 'straw'], 'sieving', '5:30', ['stovepipe-tomato', 'yellow-hedge-tomato'],
    'Sowing warm, moving on, planting deep; and which side shoot is not one.', 'A lamp is a help. A south window and turning the pots does nearly as well.'),
  lesson('Wet seed: pulp, jar, sieve, plate', 'tobias-quill', 'topic/saving difficulty/some-practice', ['jars', 'plum'], 'sieving', '5:48', ['seed-sieve-set-of-three'],
    'Tomatoes and cucumbers go through a smelly week. Here is how smelly, and when to stop.', 'The plate must be china. On paper you will be planting paper.'),
  lesson('Keeping a bean true', 'tobias-quill', 'topic/saving difficulty/easy', ['pods', 'clay'], 'sowing', '3:36', ['hillfoot-broad-bean'],
    'How far apart, how many plants, and which pods are for the pot and which are for the drawer.', 'Mark the best plants early with wool. By August you will remember it differently.'),
  lesson('Drying without a stove', 'maud-ferris', 'topic/storing difficulty/easy', ['packets', 'straw'], 'sieving', '3:02', ['envelopes-and-a-stamp'],
    'Paper, air and patience. And rice, if the week is wet.', 'Bite a bean: if your tooth leaves a mark, wait.'),
  lesson('The five-minute edge', 'osric-pennywell', 'topic/workshop difficulty/easy', ['tools', 'soil'], 'sowing', '5:00', ['hand-fork-mended'],
    'A file, a vice, a spade. In that order, and always away from you.', 'Sharp tools are kinder to roots and to elbows.'),
  lesson('A new handle from the hedge', 'osric-pennywell', 'topic/workshop difficulty/demanding', ['tools', 'straw'], 'sieving', '11:25', [],
    'Choosing the pole, riving, shaving, and the last tap that tells you it will hold.', 'Green wood bends and dry wood holds. You need a stick that is halfway.'),
  lesson('Scything: how to stand', 'osric-pennywell', 'topic/workshop difficulty/some-practice', ['hills', 'straw'], 'sowing', '6:40', [],
    'Nothing is cut in the first four minutes. It is the most useful film we have.', 'The blade never leaves the ground. If it does, stop and breathe out.'),
  lesson('A pond in an afternoon', 'juno-thackaberry', 'topic/wildlife difficulty/easy', ['jars', 'frost'], 'sieving', '4:44', [],
    'One old sink, one ramp, no fish. Who arrives, in which order, in the first year.', 'Fill it from the butt, never from the tap.'),
  lesson('Who is eating that', 'juno-thackaberry', 'topic/wildlife difficulty/some-practice', ['beds', 'night'], 'sowing', '7:58', [],
    'Notches, windows, holes, slime. Ten kinds of damage and the face behind each.', 'Go out with a lamp at ten in the evening before you blame the slugs.'),
  lesson('Watering less', 'maud-ferris', 'topic/water difficulty/easy', ['jars', 'meadow'], 'sieving', '3:54', [],
    'A finger, a mulch and a can without a rose. Twice a week becomes once a fortnight.', 'Plants that are always watered never look for any.'),
  lesson('Earthing up, and when to stop', 'lida-marrow', 'topic/soil difficulty/easy', ['roots', 'soil'], 'sowing', '2:30', ['blue-kiln-potato-half-a-kilo'],
    'Potatoes, leeks and celery want it. Onions do not. Carrots will not say.', 'Dry soil, dry day, flat back.'),
  lesson('Seed, from the child’s end', 'lida-marrow', 'topic/seed difficulty/easy', ['packets', 'shell'], 'sieving', '4:02', ['breakfast-radish-mixed-reds'],
    'A lesson given by nine people aged five to eight. We only held the camera.', 'They recommend singing to it. The trial is not finished.'),
  lesson('Making a proper label', 'tobias-quill', 'topic/seed difficulty/easy', ['packets', 'frost'], 'sowing', '1:58', ['label-sticks-hazel-fifty', 'envelopes-and-a-stamp'],
    'Name, year, whose. It takes eleven seconds and saves eleven years.', 'Pencil. Always pencil.'),
  lesson('Nets that let bees in', 'maud-ferris', 'topic/wildlife difficulty/some-practice', ['bees', 'meadow'], 'sieving', '5:16', ['ragged-sorrel-kale'],
    'Pigeons out, pollinators through: mesh, hoops, and the trick with the two clothes pegs.', 'Seven millimetres for beds, thirteen for bushes.'),
]

export const lessonsCollection: DemoCollection = {
  slug: 'lessons',
  definition: { name: 'Lessons', singular: 'Lesson', plural: 'Lessons', icon: 'film', kind: 'video', address: '/lessons/{slug}' },
  facets: ['topic', 'difficulty'],
  fields: [
    field('Film', 'file', { kinds: ['video'] }, { required: true }),
    field('Captions', 'file', { kinds: ['captions'] }),
    field('Length', 'duration', {}, { required: true, sortable: true, filterable: true }),
    field('Uses', 'reference', { collection: 0, many: true }, { filterable: true, help: 'What of the shelf is needed for it.' }),
  ],
  daysApart: 17,
  items: lessons,
}
