import { benchEndpoint } from '../../http/endpoint'

/** The pictures there are, newest first. */
export default benchEndpoint('writer', ({ db }) =>
  db
    .selectFrom('media')
    .select(['id', 'hash', 'width', 'height', 'alternative', 'tint', 'file_name as fileName'])
    .orderBy('id', 'desc')
    .limit(500)
    .execute(),
)
