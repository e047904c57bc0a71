import { object, string } from 'yup'
import { questionEndpoint } from '../../../http/endpoint'
import { queryParameters } from '../../../http/parameters'

const query = object({
  ids: string()
    .matches(/^\d{1,9}(?:,\d{1,9}){0,199}$/, 'Name the entries by their numbers.')
    .required(),
})

/** The titles of these entries, for naming those that are referred to. */
export default questionEndpoint('writer', ({ event, db }) =>
  db
    .selectFrom('entries')
    .select(['id', 'title'])
    .where('id', 'in', queryParameters(event, query).ids.split(',').map(Number))
    .where('deleted_at', 'is', null)
    .execute(),
)
