import { field, item } from '../content/item'
import type { DemoCollection, DemoValue, DrawnAs, Item } from '../content/item'

/** Something that happened: on which day, whether everything was different after it, and where more is told. */
function event(title: string, day: string, turned: boolean, topic: string, picture: DrawnAs | null, more: readonly [string, string] | null, summary: string, ...text: readonly string[]): Item {
  const values: Record<string, DemoValue> = { day, turning_point: turned, ...(more === null ? {} : { more: { address: more[0], title: more[1] } }) }
  return item(title, 'maud-ferris', `topic/${topic}`, picture, values, summary, ...text)
}

const years: readonly Item[] = [
  event('The cold store opens', '2025-09-13', false, 'storing', ['basket', 'soil'], ['/gardens-we-made/community-cold-store', 'How it was made'], 'Six hundred kilos of apples go three metres down, and the door of a ship shuts on them.', 'The ice pit had been full of bottles. Some of them were full too.'),
  event('Ten thousand packets', '2024-11-02', true, 'seed', ['packets', 'shell'], null, 'The counter on the drawer passes ten thousand loans. The packet was dill, and came back twice over.', 'Nobody cheered until the stamp was dry.'),
  event('The summer without rain', '2022-08-19', true, 'water', ['hills', 'straw'], null, 'Seventy-one days. We learn which beds have been lying about their soil.', 'Mulch, it turns out, was not a matter of taste.'),
  event('The roof goes, and comes back', '2021-02-06', false, 'workshop', ['shed', 'night'], null, 'A gale takes forty sheets off the long shed in one go and puts them in the orchard.', 'By Sunday there were ladders from five villages. The seed drawers never got wet.'),
  event('Letters instead of swap days', '2020-04-11', true, 'neighbours', ['packets', 'frost'], null, 'With the gate shut, four hundred and twelve envelopes go out by bicycle.', 'Most came back that autumn with seed in them, and many with a letter.'),
  event('The orchard is named, mostly', '2018-10-20', false, 'orchard', ['fruit', 'clay'], ['/swap-days/apple-naming-day', 'Apple naming day'], 'Fifty-one of sixty-two trees get their names back in a single day.', 'The other eleven are still on the table, every October.'),
  event('First children’s bed', '2017-04-08', false, 'neighbours', ['beds', 'straw'], null, 'A bed is given to people under twelve, with a written promise not to help.', 'The promise has been kept, more or less.'),
  event('Bees', '2016-05-21', false, 'wildlife', ['bees', 'moss'], null, 'Two hives arrive at night in the back of a bread van.', 'We had asked the neighbours. We had not asked the baker.'),
  event('The catalogue burns', '2014-12-03', true, 'seed', ['jars', 'clay'], null, 'A stove pipe, a beam, and nine years of index cards. The seed itself is saved in buckets.', 'Everything was written again from the packets, by nine people, over one winter.'),
  event('The kilns are let to us', '2013-06-15', true, 'workshop', ['shed', 'clay'], null, 'A ruin at a peppercorn rent, on condition that somebody mends the roof of the arch.', 'The workshop lit its first fire in the smallest kiln that autumn.'),
  event('Rain book begun', '2012-01-01', false, 'water', ['jars', 'frost'], ['/field-notes/rainwater-counted', 'Rainwater, counted'], 'A jam jar, a ruler and a promise to write it down each morning. It has been kept every day but two.', 'The two are marked with the word “flu”.'),
  event('Quarry End joins', '2011-09-10', false, 'soil', ['hills', 'night'], null, 'The climbing club offers nineteen steps and a ledge, in return for strawberries.', 'They are paid each June, in full.'),
  event('The flood', '2010-11-19', true, 'water', ['hills', 'frost'], null, 'The mill race comes over, and with it marigold seed that has been everywhere since.', 'We lost the lower hedge, two sheds and a wheelbarrow that was found at sea, or so it is told.'),
  event('First apple graft that took', '2009-06-02', false, 'grafting', ['branch', 'frost'], null, 'After thirty-one failures, one green bud on the stump by the gate.', 'The tree is now twice the height of the person who cut it.'),
  event('The long shed is bought', '2008-03-28', true, 'neighbours', ['shed', 'dusk'], null, 'A hundred and forty people put in what they had. The smallest share was a bag of potatoes.', 'The deed hangs beside the stove, with the potatoes entered.'),
  event('Soup, for the first time', '2007-07-05', false, 'neighbours', ['basket', 'moss'], null, 'Too many courgettes, one pot, and a bench from the chapel.', 'It was not good. Everybody came again.'),
  event('The drawer', '2006-10-14', true, 'seed', ['packets', 'straw'], null, 'A chemist’s chest with ninety-six drawers, rescued from a bonfire, gets its first packet: broad beans.', 'We still use the brass labels. One says “Senna”.'),
  event('A name', '2006-05-01', false, 'neighbours', ['branch', 'meadow'], null, 'Three evenings, forty suggestions and a vote. “Sorrel Hill” wins over “The Other Allotment” by one.', 'The loser’s sign is on the compost toilet.'),
  event('Six beds', '2005-04-16', true, 'soil', ['rows', 'meadow'], ['/gardens-we-made/the-first-six-beds', 'The first six beds'], 'Four people and a borrowed horse turn the first of the rye grass.', 'We planted potatoes, because everybody does.'),
  event('A tin on a wall', '2004-09-26', true, 'saving', ['pods', 'plum'], ['/seed-shelf/long-shed-runner-bean', 'Long shed runner bean'], 'Before there was anything, there was a tobacco tin of beans, with no name and no date.', 'Somebody planted six of them to see.'),
]

export const ourYears: DemoCollection = {
  slug: 'our-years',
  definition: { name: 'Our years', singular: 'Event in our years', plural: 'Our years', icon: 'clock', kind: 'plain', address: '/our-years/{slug}' },
  facets: ['topic'],
  fields: [
    field('Day', 'date', {}, { required: true, sortable: true, filterable: true }),
    field('Turning point', 'yes-no', {}, { filterable: true }),
    field('More', 'link'),
  ],
  daysApart: 21,
  items: years,
}
