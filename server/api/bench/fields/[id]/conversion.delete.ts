import { undoConversion } from '../../../../content/field-conversion'
import { keepFieldIndexes } from '../../../../content/keep-field-indexes'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Takes the last change of a field's type back, with the values there were. */
export default benchEndpoint('designer', async ({ event, db }) => {
  const field = await undoConversion(db, numberParameter(event, 'id', 'The field'))
  keepFieldIndexes(db)
  return field
})
