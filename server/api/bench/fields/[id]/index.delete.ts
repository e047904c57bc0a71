import { setFieldDeleted } from '../../../../content/field-writing'
import { keepFieldIndexes } from '../../../../content/keep-field-indexes'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Takes a field out of its collection; the values stay, and it can be put back. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setFieldDeleted(db, numberParameter(event, 'id', 'The field'), true)
  keepFieldIndexes(db)
  return { deleted: true }
})
