import { addField } from '../../../../../content/field-writing'
import { keepFieldIndexes } from '../../../../../content/keep-field-indexes'
import { readJson } from '../../../../../http/body'
import { benchEndpoint } from '../../../../../http/endpoint'
import { numberParameter } from '../../../../../http/parameters'

/** Adds a field to a collection. */
export default benchEndpoint('designer', async ({ event, db }) => {
  const field = await addField(db, numberParameter(event, 'id', 'The collection'), await readJson(event))
  keepFieldIndexes(db)
  return field
})
