import { number, object, string } from 'yup'
import { textSchema } from '../schemas'

/** How visitors come to what a page of a longer listing does not hold. */
export const pagingKinds = ['turn', 'numbers', 'more', 'endless'] as const
export type PagingKind = (typeof pagingKinds)[number]

/** How a longer listing is gone through. Own words are empty where the site's do. */
export interface Paging {
  readonly kind: PagingKind
  /** What leads back and on, where pages are turned or numbered. */
  readonly previous: string
  readonly next: string
  /** What brings more, where pages are added to those that stand. */
  readonly more: string
  /** So many pages stand, 1 to 20, before a press is needed, where they are added as they are reached. */
  readonly pages: number
}

export const defaultPaging: Paging = { kind: 'turn', previous: '', next: '', more: '', pages: 4 }

const ownWords = () => textSchema().defined().max(40, 'Keep these words within 40 characters.')
const pagesRange = 'Add 1 to 20 pages by themselves.'

export const pagingSchema = object({
  kind: string<PagingKind>()
    .oneOf(
      [...pagingKinds],
      'Pages are turned, numbered, added by a press, or added as their end is reached.',
    )
    .required(),
  previous: ownWords(),
  next: ownWords(),
  more: ownWords(),
  pages: number().typeError(pagesRange).integer(pagesRange).min(1, pagesRange).max(20, pagesRange).required(),
})
  .noUnknown()
  .required()

/** Whether pages are added to those that stand, instead of taking their place. */
export function addsPages({ kind }: Paging): boolean {
  return kind === 'more' || kind === 'endless'
}

/** A run of numbers, or what is left out between two: at least two of them. */
export type NumberOrGap = number | 'gap'

/**
 * The numbers that lead through pages: the first, the last, the current one and its neighbours. One that
 * alone would be left out stands.
 */
export function numbersOf(current: number, last: number): readonly NumberOrGap[] {
  const wanted = [1, current - 1, current, current + 1, last].filter((one) => one >= 1 && one <= last)
  const numbers = [...new Set(wanted)].toSorted((one, other) => one - other)
  return numbers.flatMap((one, at): readonly NumberOrGap[] => {
    const missing = one - (numbers[at - 1] ?? one - 1) - 1
    if (missing === 0) return [one]
    return missing === 1 ? [one - 1, one] : ['gap', one]
  })
}

/** How the pages of a longer listing come, after how many it shows: “in pages of 12”. */
export function pagingPhrase({ kind }: Paging, perPage: number): string {
  const phrases: Readonly<Record<PagingKind, string>> = {
    turn: `in pages of ${perPage}`,
    numbers: `in numbered pages of ${perPage}`,
    more: `${perPage} more at each press`,
    endless: `${perPage} more as their end is reached`,
  }
  return phrases[kind]
}
