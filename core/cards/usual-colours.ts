/** In what the site writes over pictures, and the veil that it has below that: upwards, from the foot. */
export const usualOverPictures = {
  colour: '#ffffff',
  veil: {
    angle: 0,
    colours: [
      { colour: '#101813e0', at: 0 },
      { colour: '#101813b8', at: 60 },
      { colour: '#00000000', at: 100 },
    ],
  },
} as const

/**
 * The colours of the palette in which the site writes what cards carry, by how that is found in its part; null
 * where it is written as its card is. What is not named here has a ground of its own, or nothing to read.
 */
export const usualColours: Readonly<Record<string, string | null>> = {
  '.title': null,
  '.price': null,
  '.topic': 'accent',
  '.summary': 'soft',
  '.fact': 'soft',
  '.facts': 'soft',
}
