import { setFieldDeleted } from '../../../../content/field-writing'
import { keepFieldIndexes } from '../../../../content/keep-field-indexes'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Puts a deleted field back with its values. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setFieldDeleted(db, numberParameter(event, 'id', 'The field'), false)
  keepFieldIndexes(db)
  return { deleted: false }
})
