import { number, object } from 'yup'

/** The Amount clause: how many entries are left out at the start, and how many are shown then. */
export interface Amount {
  /** 0 to 10,000. */
  readonly skip: number
  /** 1 to 200. */
  readonly take: number
}

export const defaultAmount: Amount = { skip: 0, take: 6 }

export const amountSchema = object({
  skip: number()
    .typeError('Say how many to skip.')
    .integer('Skip a whole number of entries.')
    .min(0, 'Skip 0 or more entries.')
    .max(10000, 'Skip at most 10,000 entries.'),
  take: number()
    .typeError('Say how many to show.')
    .integer('Show a whole number of entries.')
    .min(1, 'Show at least 1 entry.')
    .max(200, 'Show at most 200 entries.'),
}).noUnknown()

/** The clause in words: “skip 1, then 8”. */
export function amountPhrase(amount: Amount): string {
  return amount.skip === 0 ? `${amount.take} of them` : `skip ${amount.skip}, then ${amount.take}`
}
