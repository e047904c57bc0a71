import type { BandBackground, BandReach, PageRange } from '~~/core/pages/bands/definition'

/** What the settings of a band say. */
export const words = {
  columns: 'Columns',
  columnsTitle: (parts: readonly number[]) =>
    parts.length === 1
      ? 'One'
      : parts.every((one) => one === parts[0])
        ? `${parts.length} alike`
        : parts.join(' : '),
  columnsAbout: (parts: readonly number[]) =>
    parts.length === 1 ? 'One column' : `${parts.length} columns, ${parts.join(' to ')}`,
  parts: (column: number) => `Parts of column ${column}`,
  stacks: (from: number) => `One below the other where the band is narrower than ${from} px.`,
  reach: 'Width',
  reaches: {
    contained: 'As wide as its area',
    background: 'Background from edge to edge',
    whole: 'All of it from edge to edge',
  } satisfies Record<BandReach, string>,
  reachNote: 'In this area others stand beside it, so that it is as wide as the area.',
  above: 'Space above',
  below: 'Space below',
  background: 'Background',
  backgrounds: { none: 'None', colour: 'Colour', picture: 'Picture' } satisfies Record<
    BandBackground['is'],
    string
  >,
  colour: 'Colour',
  pickColour: 'Pick the colour',
  picture: 'Picture behind the band',
  veilColour: 'Colour of the veil',
  veil: 'Strength of the veil',
  shown: 'Shown on',
  ranges: { narrow: 'Narrow pages', medium: 'Medium pages', wide: 'Wide pages' } satisfies Record<
    PageRange,
    string
  >,
  rangeNote: (medium: number, wide: number) => `Narrow: below ${medium} px; wide: from ${wide} px on.`,
} as const
