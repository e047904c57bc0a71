import { field, item, pounds } from '../content/item'
import type { DemoCollection, Item } from '../content/item'

/** Square metres, rent a year, free or taken, sun, water at the plot, and where it is. The places are invented. */
function values(area: number, rent: number, free: boolean, sun: string, water: boolean, latitude: number, longitude: number, address: string): Item['values'] {
  return { area, rent_a_year: pounds(rent), free, sun: [sun], water_at_the_plot: water, place: { latitude, longitude, address } }
}

const plots: readonly Item[] = [
  item('Gate bed', 'maud-ferris', 'district/lower-field difficulty/easy', ['beds', 'meadow'], values(24, 18, true, 'full', true, 52.1041, -2.3102, 'Lower Field, first on the left'),
    'Two raised beds just inside the gate, within reach of a wheelchair and of everybody’s advice.', 'Paths are firm and wide. The tap is four steps away.'),
  item('Tap corner', 'maud-ferris', 'district/lower-field difficulty/easy', ['beds', 'frost'], values(40, 26, false, 'full', true, 52.1043, -2.3099, 'Lower Field, by the tap'),
    'Nobody who has had it has ever given it up, and the present holder is young.', 'Deep black soil, thanks to forty years of wet feet.'),
  item('The long strip', 'lida-marrow', 'district/lower-field difficulty/some-practice', ['rows', 'soil'], values(90, 44, true, 'full', false, 52.1046, -2.3094, 'Lower Field, along the hedge'),
    'Three metres wide and thirty long: made for rows, and for people who like walking.', 'The hedge keeps the wind off and takes a toll of one metre in water.'),
  item('Children’s beds', 'lida-marrow', 'district/lower-field difficulty/easy', ['beds', 'straw'], values(30, 0, false, 'full', true, 52.1039, -2.3097, 'Lower Field, beside the long shed'),
    'Six beds knee high. Let as a whole, to people under twelve, who decide everything.', 'At present: radishes, a hole, more radishes.'),
  item('Frost pocket', 'juno-thackaberry', 'district/lower-field difficulty/demanding', ['frost', 'night'], values(50, 20, true, 'half', false, 52.1049, -2.3105, 'Lower Field, at the bottom'),
    'The lowest bed on the hill, and the last to thaw. Cheap for a reason.', 'Good for kale, leeks and rhubarb. Do not try beans before June.'),
  item('South bank', 'ines-applegarth', 'district/upper-sorrel difficulty/some-practice', ['hills', 'straw'], values(60, 48, false, 'full', false, 52.1072, -2.3121, 'Upper Sorrel, under the wall'),
    'Terraced by hand in a dry year. Early everything, if you carry the water.', 'Warm stone behind, a drop in front. Not for toddlers.'),
  item('Wall bed', 'ines-applegarth', 'district/upper-sorrel difficulty/demanding', ['fruit', 'shell'], values(20, 32, false, 'full', false, 52.1074, -2.3119, 'Upper Sorrel, against the wall'),
    'A narrow border with eleven metres of old brick. Comes with the pear and the duty to prune it.', 'Ask before you hang anything from the wires.'),
  item('Top terrace', 'osric-pennywell', 'district/upper-sorrel difficulty/demanding', ['hills', 'meadow'], values(70, 30, true, 'full', false, 52.1079, -2.3128, 'Upper Sorrel, above the orchard'),
    'The best view on the hill and every bit of the wind that goes with it.', 'Low things thrive. There is a barrel, filled by whoever passes.'),
  item('Orchard edge', 'ines-applegarth', 'district/upper-sorrel difficulty/some-practice', ['blossom', 'plum'], values(45, 24, true, 'half', false, 52.1076, -2.3113, 'Upper Sorrel, east of the apples'),
    'Half shade until noon, and windfalls the rest of the year.', 'Currants, rhubarb and salad do well here; the bees are your neighbours.'),
  item('Beehive plot', 'ines-applegarth', 'district/upper-sorrel difficulty/some-practice', ['bees', 'moss'], values(35, 12, true, 'full', false, 52.1077, -2.3109, 'Upper Sorrel, by the hives'),
    'Reduced rent for anybody who does not mind the traffic.', 'A clear flight path is part of the agreement. Plant tall on the north side only.'),
  item('Mill race bed', 'tobias-quill', 'district/mill-lane difficulty/some-practice', ['branch', 'frost'], values(55, 40, true, 'half', true, 52.1012, -2.3063, 'Mill Lane, along the race'),
    'Water on one side all year, and in a wet March on both.', 'Silt so fine that it makes its own seed bed. Raise what hates wet feet.'),
  item('Miller’s yard', 'tobias-quill', 'district/mill-lane difficulty/easy', ['shed', 'dusk'], values(28, 36, false, 'half', true, 52.1009, -2.3067, 'Mill Lane, in the yard'),
    'Twelve big tubs on cobbles, a bench, and a wall that holds the warmth.', 'For those whose backs have resigned.'),
  item('Lane-side bed', 'lida-marrow', 'district/mill-lane difficulty/easy', ['rows', 'clay'], values(32, 28, true, 'full', true, 52.1015, -2.3071, 'Mill Lane, beside the road'),
    'People stop and talk. Some of them ask for a courgette, and you will be glad.', 'Good loam over gravel. Needs water in a dry week.'),
  item('Willow end', 'juno-thackaberry', 'district/mill-lane difficulty/some-practice', ['branch', 'moss'], values(48, 22, true, 'shade', true, 52.1018, -2.3058, 'Mill Lane, past the willows'),
    'Cool and damp, with light that moves. Ferns love it; so would spinach.', 'Roots everywhere for the first spade. Worth a season of patience.'),
  item('Kiln floor', 'osric-pennywell', 'district/old-kilns difficulty/demanding', ['shed', 'clay'], values(38, 16, true, 'full', false, 52.0991, -2.3154, 'Old Kilns, inside the ring'),
    'A circle of brick with a foot of made soil on a floor like iron. It drains in an hour.', 'Herbs, squashes on mounds, and anything that likes its back against a warm wall.'),
  item('Clay pit bed', 'osric-pennywell', 'district/old-kilns difficulty/demanding', ['rows', 'plum'], values(66, 18, true, 'full', true, 52.0994, -2.3159, 'Old Kilns, by the pit'),
    'Blue clay. Brick in August, pudding in November, wonderful for a week in between.', 'Four loads of compost a year are promised with it. Cabbages forgive it most.'),
  item('Chimney bed', 'juno-thackaberry', 'district/old-kilns difficulty/some-practice', ['jars', 'soil'], values(26, 24, false, 'half', false, 52.0989, -2.3151, 'Old Kilns, under the chimney'),
    'Sheltered on three sides, with a robin that comes with the lease.', 'The soot of a hundred years did it no harm at all.'),
  item('Drying yard', 'lida-marrow', 'district/old-kilns difficulty/easy', ['beds', 'dusk'], values(42, 30, true, 'full', true, 52.0996, -2.3148, 'Old Kilns, where the bricks dried'),
    'Flat, open and stone free: somebody picked every last one out in the year of the strike.', 'Beds run north to south. The first tap past the arch is yours.'),
  item('Quarry shelf', 'juno-thackaberry', 'district/quarry-end difficulty/demanding', ['hills', 'night'], values(34, 14, true, 'half', false, 52.1101, -2.3188, 'Quarry End, first shelf'),
    'A ledge in the rock with good bracken soil, reached by nineteen steps.', 'Bring a rucksack rather than a barrow. Strawberries fruit a fortnight early.'),
  item('Lower quarry garden', 'maud-ferris', 'district/quarry-end difficulty/some-practice', ['roots', 'frost'], values(80, 34, true, 'half', true, 52.1098, -2.3182, 'Quarry End, the floor'),
    'Big, quiet and sunny from eleven. The pond holds water when nothing else does.', 'Newts have the right of way.'),
  item('Heather corner', 'ines-applegarth', 'district/quarry-end difficulty/some-practice', ['bees', 'plum'], values(44, 16, false, 'full', false, 52.1106, -2.3193, 'Quarry End, the upper edge'),
    'Sour peaty ground for blueberries and people who like to be alone.', 'No lime, no ash, no neighbours.'),
  item('Winch house bed', 'osric-pennywell', 'district/quarry-end difficulty/easy', ['shed', 'frost'], values(22, 20, true, 'full', true, 52.1095, -2.3179, 'Quarry End, by the winch house'),
    'A small square bed with a roof to stand under. Right for a first year.', 'The gutter fills a tank that has never once run dry.'),
]

export const plotsCollection: DemoCollection = {
  slug: 'plots',
  definition: { name: 'Plots', singular: 'Plot', plural: 'Plots', icon: 'bed', kind: 'place', address: '/plots/{slug}' },
  facets: ['district', 'difficulty'],
  fields: [
    field('Area', 'number', { unit: 'm²', least: 1, most: 1000 }, { required: true, sortable: true, filterable: true }),
    field('Rent a year', 'money', { currencies: ['GBP'] }, { required: true, sortable: true, filterable: true }),
    field('Free', 'yes-no', { yes: 'Free', no: 'Taken' }, { filterable: true }),
    field('Sun', 'choice', { options: [{ key: 'full', title: 'Full sun' }, { key: 'half', title: 'Half the day' }, { key: 'shade', title: 'Mostly shade' }], many: false }, { filterable: true }),
    field('Water at the plot', 'yes-no', {}, { filterable: true }),
    field('Place', 'place'),
  ],
  daysApart: 9,
  items: plots,
}
