import { readFileSync } from 'node:fs'
import type { IndexedEntry } from '~~/core/content/entry'
import { searchWords } from '~~/core/text/search-words'

/**
 * The films of vega-datasets (movies.json, an open data set), as entries: genre and director as
 * terms and author, votes as views. Rows without a title, a date or votes are left out.
 */
export interface Film {
  readonly id: number
  readonly title: string
  readonly released: number
  readonly votes: number
  readonly genre: string
  readonly director: string
}

export function loadFilms(): readonly Film[] {
  const file = new URL('../../node_modules/vega-datasets/data/movies.json', import.meta.url)
  const rows = JSON.parse(readFileSync(file, 'utf8')) as Record<string, unknown>[]
  return rows.flatMap((row, at): Film[] => {
    const released = Date.parse(`${String(row['Release Date'])} UTC`)
    const { Title: title, 'IMDB Votes': votes } = row
    if (typeof title !== 'string' || typeof votes !== 'number' || Number.isNaN(released)) return []
    return [
      {
        id: 5000 + at,
        title,
        released,
        votes,
        genre: String(row['Major Genre']),
        director: String(row.Director),
      },
    ]
  })
}

export interface FilmKeys {
  readonly key: (name: string) => number
}

/** One number for each genre and each director. */
export function keysOf(films: readonly Film[]): FilmKeys {
  const names = [...new Set(films.flatMap((film) => [`genre ${film.genre}`, `director ${film.director}`]))]
  const ids = new Map(names.map((name, at) => [name, 100 + at]))
  return {
    key(name) {
      const id = ids.get(name)
      if (id === undefined) throw new Error(`No film has the ${name}.`)
      return id
    },
  }
}

export function filmEntries(films: readonly Film[], { key }: FilmKeys): readonly IndexedEntry[] {
  return films.map((film) => ({
    id: film.id,
    collectionId: 1,
    title: film.title,
    publishedAt: film.released,
    expiresAt: null,
    views: film.votes,
    comments: 0,
    rating: null,
    pinned: film.votes > 300_000,
    keys: [key(`genre ${film.genre}`), key(`director ${film.director}`)],
    values: {},
    words: searchWords(film.title, 'en'),
    reads: [],
  }))
}
