/** The sides of a box, as text goes: where lines begin and end is not the same in every language. */
export const sides = [
  { name: 'top', title: 'top', css: 'block-start' },
  { name: 'end', title: 'end', css: 'inline-end' },
  { name: 'bottom', title: 'bottom', css: 'block-end' },
  { name: 'start', title: 'start', css: 'inline-start' },
] as const
export type Side = (typeof sides)[number]['name']

/** The corners of a box, from the one where text begins and on clockwise. */
export const corners = [
  { name: 'top-start', title: 'top start', css: 'start-start' },
  { name: 'top-end', title: 'top end', css: 'start-end' },
  { name: 'bottom-end', title: 'bottom end', css: 'end-end' },
  { name: 'bottom-start', title: 'bottom start', css: 'end-start' },
] as const
export type Corner = (typeof corners)[number]['name']
