import { setEntryDeleted } from '../../../../content/entries'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Puts a deleted entry back. */
export default benchEndpoint('writer', async ({ event, db }) => {
  await setEntryDeleted(db, numberParameter(event, 'id', 'The entry'), false)
  return { deleted: false }
})
