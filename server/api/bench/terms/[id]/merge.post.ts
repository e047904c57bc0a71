import { object } from 'yup'
import { idSchema } from '../../../../../core/schemas'
import { parseWith } from '../../../../../core/parsing'
import { mergeTerm } from '../../../../content/terms'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { accepted } from '../../../../http/problem'

const schema = object({ into: idSchema().required('Choose the term to merge into.') })
  .noUnknown()
  .required()

/** Makes one term of two. */
export default benchEndpoint('designer', async ({ event, db, account }) => {
  const { into } = accepted(parseWith(schema, await readJson(event)))
  return mergeTerm(db, numberParameter(event, 'id', 'The term'), into, account)
})
