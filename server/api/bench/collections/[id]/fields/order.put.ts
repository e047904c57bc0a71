import { array, object } from 'yup'
import { idSchema } from '../../../../../../core/schemas'
import { parseWith } from '../../../../../../core/parsing'
import { orderFields } from '../../../../../content/field-writing'
import { readJson } from '../../../../../http/body'
import { benchEndpoint } from '../../../../../http/endpoint'
import { numberParameter } from '../../../../../http/parameters'
import { accepted } from '../../../../../http/problem'

const schema = object({ ids: array(idSchema().required()).required() })
  .noUnknown()
  .required()

/** Puts the fields of a collection in an order. */
export default benchEndpoint('designer', async ({ event, db }) => {
  const { ids } = accepted(parseWith(schema, await readJson(event)))
  await orderFields(db, numberParameter(event, 'id', 'The collection'), ids)
  return { ids }
})
