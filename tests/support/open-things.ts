import { readFileSync } from 'node:fs'

/**
 * The films and cars of vega-datasets (movies.json and cars.json, open data sets), each told by what visitors
 * may choose by: a kind as a term, a maker as its author, a class as a choice, and two numbers.
 */
export interface Thing {
  readonly title: string
  /** Epoch milliseconds. */
  readonly at: number
  readonly kind: string | null
  readonly maker: string | null
  readonly class: string | null
  readonly first: number | null
  readonly second: number | null
}

type Row = Readonly<Record<string, unknown>>

const text = (value: unknown) => (typeof value === 'string' && value !== '' ? value : null)
const number = (value: unknown) => (typeof value === 'number' ? value : null)

function rowsOf(name: string): readonly Row[] {
  const file = new URL(`../../node_modules/vega-datasets/data/${name}.json`, import.meta.url)
  return JSON.parse(readFileSync(file, 'utf8')) as readonly Row[]
}

/** Every fifth film with a title and a date: genre, director, rating for the young, length, and marks by readers. */
export function openFilms(): readonly Thing[] {
  return rowsOf('movies')
    .filter((_, at) => at % 5 === 0)
    .flatMap((row) => {
      const at = Date.parse(`${String(row['Release Date'])} UTC`)
      // The data set's years end in 2010: what is told to be later is a mistake of it.
      if (typeof row.Title !== 'string' || Number.isNaN(at) || at > Date.UTC(2011, 0)) return []
      return [
        {
          title: row.Title,
          at,
          kind: text(row['Major Genre']),
          maker: text(row.Director),
          class: text(row['MPAA Rating']),
          first: number(row['Running Time min']),
          second: number(row['IMDB Rating']),
        },
      ]
    })
}

/** Every car: where it is from, who made it, its cylinders, its power, and how far it goes. */
export function openCars(): readonly Thing[] {
  return rowsOf('cars').map((row) => ({
    title: String(row.Name),
    at: Date.parse(`${String(row.Year)}T00:00:00Z`),
    kind: text(row.Origin),
    maker: String(row.Name).split(' ')[0] ?? null,
    class: String(number(row.Cylinders) ?? ''),
    first: number(row.Horsepower),
    second: number(row.Miles_per_Gallon),
  }))
}
