import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { setAuthorDeleted } from '../../../../people/authors'

/** Takes an author away; they can be put back. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setAuthorDeleted(db, numberParameter(event, 'id', 'The author'), true)
  return { deleted: true }
})
