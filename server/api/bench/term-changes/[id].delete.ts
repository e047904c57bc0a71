import { undoTermChange } from '../../../content/terms'
import { benchEndpoint } from '../../../http/endpoint'
import { uuidParameter } from '../../../http/parameters'

/** Brings back a term that was deleted or merged. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await undoTermChange(db, uuidParameter(event, 'id', 'The change'))
  return { undone: true }
})
