import { saveField } from '../../../../content/field-writing'
import { keepFieldIndexes } from '../../../../content/keep-field-indexes'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Changes a field, but not its type. */
export default benchEndpoint('designer', async ({ event, db }) => {
  const field = await saveField(db, numberParameter(event, 'id', 'The field'), await readJson(event))
  keepFieldIndexes(db)
  return field
})
