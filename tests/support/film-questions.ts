import { Query } from 'mingo'
import { takeOf } from '~~/core/listing/amount'
import type { Listing } from '~~/core/listing/definition'
import { newListing } from '~~/core/listing/definition'
import type { Film, FilmKeys } from './films'

/**
 * The same questions put to Bushel and to mingo, a query library that knows nothing of Bushel:
 * a listing, and what mingo must find and in which order.
 */
export interface FilmQuestion {
  readonly name: string
  readonly listing: Listing
  readonly find: object
  readonly sort: Record<string, 1 | -1>
}

/** The moment the questions are asked: the end of 2010, in UTC. */
export const filmNow = Date.UTC(2010, 11, 31, 12)
const visible = { released: { $lte: filmNow } }

export function filmQuestions({ key }: FilmKeys): readonly FilmQuestion[] {
  const base = newListing('Films', 1)
  const terms = (...genres: string[]) =>
    ({ rule: 'terms', facet: 1, is: 'any', terms: genres.map((genre) => key(`genre ${genre}`)) }) as const
  return [
    { name: 'newest', listing: base, find: visible, sort: { released: -1, id: -1 } },
    {
      name: 'two genres, most voted',
      listing: {
        ...base,
        from: { ...base.from, rules: [terms('Drama', 'Western')] },
        order: { keys: [{ by: 'views', direction: 'down' }], pinned: 'ignored' },
        amount: { ...base.amount, skip: 3, take: 40 },
      },
      find: { ...visible, genre: { $in: ['Drama', 'Western'] } },
      sort: { votes: -1, id: -1 },
    },
    {
      name: 'a genre by a director, oldest first',
      listing: {
        ...base,
        from: {
          ...base.from,
          rules: [
            terms('Drama', 'Thriller/Suspense'),
            {
              rule: 'author',
              is: 'any',
              authors: [key('director Steven Spielberg'), key('director Martin Scorsese')],
            },
          ],
        },
        order: { keys: [{ by: 'date', direction: 'up' }], pinned: 'ignored' },
      },
      find: {
        ...visible,
        genre: { $in: ['Drama', 'Thriller/Suspense'] },
        director: { $in: ['Steven Spielberg', 'Martin Scorsese'] },
      },
      sort: { released: 1, id: 1 },
    },
    {
      name: 'the last two years, fewest votes first',
      listing: {
        ...base,
        from: { ...base.from, rules: [{ rule: 'date', window: { is: 'last', count: 730, unit: 'day' } }] },
        order: {
          keys: [
            { by: 'views', direction: 'up' },
            { by: 'date', direction: 'down' },
          ],
          pinned: 'ignored',
        },
        amount: { ...base.amount, take: 100 },
      },
      // The 730th day, counted back from 31 December 2010 as the first, is 1 January 2009; the zone is UTC.
      find: { released: { $gte: Date.UTC(2009, 0, 1), $lte: filmNow } },
      sort: { votes: 1, released: -1, id: -1 },
    },
  ]
}

/** What mingo answers: the ids, and how many match. */
export function mingoAnswer(
  films: readonly Film[],
  question: FilmQuestion,
): { ids: number[]; matches: number } {
  const all = new Query(question.find)
    .find<Film>([...films])
    .sort(question.sort)
    .all()
  const { skip } = question.listing.amount
  const take = takeOf(question.listing.amount)
  return { ids: all.slice(skip, skip + take).map((film) => film.id), matches: all.length }
}
