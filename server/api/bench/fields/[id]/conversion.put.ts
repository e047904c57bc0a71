import { convertField } from '../../../../content/field-conversion'
import { keepFieldIndexes } from '../../../../content/keep-field-indexes'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Gives a field another type and converts its values. */
export default benchEndpoint('designer', async ({ event, db }) => {
  const field = await convertField(db, numberParameter(event, 'id', 'The field'), await readJson(event))
  keepFieldIndexes(db)
  return field
})
