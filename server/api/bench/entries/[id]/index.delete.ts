import { setEntryDeleted } from '../../../../content/entries'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Deletes an entry; it can be put back. */
export default benchEndpoint('writer', async ({ event, db }) => {
  await setEntryDeleted(db, numberParameter(event, 'id', 'The entry'), true)
  return { deleted: true }
})
