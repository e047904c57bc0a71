import { object, string } from 'yup'
import { questionEndpoint } from '../../../http/endpoint'
import { queryParameters } from '../../../http/parameters'
import { mediaByIds } from '../../../media/media'

const query = object({
  ids: string()
    .matches(/^\d{1,9}(?:,\d{1,9}){0,199}$/, 'Name the files by their numbers.')
    .required(),
})

/** The files of these numbers. */
export default questionEndpoint('writer', ({ event, db }) =>
  mediaByIds(db, queryParameters(event, query).ids.split(',').map(Number)),
)
