import { array, number, object } from 'yup'
import { parseWith } from '../../../../../../core/parsing'
import { orderFields } from '../../../../../content/field-writing'
import { benchEndpoint, readJson } from '../../../../../http/endpoint'
import { numberParameter } from '../../../../../http/parameters'
import { accepted } from '../../../../../http/problem'

const schema = object({ ids: array(number().integer().positive().required()).required() }).noUnknown().required()

/** Puts the fields of a collection in an order. */
export default benchEndpoint('designer', async ({ event, db }) => {
  const { ids } = accepted(parseWith(schema, await readJson(event)))
  await orderFields(db, numberParameter(event, 'id', 'The collection'), ids)
  return { ids }
})
