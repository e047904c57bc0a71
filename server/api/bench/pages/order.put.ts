import { array, object } from 'yup'
import { parseWith } from '../../../../core/parsing'
import { idSchema } from '../../../../core/schemas'
import { readJson } from '../../../http/body'
import { benchEndpoint } from '../../../http/endpoint'
import { accepted } from '../../../http/problem'
import { orderPages } from '../../../pages/making-pages'

const schema = object({ ids: array(idSchema().required()).max(5000).required() })
  .noUnknown()
  .required()

/** Puts the pages into another order. */
export default benchEndpoint('designer', async ({ event, db }) => {
  const { ids } = accepted(parseWith(schema, await readJson(event)))
  await orderPages(db, ids)
  return { ordered: true }
})
