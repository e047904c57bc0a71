/** Widths of the page that have names, in CSS pixels. */
export const namedWidths = [
  { name: 'wide', width: 1280 },
  { name: 'medium', width: 834 },
  { name: 'narrow', width: 390 },
] as const
