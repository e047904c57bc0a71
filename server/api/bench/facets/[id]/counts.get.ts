import { object, string } from 'yup'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter, queryParameters } from '../../../../http/parameters'
import { termCounts } from '../../../../listings/term-counts'

const query = object({ collections: string().matches(/^\d{1,9}(?:,\d{1,9}){0,11}$/, 'Name the collections by their numbers, joined by commas.').required('Name the collections.') })

/** How many entries of the collections have each term of the facet. */
export default benchEndpoint('writer', ({ event, db }) => {
  const { collections } = queryParameters(event, query)
  return termCounts(db, numberParameter(event, 'id', 'The facet'), collections.split(',').map(Number), Date.now())
})
