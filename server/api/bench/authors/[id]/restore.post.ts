import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { setAuthorDeleted } from '../../../../people/authors'

/** Puts an author back on the entries that named them. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setAuthorDeleted(db, numberParameter(event, 'id', 'The author'), false)
  return { deleted: false }
})
