import type { Clause } from '~~/core/listing/definition'

/** Each clause's own colour: AA on white and as a ground for white text. */
export const clauseColours: Record<Clause, string> = {
  from: '#28624a',
  order: '#2f558c',
  amount: '#7b3d6b',
  shape: '#136f78',
  card: '#a8431f',
}

export const colours = {
  ink: '#1d2b24',
  soft: '#5b675f',
  paper: '#fbfaf5',
  kraft: '#efe8d8',
  line: '#d9d1be',
} as const
