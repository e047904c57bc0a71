import { slugOf } from '~~/core/content/slug'
import { wordsOf } from '~~/core/content/catalogue'
import { plainContext } from '~~/core/rules/context'
import type { QuestionContext } from '~~/core/rules/context'
import type { FilmKeys } from './films'
import { loadFilms } from './films'
import { happensNever } from '~~/core/content/happening'
import { defaultValues } from '~~/core/looks/site-values'

/** The context of questions on the films: their genres as terms, their directors as authors. */
export function filmContext({ key }: FilmKeys, now: number): QuestionContext {
  const films = loadFilms()
  const genres = [...new Set(films.map((film) => film.genre))]
  const directors = [...new Set(films.map((film) => film.director))]
  const words = wordsOf({
    siteName: '',
    placeholder: 'sprig',
    locale: 'en',
    zone: 'UTC',
    collections: [
      {
        id: 1,
        slug: 'films',
        name: 'Films',
        singular: 'Film',
        plural: 'Films',
        icon: 'film',
        kind: 'plain',
        address: '/films/{slug}',
        facets: [1],
        fields: [],
        happening: happensNever,
      },
    ],
    facets: [{ id: 1, slug: 'genre', name: 'Genre', plural: 'Genres' }],
    terms: genres.map((name) => ({ id: key(`genre ${name}`), facetId: 1, parentId: null, name, slug: name })),
    looks: [],
    values: defaultValues,
    fonts: [],
    authors: directors.map((name) => ({ id: key(`director ${name}`), name, slug: slugOf(name) })),
  })
  return plainContext(now, words)
}
