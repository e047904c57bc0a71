/** The clauses of a listing's sentence, in the order in which it says them. */
export const clauses = ['from', 'order', 'amount', 'shape', 'card', 'look', 'visitors'] as const
export type Clause = (typeof clauses)[number]
