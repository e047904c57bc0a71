import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { addAuthor } from '../../../people/authors'

/** Adds an author. */
export default benchEndpoint('writer', async ({ event, db }) => addAuthor(db, await readJson(event)))
