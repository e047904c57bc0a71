import { object, string } from 'yup'
import type { NamedEntry } from '../../../../core/content/answers'
import { questionEndpoint } from '../../../http/endpoint'
import { queryParameters } from '../../../http/parameters'

const query = object({
  ids: string()
    .matches(/^\d{1,9}(?:,\d{1,9}){0,199}$/, 'Name the entries by their numbers.')
    .required(),
})

/** What these entries are called and begin with, for naming those that are referred to. */
export default questionEndpoint('writer', ({ event, db }): Promise<readonly NamedEntry[]> =>
  db
    .selectFrom('entries')
    .select(['id', 'title', 'summary', 'picture_id as pictureId'])
    .where('id', 'in', queryParameters(event, query).ids.split(',').map(Number))
    .where('deleted_at', 'is', null)
    .execute(),
)
