import { object, string } from 'yup'
import { findThings } from '../../find/find'
import { questionEndpoint } from '../../http/endpoint'
import { queryParameters } from '../../http/parameters'

const schema = object({
  words: string().max(200, 'Use at most 200 characters.').required('Say what to find.'),
})

/** Whatever has the words: pages, listings, collections, entries, terms and authors. */
export default questionEndpoint('writer', ({ event, db }) =>
  findThings(db, queryParameters(event, schema).words),
)
