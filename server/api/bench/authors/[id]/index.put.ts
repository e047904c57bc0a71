import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { saveAuthor } from '../../../../people/authors'

/** Changes what is said about an author. */
export default benchEndpoint('writer', async ({ event, db }) => {
  await saveAuthor(db, numberParameter(event, 'id', 'The author'), await readJson(event))
  return { saved: true }
})
