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
