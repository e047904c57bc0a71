import type { Clause } from '~~/core/listing/clauses'

/** Each clause's own colour: AA on white and as a ground for white text. */
export const clauseColours: Record<Clause, string> = {
  from: '#28624a',
  order: '#2f558c',
  amount: '#7b3d6b',
  shape: '#136f78',
  card: '#a8431f',
  look: '#7d5a07',
  visitors: '#574a9e',
}

/** The colours of the bench; tokens.css says what each is for. */
export const colours = {
  ink: '#1d2b24',
  text: '#48544c',
  soft: '#5b675f',
  faint: '#8d8774',
  sheet: '#ffffff',
  paper: '#fbfaf5',
  hover: '#f5f1e6',
  kraft: '#efe8d8',
  'kraft-deep': '#e6e0cf',
  line: '#d9d1be',
  edge: '#c9c0ab',
  'edge-strong': '#a79f8a',
  leaf: clauseColours.from,
  'leaf-ground': '#e2eee5',
  rust: clauseColours.card,
  'rust-ink': '#8a3f14',
  'rust-line': '#dfb79f',
  'rust-ground': '#fdf3eb',
  straw: '#fbf3dc',
  error: '#a3271c',
} as const
